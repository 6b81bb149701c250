'use client'

import { DatePicker } from 'antd'
import dayjs from 'dayjs'
import { useState } from 'react'
import type { Day } from '@/core/units'

/** A day that may be left open, as a field of a form: it is sent as year-month-day, whatever it is shown as. */
export function AskedDay({ label, name, day }: { label: string; name: string; day: Day | undefined }) {
  const [value, setValue] = useState(day)
  return (
    <label className="kv-field">
      {label}
      <DatePicker
        value={value === undefined ? null : dayjs(value)}
        format="D MMM YYYY"
        placeholder="any day"
        onChange={(next) => setValue(next?.format('YYYY-MM-DD'))}
      />
      {value !== undefined && <input type="hidden" name={name} value={value} />}
    </label>
  )
}
