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
    const on = hours[day]
    const { [day]: _, ...others } = hours
    const set = (change: Partial<Hours>) => onChange({ ...hours, [day]: { ...(on ?? usual), ...change } })
    return (
      <div key={day} className={styles.hours}>
        <button
          type="button"
          className="kv-chip"
          aria-pressed={on !== undefined}
          onClick={() => (on ? onChange(others) : set({}))}
        >
          {day}
        </button>
        {on ? (
          <>
            <input
              key={on.from}
              type="time"
              aria-label={`${of}, ${day} from`}
              defaultValue={on.from}
              onBlur={(event) => event.target.value !== on.from && set({ from: event.target.value })}
            />
            to
            <input
              key={on.to}
              type="time"
              aria-label={`${of}, ${day} to`}
              defaultValue={on.to}
              onBlur={(event) => event.target.value !== on.to && set({ to: event.target.value })}
            />
          </>
        ) : (
          <span className="kv-quiet">{none}</span>
        )}
      </div>
    )
  })
}
