import Link from 'next/link'
import type { PlannedStage } from '@/core/stages'
import type { Visit } from '@/core/visit'
import { houseClock } from '@/core/clock'
import type { BenchView } from './props'
import styles from './bench.module.css'

interface TopProps extends BenchView {
  visit: Visit
  stage: PlannedStage | null
  waiting: number
}

/** Whose groom this is, how far along, what still has to be sent, and the clock. */
export function BenchTop({ dog, plan, groomer, visit, stage, waiting, nowMs, timeZone }: TopProps) {
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
      <p role="status">{waiting > 0 ? `Kept here, ${waiting} ${waiting === 1 ? 'note' : 'notes'} to send.` : ''}</p>
      <time>{houseClock(timeZone).clock(nowMs)}</time>
    </header>
  )
}
