'use client'

import { useState } from 'react'
import type { Finding } from '@/core/health'
import { MAX_LENGTH_MM } from '@/core/lengths'
import { MAT_WORDS } from '@/core/coat'
import { ruleStepMm } from '@/core/units'
import { coatToday } from '@/core/plan'
import type { Visit } from '@/core/visit'
import { zoneLabel, type ZoneId } from '@/core/zones'
import { showFigure, unitWord } from '../coat-map'
import { freshAt } from './FindingPanel'
import type { BenchView } from './props'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

interface PanelProps extends Omit<BenchView, 'others'> {
  zone: ZoneId
  visit: Visit
  add: (happening: Happening) => void
  close: () => void
  find: (from: Finding) => void
}

const STEPS_MM = [-5, -1, 1, 5]

/** One place under the hand at the look-over: how long the coat is there, how matted, and what was found. */
export function PlacePanel({ zone, plannedCase, unit, visit, add, close, find }: PanelProps) {
  const known = visit.measuredMm[zone] ?? coatToday(plannedCase).get(zone) ?? 0
  const [lengthMm, setLengthMm] = useState(Math.round(known))
  const step = ruleStepMm(unit)
  const move = (by: number) =>
    setLengthMm((mm) => Math.min(MAX_LENGTH_MM, Math.max(0, Number((mm + by * step).toFixed(2)))))
  const graded = visit.mats[zone] ?? plannedCase.mats?.[zone]
  return (
    <div className={styles.panel} role="dialog" aria-label={zoneLabel(zone)}>
      <div className={styles.quick} role="group" aria-label="Coat">
        <b>{zoneLabel(zone)}, coat</b>
        {STEPS_MM.map((by) => (
          <button key={by} aria-label={`${Math.abs(by)} ${by < 0 ? 'shorter' : 'longer'}`} onClick={() => move(by)}>
            {by < 0 ? '−' : '+'}
            {Math.abs(by)}
          </button>
        ))}
        <button
          className={styles.keep}
          aria-live="polite"
          onClick={() => {
            add({ kind: 'measured', zone, lengthMm })
            close()
          }}
        >
          Keep {showFigure(lengthMm, unit)} {unitWord(unit)}
        </button>
      </div>
      <b>Mats</b>
      <div className={styles.mats} role="group" aria-label="Mats">
        {MAT_WORDS.map((words, grade) => (
          <button
            key={words}
            aria-pressed={graded === grade}
            onClick={() => {
              add({ kind: 'matted', zone, grade })
              close()
            }}
          >
            {grade} <span>{words}</span>
          </button>
        ))}
      </div>
      <div className={styles.quick}>
        <button onClick={close}>Not now</button>
        <button onClick={() => find(freshAt(zone))}>Something is found here</button>
      </div>
    </div>
  )
}
