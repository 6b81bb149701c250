import Link from 'next/link'
import type { PlannedStage } from '@/core/stages'
import type { Visit } from '@/core/visit'
import { houseClock } from '@/core/clock'
import { HonestLine } from '../device/HonestLine'
import { WhoChip } from '../who/WhoChip'
import type { BenchView } from './props'
import type { VisitLog } from './useVisitLog'
import styles from './bench.module.css'

interface TopProps extends BenchView {
  visit: Visit
  stage: PlannedStage | null
  kept: Pick<VisitLog, 'waiting' | 'loose' | 'aside' | 'refusedPhotos'>
  onMend: () => void
}

/** Whose groom this is, how far along, what still has to be sent, and the clock. */
export function BenchTop({ dog, plan, groomer, visit, stage, kept, onMend, nowMs, timeZone }: TopProps) {
  const where = stage
    ? `stage ${plan.stages.indexOf(stage) + 1} of ${plan.stages.length}`
    : visit.finishedMs
      ? 'done'
      : 'not begun'
  return (
    <header className={styles.top}>
      <p>
        <Link href="/" className={styles.back}>
          Day
        </Link>
        <b>{dog.name}</b> {where}, {groomer}
      </p>
      <HonestLine kept={{ ...kept, aside: kept.aside.length + kept.refusedPhotos.length }} timeZone={timeZone} />
      <WhoChip />
      <button className={styles.mend} onClick={onMend}>
        Mend
      </button>
      <time>{houseClock(timeZone).clock(nowMs)}</time>
    </header>
  )
}
