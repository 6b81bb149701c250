import { visitSegments } from '@/core/strip'
import { forecast, type Visit } from '@/core/visit'
import { Tape } from '../tape'
import { houseClock } from '@/core/clock'
import { CatchUpRow } from './CatchUpRow'
import type { BenchView } from './props'
import type { Happening } from './useVisitLog'
import { useWidth } from './useWidth'
import styles from './bench.module.css'

const TAPE_PX = 1224
const TAPE_EDGES = 40
const toMin = (ms: number) => ms / 60_000

/** The slot as a tape: what happened, what is under way, what is to come, and the finish it leads to. */
export function SlotNow(props: BenchView & { visit: Visit; add: (happening: Happening) => void }) {
  const { dog, plan, plannedCase, visit, nowMs, slotStartMs, slotMin, timeZone } = props
  const { ref, width } = useWidth(TAPE_PX)
  const time = houseClock(timeZone)
  const slotEndMs = slotStartMs + slotMin * 60_000
  const open = visit.finishedMs === null
  const ahead = forecast(plan.stages, visit, slotEndMs, nowMs, plannedCase.pace ?? null)
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
          <span>, slot {time.clock(slotEndMs)}</span>
        </p>
      </div>
      <CatchUpRow {...props} ahead={ahead} slotEndMs={slotEndMs} />
      <div className={styles.tape} ref={ref}>
        <Tape
          label={`${dog.name}, as it goes`}
          slotMin={slotMin}
          segments={segments}
          pxPerMin={(width - TAPE_EDGES) / (extentMin + leadMin)}
          height={70}
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
