'use client'

import { useState } from 'react'
import { MAX_LENGTH_MM, cutLeaving, toolWords, type Kit } from '@/core/lengths'
import type { Plan } from '@/core/plan'
import type { LengthUnit } from '@/core/units'
import type { Visit } from '@/core/visit'
import { isPaired, zoneLabel, type Side, type ZoneId } from '@/core/zones'
import { showFigure, unitWord } from '../coat-map'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

interface PanelProps {
  zone: ZoneId
  plan: Plan
  visit: Visit
  kit: Kit
  unit: LengthUnit
  add: (happening: Happening) => void
  close: () => void
}

/** What was really cut at one zone, when it is not what was planned; one side alone where there are two. */
export function ZonePanel({ zone, plan, visit, kit, unit, add, close }: PanelProps) {
  const planned = plan.card.find((entry) => entry.zone === zone)
  const before = visit.cuts.find((cut) => cut.zone === zone)
  const [lengthMm, setLengthMm] = useState(before?.lengthMm ?? planned?.lengthMm ?? 0)
  const [side, setSide] = useState<Side | null>(before?.side ?? null)
  if (!planned) return null
  const cut = cutLeaving(kit, lengthMm)
  const stepMm = unit === 'mm' ? 1 : 25.4 / 16
  const move = (by: number) => setLengthMm((mm) => Math.min(MAX_LENGTH_MM, Math.max(0, Number((mm + by).toFixed(2)))))
  const save = () => {
    const { method, blade, comb, lay } = planned.lengthMm === lengthMm || !isClipper(planned.method) ? planned : cut
    add({
      kind: 'zone-cut',
      cut: { zone, side, method: method === 'leave' ? 'scissor' : method, blade, comb, lay, lengthMm },
    })
    close()
  }
  return (
    <div className={styles.panel} role="dialog" aria-label={zoneLabel(zone)}>
      <p>
        <b>{zoneLabel(zone)}</b>: {showFigure(planned.lengthMm, unit)} {unitWord(unit)} planned,{' '}
        {toolWords(planned as Parameters<typeof toolWords>[0])}. What was cut?
      </p>
      <div className={styles.quick}>
        <button aria-label="Shorter" onClick={() => move(-stepMm)}>
          −
        </button>
        <output className={styles.length} aria-live="polite">
          {showFigure(lengthMm, unit)} {unitWord(unit)}
        </output>
        <button aria-label="Longer" onClick={() => move(stepMm)}>
          +
        </button>
        {isPaired(zone) &&
          ([null, 'left', 'right'] as const).map((each) => (
            <button key={String(each)} aria-pressed={side === each} onClick={() => setSide(each)}>
              {each === null ? 'Both sides' : each === 'left' ? 'Left' : 'Right'}
            </button>
          ))}
      </div>
      <div className={styles.quick}>
        <button onClick={close}>As planned</button>
        <button className={styles.keep} onClick={save}>
          Keep {showFigure(lengthMm, unit)} {unitWord(unit)}
        </button>
      </div>
    </div>
  )
}

const isClipper = (method: string): boolean => method === 'clip' || method === 'comb'
