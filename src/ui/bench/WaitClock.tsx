'use client'

import { CABINET_CHECK_MIN } from '@/core/care'
import { useAlarm } from './useAlarm'
import { showSpan } from '../time/houseTime'
import { IN_CABINET } from './waits'
import styles from './bench.module.css'

const SOON_MS = 60_000
const CHECK_MS = CABINET_CHECK_MIN * 60_000

/** A wait that keeps its place and size: teal in the last minute, filled when it is over. */
export function WaitClock({
  name,
  what,
  untilMs,
  nowMs,
  href,
}: {
  name: string
  what: string
  untilMs: number
  nowMs: number
  href?: string
}) {
  useAlarm(untilMs, nowMs)
  const leftMs = untilMs - nowMs
  const state = leftMs <= 0 ? 'over' : leftMs < SOON_MS ? 'soon' : 'runs'
  const inside = (
    <>
      <span>
        <b>{name}</b> {what}
        {what === IN_CABINET && leftMs > 0 && <>, look in within {showSpan(leftMs % CHECK_MS)}</>}
      </span>
      <b className={styles.waitFigure}>{leftMs <= 0 ? `+${showSpan(-leftMs)}` : showSpan(leftMs)}</b>
    </>
  )
  return href ? (
    <a className={styles.wait} data-state={state} href={href}>
      {inside}
    </a>
  ) : (
    <div className={styles.wait} data-state={state}>
      {inside}
    </div>
  )
}
