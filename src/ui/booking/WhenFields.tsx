import { Select } from 'antd'
import type { Day } from '@/core/units'
import { ClockField, DayField } from '../field/DayField'
import styles from './booking.module.css'

interface When {
  day: Day
  clock: string
  staffId: number
}

interface WhenProps {
  when: When
  people: readonly { id: number; name: string }[]
  onChange: (change: Partial<When>) => void
  /** The first day that can be chosen. */
  from?: Day
}

/** The day, the start, and whose hands. */
export const WhenFields = ({ when, people, onChange, from }: WhenProps) => (
  <div className={styles.when}>
    <DayField label="Day" value={when.day} onChange={(day) => onChange({ day })} {...(from ? { from } : {})} />
    <ClockField label="Start" value={when.clock} onChange={(clock) => onChange({ clock })} />
    <label>
      Groomer
      <Select
        style={{ width: '100%' }}
        value={when.staffId}
        options={people.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(staffId) => onChange({ staffId })}
      />
    </label>
  </div>
)
