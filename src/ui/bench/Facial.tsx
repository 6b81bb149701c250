import { FACIAL_MIN } from '@/core/bath'
import type { StageId } from '@/core/stages'
import type { Visit } from '@/core/visit'
import type { Happening } from './useVisitLog'
import { WaitClock } from './WaitClock'
import styles from './bench.module.css'

interface FacialProps {
  name: string
  stage: StageId
  visit: Visit
  nowMs: number
  add: (happening: Happening) => void
}

/** Where it is put on, and where it still is. Source: common practice. */
const ON_AT: readonly StageId[] = ['wash', 'second-wash']
const STILL_ON: readonly StageId[] = ['wash', 'second-wash', 'condition', 'rinse']

/** A facial works while the body is shampooed: one tap when it is on, and a clock that rings when it may come off. */
export function Facial({ name, stage, visit, nowMs, add }: FacialProps) {
  if (visit.facialMs !== null)
    return STILL_ON.includes(stage) ? (
      <WaitClock
        name={name}
        wait={{ stage: 'facial', fromMs: visit.facialMs, untilMs: visit.facialMs + FACIAL_MIN * 60_000 }}
        nowMs={nowMs}
      />
    ) : null
  if (!ON_AT.includes(stage)) return null
  return (
    <div className={styles.ways}>
      <button onClick={() => add({ kind: 'facial-on' })}>Facial is on, {FACIAL_MIN} min</button>
    </div>
  )
}
