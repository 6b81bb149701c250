'use client'

import { useState } from 'react'
import { houseClock } from '@/core/clock'
import { stageLabel, type PlannedStage } from '@/core/stages'
import { overlong, type Visit } from '@/core/visit'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

interface LeftRunningProps {
  planned: readonly PlannedStage[]
  visit: Visit
  lastTapMs: number
  nowMs: number
  timeZone: string
  add: (happening: Happening) => void
}

/** A stage that was probably left running over a break is asked about, never changed by itself. */
export function LeftRunning({ planned, visit, lastTapMs, nowMs, timeZone, add }: LeftRunningProps) {
  const [answered, setAnswered] = useState<number | null>(null)
  const long = overlong(planned, visit, lastTapMs, nowMs)
  if (!long || answered === long.quietSinceMs) return null
  const since = houseClock(timeZone).clock(long.quietSinceMs)
  const rested = () => add({ kind: 'rested', fromMs: long.quietSinceMs, toMs: Math.round(nowMs) })
  return (
    <div className={styles.missed} role="alert">
      <b>
        {stageLabel(long.stage)} has run {Math.round(long.ranMin)} min, planned {Math.round(long.plannedMin)}. Was there
        a break?
      </b>
      <span className={styles.missedActs}>
        <button onClick={rested}>A break from {since} until now</button>
        <button onClick={() => setAnswered(long.quietSinceMs)}>No, hands all the time</button>
      </span>
    </div>
  )
}
