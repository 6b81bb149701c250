import Link from 'next/link'
import { useState, type ReactNode } from 'react'
import type { PlannedStage } from '@/core/stages'
import type { Visit } from '@/core/visit'
import { houseClock } from '@/core/clock'
import { HonestLine } from '../device/HonestLine'
import { Sheet } from '../frame/Sheet'
import type { BenchView } from './props'
import type { VisitLog } from './useVisitLog'
import styles from './bench.module.css'

interface TopProps extends BenchView {
  visit: Visit
  stage: PlannedStage | null
  kept: Pick<VisitLog, 'waiting' | 'loose' | 'aside' | 'refusedPhotos'>
  children: ReactNode
}

/** Whose groom this is, how far along, what still has to be sent, and the clock; what else can be done stands beside it, on a phone behind one word. */
export function BenchTop({ dog, plan, groomer, visit, stage, kept, nowMs, timeZone, children }: TopProps) {
  const [more, setMore] = useState(false)
  const where = stage
    ? `${plan.stages.indexOf(stage) + 1} of ${plan.stages.length}`
    : visit.finishedMs
      ? 'done'
      : 'not begun'
  return (
    <header className={styles.top}>
      <p className={styles.whose}>
        <Link href="/" className={styles.back}>
          Day
        </Link>
        <span>
          <b>{dog.name}</b> {stage && <span className={styles.stageWord}>stage </span>}
          {where}
          <span className={styles.groomer}>, {groomer}</span>
        </span>
      </p>
      <HonestLine kept={{ ...kept, aside: kept.aside.length + kept.refusedPhotos.length }} timeZone={timeZone} />
      <div className={styles.besides}>{children}</div>
      <button className={styles.moreActs} aria-haspopup="dialog" onClick={() => setMore(true)}>
        More
      </button>
      <time>{houseClock(timeZone).clock(nowMs)}</time>
      {more && (
        <Sheet title="More" onClose={() => setMore(false)}>
          <div className={styles.moreList} onClick={() => setMore(false)}>
            {children}
          </div>
        </Sheet>
      )}
    </header>
  )
}
