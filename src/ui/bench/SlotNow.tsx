import { visitSegments } from '@/core/strip'
import type { Forecast, Visit } from '@/core/visit'
import { Tape } from '../tape'
import { houseClock } from '@/core/clock'
import type { BenchView } from './props'
import { useSize } from '../screen/useSize'
import styles from './bench.module.css'

const TAPE_PX = 1224
const TAPE_EDGES = 40
/** A phone's tape is lower. */
const NARROW_PX = 560
const toMin = (ms: number) => ms / 60_000

/** The slot as a tape: what happened, what is under way, what is to come, and the finish it leads to. */
export function SlotNow(props: BenchView & { visit: Visit; ahead: Forecast; slotEndMs: number }) {
  const { dog, plan, visit, nowMs, slotStartMs, slotMin, slotEndMs, timeZone, ahead } = props
  const { ref, width } = useSize(TAPE_PX)
  const time = houseClock(timeZone)
  const open = visit.finishedMs === null
  const late = open && ahead.likelyMs > slotEndMs
  const segments = visitSegments(plan, visit, slotStartMs, nowMs)
  const extentMin = Math.max(slotMin, open ? toMin(ahead.lateMs - slotStartMs) : 0, segments.at(-1)?.toMin ?? 0)
  const leadMin = Math.max(0, -(segments[0]?.fromMin ?? 0))
  const words =
    visit.finishedMs === null
      ? `Done ${time.clock(ahead.likelyMs)} to ${time.clock(ahead.lateMs)}`
      : `Done ${time.clock(visit.finishedMs)}`
  return (
    <section className={styles.slot} aria-label="The slot">
      <div className={styles.forecast}>
        <p>
          {late ? (
            <b>{Math.round(toMin(ahead.likelyMs - slotEndMs))} min past the slot</b>
          ) : (
            open && `${Math.round(ahead.chance * 100)} % to be done by ${time.clock(slotEndMs)}`
          )}
        </p>
        <p className={late ? styles.late : styles.done}>
          {words}
          <span> slot {time.clock(slotEndMs)}</span>
        </p>
      </div>
      <div className={styles.tape} ref={ref}>
        <Tape
          label={`${dog.name}, as it goes`}
          slotMin={slotMin}
          segments={segments}
          pxPerMin={(width - TAPE_EDGES) / (extentMin + leadMin)}
          height={width < NARROW_PX ? 46 : 74}
          textPx={18}
          extentMin={extentMin}
          leadMin={leadMin}
          forecast={open ? { p50: toMin(ahead.likelyMs - slotStartMs), p90: toMin(ahead.lateMs - slotStartMs) } : null}
          nowMin={open ? toMin(nowMs - slotStartMs) : null}
          figure={(min) => String(Math.round(min))}
        />
      </div>
    </section>
  )
}
