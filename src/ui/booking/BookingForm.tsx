import { outsideHours, weekdayOf } from '@/core/people'
import { showDay } from '@/core/units'
import { TextField } from '../field/TextField'
import { AgainChoice } from './AgainChoice'
import type { BookProps } from './props'
import type { Booking } from './useBooking'
import { WhenFields } from './WhenFields'
import styles from './booking.module.css'

interface FormProps {
  booking: Booking
  staff: BookProps['staff']
  dogName: string
  today: string
}

/** The times that fit, or another one; where, with whom of the household, and how often. */
export function BookingForm({ booking, staff, dogName, today }: FormProps) {
  const { times, asked, set, clash, fault, groomers } = booking
  const chosen = staff.find(({ id }) => id === asked.staffId)
  const outside = chosen?.work ? outsideHours(chosen.work, asked.day, asked.clock, 0) : null
  return (
    <div className={styles.form}>
      <Offers booking={booking} staff={staff} />
      <WhenFields when={asked} people={groomers} from={today} onChange={set} />
      <div className={styles.chips}>
        <Chip on={asked.tidy} press={() => set({ tidy: !asked.tidy })} label="Bath and tidy" />
        <Chip on={asked.sameAsLast} press={() => set({ sameAsLast: !asked.sameAsLast })} label="Same as last time" />
        <Chip
          on={asked.standing === 'asked'}
          press={() => set({ standing: asked.standing === 'asked' ? 'booked' : 'asked' })}
          label="Asked for, not promised"
        />
        {times?.works === 'both' && (
          <Chip
            on={asked.setting === 'mobile'}
            press={() => set({ setting: asked.setting === 'mobile' ? 'salon' : 'mobile' })}
            label="With the van"
          />
        )}
      </div>
      {asked.setting === 'mobile' && <HomeStop booking={booking} />}
      {times && times.others.length > 0 && asked.again.kind === 'once' && <Others booking={booking} />}
      <AgainChoice
        dogName={dogName}
        again={asked.again}
        usual={times?.everyWeeks ?? null}
        set={(again) => set({ again })}
      />
      <p className="kv-small">The slot is the shortest that this dog’s own plan holds at the house’s chance.</p>
      {outside && (
        <p role="status" className="kv-caution">
          {chosen?.name} {outside}.
        </p>
      )}
      {clash && (
        <p role="alert" className="kv-caution">
          {clash} Choose another time, or book it anyway.
        </p>
      )}
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
    </div>
  )
}

const Chip = ({ on, press, label }: { on: boolean; press: () => void; label: string }) => (
  <button type="button" className="kv-chip" aria-pressed={on} onClick={press}>
    {label}
  </button>
)

/** The three best starts, each with what speaks for it. */
function Offers({ booking: { times, looking, problem, asked, set }, staff }: Pick<FormProps, 'booking' | 'staff'>) {
  if (looking || !times)
    return <p className={`kv-quiet ${styles.looking}`}>{looking ? 'Looking for the times that fit.' : problem}</p>
  if (times.offered.length === 0)
    return (
      <p className="kv-quiet">No free time holds it in the weeks around {showDay(times.around)}. Choose one below.</p>
    )
  const nameOf = (id: number) => staff.find((each) => each.id === id)?.name ?? ''
  return (
    <div role="radiogroup" aria-label="Times that fit" className={styles.offers}>
      {times.offered.map(({ day, clock, staffId, slotMin, percent, why }) => (
        <button
          key={`${day} ${clock} ${staffId}`}
          type="button"
          role="radio"
          aria-checked={asked.day === day && asked.clock === clock && asked.staffId === staffId}
          className={styles.offer}
          onClick={() => set({ day, clock, staffId })}
        >
          <b>
            {weekdayOf(day)} {showDay(day)} {clock}
          </b>
          <span>{nameOf(staffId)}</span>
          <span>
            {slotMin} min, holds {percent} %, {why}
          </span>
        </button>
      ))}
    </div>
  )
}

/** Where the van stops, when its people are there, and what the bath takes of the tank. */
function HomeStop({ booking: { times, asked, set } }: { booking: Booking }) {
  const { home } = asked
  const put = (change: Partial<typeof home>) => set({ home: { ...home, ...change } })
  return (
    <div className={styles.when}>
      <TextField label="Where the van stops" value={home.place} onChange={(place) => put({ place })} />
      <label className="kv-field">
        They are there from
        <input
          type="time"
          className="kv-select"
          value={home.from}
          onChange={(event) => put({ from: event.target.value })}
        />
      </label>
      <label className="kv-field">
        until
        <input
          type="time"
          className="kv-select"
          value={home.to}
          onChange={(event) => put({ to: event.target.value })}
        />
      </label>
      {times && (
        <p className="kv-small">
          Takes {times.waterLitres} l of the tank’s {times.tankLitres}.
        </p>
      )}
    </div>
  )
}

/** The household's other dogs, in one go. */
function Others({ booking: { times, asked, set, groomers } }: { booking: Booking }) {
  const other = groomers.find(({ id }) => id !== asked.staffId)
  const put = (dogId: number, how: 'beside' | 'after' | null) => {
    const { [dogId]: _, ...rest } = asked.others
    const staffId = how === 'beside' ? (other?.id ?? asked.staffId) : asked.staffId
    set({ others: how === null ? rest : { ...rest, [dogId]: { how, staffId } } })
  }
  return (
    <div className={styles.others}>
      {times?.others.map(({ dogId, name }) => {
        const how = asked.others[dogId]?.how ?? null
        return (
          <p key={dogId} role="group" aria-label={`${name} as well`} className={styles.chips}>
            <span>{name} as well:</span>
            <Chip on={how === null} press={() => put(dogId, null)} label="not now" />
            <Chip on={how === 'after'} press={() => put(dogId, 'after')} label="one after the other" />
            {other && (
              <Chip on={how === 'beside'} press={() => put(dogId, 'beside')} label={`side by side, ${other.name}`} />
            )}
          </p>
        )
      })}
    </div>
  )
}
