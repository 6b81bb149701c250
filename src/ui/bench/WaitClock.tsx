'use client'

import { CABINET_CHECK_MIN } from '@/core/time'
import { useAlarm } from './useAlarm'
import { showSpan } from '@/core/clock'
import type { ShownWait } from './waits'
import styles from './bench.module.css'

const SOON_MS = 60_000
const CHECK_MS = CABINET_CHECK_MIN * 60_000

interface ClockProps {
  name: string
  wait: ShownWait
  nowMs: number
  href?: string
  /** The key that leads there. */
  digit?: number
}

/** A wait that keeps its place and size: teal in the last minute, filled when it is over. A dog in the cabinet is looked in on meanwhile. */
export function WaitClock({ name, wait: { stage, fromMs, untilMs }, nowMs, href, digit }: ClockProps) {
  const leftMs = untilMs - nowMs
  const sinceMs = nowMs - fromMs
  const checks = stage === 'dry' && leftMs > 0
  useAlarm(
    `${name} ${stage}`,
    checks ? fromMs + Math.max(1, Math.floor(sinceMs / CHECK_MS)) * CHECK_MS : untilMs,
    nowMs,
  )
  const checkIsDue = sinceMs >= CHECK_MS && sinceMs % CHECK_MS < SOON_MS
  const state = leftMs <= 0 ? 'over' : leftMs < SOON_MS || (checks && checkIsDue) ? 'soon' : 'runs'
  const inside = (
    <>
      <span>
        {digit && <kbd>{digit}</kbd>} <b>{name}</b> {whatRuns(stage)}
        {checks &&
          (checkIsDue ? <b>, look in now</b> : <>, look in within {showSpan(CHECK_MS - (sinceMs % CHECK_MS))}</>)}
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

function whatRuns(stage: ShownWait['stage']): string {
  if (stage === 'dry') return 'in the cabinet'
  return stage === 'facial' ? 'facial works' : 'conditioner works'
}
