'use client'

import { useState } from 'react'
import type { Visit } from '@/core/visit'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

interface RowProps {
  lastKg: number
  visit: Visit
  add: (happening: Happening) => void
}

/** More than this of its weight up or down since last time is worth a word to the owner. Source: from memory. */
const WORTH_A_WORD = 0.1

/** On the scale at arrival; a large change since last time is said. */
export function WeighRow({ lastKg, visit, add }: RowProps) {
  const [kg, setKg] = useState(visit.weightKg ?? lastKg)
  const move = (by: number) => setKg((now) => Math.max(0.3, Math.round((now + by) * 10) / 10))
  const change = (kg - lastKg) / lastKg
  return (
    <div role="group" aria-label="Weight">
      <p>
        <b>Weight:</b>{' '}
        {visit.weightKg === null ? `${lastKg} kg last time` : `${visit.weightKg} kg today, ${lastKg} before`}
        {Math.abs(change) > WORTH_A_WORD && (
          <span className="kv-caution">
            , {Math.round(Math.abs(change) * 100)} % {change > 0 ? 'more' : 'less'}: tell the owner
          </span>
        )}
      </p>
      <div className={styles.grades}>
        <button aria-label="Lighter" onClick={() => move(-0.1)}>
          −
        </button>
        <output>{kg.toFixed(1)}</output>
        <button aria-label="Heavier" onClick={() => move(0.1)}>
          +
        </button>
        <button aria-label="Keep the weight" onClick={() => add({ kind: 'weighed', weightKg: kg })}>
          Keep
        </button>
      </div>
    </div>
  )
}
