import Link from 'next/link'
import { offBooked } from '@/core/book'
import { houseClock } from '@/core/clock'
import { daysBetween } from '@/core/units'
import type { Visit } from '@/core/visit'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

interface SlotAskProps {
  dog: string
  bookedMs: number
  visit: Visit
  nowMs: number
  timeZone: string
  add: (happening: Happening) => void
}

const MS_PER_MIN = 60_000

/** Asks once about a dog that begins early, late or on another day than booked: bring its slot here, or it is the wrong dog. */
export function SlotAsk({ dog, bookedMs, visit, nowMs, timeZone, add }: SlotAskProps) {
  const beginMs = visit.startMs ?? nowMs
  const off = offBooked(bookedMs, beginMs)
  if (off === null || visit.slotStartMs !== null || visit.finishedMs !== null) return null
  const time = houseClock(timeZone)
  const days = daysBetween(time.day(beginMs), time.day(bookedMs))
  const when = days === 0 ? `at ${time.clock(bookedMs)}` : `on ${time.longDay(bookedMs)} at ${time.clock(bookedMs)}`
  const set = (startMs: number) => add({ kind: 'slot-set', startMs, bookedMs })
  const fromMs = Math.floor(beginMs / MS_PER_MIN) * MS_PER_MIN
  return (
    <section className={`kv-notice ${styles.slotAsk}`} aria-label="The booked time">
      <p>
        <b className="kv-caution">
          {dog} is booked {when}
        </b>
        , {offWords(days, off)}.
      </p>
      <button onClick={() => set(fromMs)}>Bring the slot to {time.clock(fromMs)}</button>
      {days === 0 && <button onClick={() => set(bookedMs)}>Leave it at {time.clock(bookedMs)}</button>}
      {visit.startMs === null && <Link href="/">Wrong dog</Link>}
    </section>
  )
}

function offWords(days: number, off: number): string {
  if (days !== 0) {
    const span = Math.abs(days) === 1 ? '1 day' : `${Math.abs(days)} days`
    return days > 0 ? `${span} from today` : `${span} ago`
  }
  return off < 0 ? `${-off} min from now` : `${off} min ago`
}
