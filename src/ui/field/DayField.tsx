import { DatePicker, TimePicker } from 'antd'
import dayjs from 'dayjs'
import type { Day } from '@/core/units'

interface DayFieldProps {
  label: string
  value: Day
  onChange: (day: Day) => void
  /** The first day that can be chosen. */
  from?: Day
}

/** A calendar day: typed, or found in a month. */
export const DayField = ({ label, value, onChange, from }: DayFieldProps) => (
  <label>
    {label}
    <DatePicker
      style={{ width: '100%' }}
      allowClear={false}
      value={dayjs(value)}
      {...(from ? { minDate: dayjs(from) } : {})}
      format="ddd D MMM YYYY"
      onChange={(next) => next && onChange(next.format('YYYY-MM-DD'))}
    />
  </label>
)

/** A clock time, by the quarter of an hour. */
export const ClockField = ({
  label,
  value,
  onChange,
}: {
  label: string
  value: string
  onChange: (clock: string) => void
}) => (
  <label>
    {label}
    <TimePicker
      style={{ width: '100%' }}
      allowClear={false}
      needConfirm={false}
      format="HH:mm"
      minuteStep={15}
      value={dayjs(`2027-01-01 ${value}`)}
      onChange={(next) => next && onChange(next.format('HH:mm'))}
    />
  </label>
)
