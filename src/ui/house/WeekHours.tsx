import { WEEKDAYS, type Hours, type Weekday } from '@/core/people'
import styles from './house.module.css'

type Week = Partial<Record<Weekday, Hours>>

interface WeekProps {
  /** Whose hours they are, for a screen reader. */
  of: string
  hours: Week
  /** What a day begins with when it is opened. */
  usual: Hours
  /** Said of a day without hours. */
  none: string
  onChange: (hours: Week) => void
}

/** Hours by weekday: a day is pressed on or off, its times are typed. */
export function WeekHours({ of, hours, usual, none, onChange }: WeekProps) {
  return WEEKDAYS.map((day) => {
    const { [day]: _, ...others } = hours
    return (
      <HoursRow
        key={day}
        of={of}
        label={day}
        on={hours[day]}
        usual={usual}
        none={none}
        onChange={(next) => onChange(next ? { ...hours, [day]: next } : others)}
      />
    )
  })
}

interface RowProps {
  of: string
  label: string
  on: Hours | undefined
  usual: Hours
  none: string
  /** Undefined is none. */
  onChange: (hours: Hours | undefined) => void
}

/** One stretch of a day that is there or not, with its times. */
export function HoursRow({ of, label, on, usual, none, onChange }: RowProps) {
  const set = (change: Partial<Hours>) => onChange({ ...(on ?? usual), ...change })
  return (
    <div className={styles.hours}>
      <button
        type="button"
        className="kv-chip"
        aria-pressed={on !== undefined}
        onClick={() => (on ? onChange(undefined) : set({}))}
      >
        {label}
      </button>
      {on ? (
        <>
          <input
            key={on.from}
            type="time"
            aria-label={`${of}, ${label} from`}
            defaultValue={on.from}
            onBlur={(event) => event.target.value !== on.from && set({ from: event.target.value })}
          />
          to
          <input
            key={on.to}
            type="time"
            aria-label={`${of}, ${label} to`}
            defaultValue={on.to}
            onBlur={(event) => event.target.value !== on.to && set({ to: event.target.value })}
          />
        </>
      ) : (
        <span className="kv-quiet">{none}</span>
      )}
    </div>
  )
}
