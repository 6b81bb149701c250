'use client'

import { houseClock } from '@/core/clock'
import { usePhone } from '../screen/usePhone'
import { DayBoard } from './DayBoard'
import { DayDown } from './DayDown'
import type { DayRow } from './dayRow'
import styles from './day.module.css'

/** The day on its clock: tapes beside each other in time on a desk, hanging down on a phone. */
export function DayPicture({ timeZone, ...day }: { rows: readonly DayRow[]; timeZone: string; nowMs: number | null }) {
  const phone = usePhone()
  const time = houseClock(timeZone)
  // Until the browser says how wide it is, a phone keeps the place free: the wide board would run out of it.
  return (
    <div className={styles.picture}>{phone ? <DayDown {...day} time={time} /> : <DayBoard {...day} time={time} />}</div>
  )
}
