'use client'

import { useState } from 'react'
import { byHand, cutIn, toolWords, type Cut, type Kit } from '@/core/lengths'
import type { Case, Plan } from '@/core/plan'
import type { LengthUnit } from '@/core/units'
import type { Visit } from '@/core/visit'
import { zoneLabel, type Side, type ZoneId } from '@/core/zones'
import { showFigure, unitWord } from '../coat-map'
import { CutPicker } from '../cut/CutPicker'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

interface PanelProps {
  zone: ZoneId
  plan: Plan
  plannedCase: Case
  visit: Visit
  kit: Kit
  unit: LengthUnit
  add: (happening: Happening) => void
  close: () => void
}

/** What was really cut at one zone, when it is not what was planned. */
export function ZonePanel({ zone, plan, plannedCase, visit, kit, unit, add, close }: PanelProps) {
  const entries = plan.card.filter((entry) => entry.zone === zone)
  const before = visit.cuts.findLast((cut) => cut.zone === zone)
  const [side, setSide] = useState<Side | null>(before?.side ?? null)
  const planned = entries.find((entry) => entry.side === side) ?? entries[0]
  const [cut, setCut] = useState<Cut | null>(before ? cutIn(before) : planned ? worked(cutIn(planned)) : null)
  if (!planned || !cut) return null
  const save = () => {
    add({ kind: 'zone-cut', cut: { zone, side, ...cut } })
    close()
  }
  return (
    <div className={styles.panel} role="dialog" aria-label={zoneLabel(zone)}>
      <p>
        <b>{zoneLabel(zone)}</b>: {plannedWords(entries, unit)} planned. What was cut?
      </p>
      <CutPicker
        zone={zone}
        side={side}
        cut={cut}
        kit={kit}
        known={plannedCase}
        unit={unit}
        onCut={setCut}
        onSide={setSide}
      />
      <div className={styles.quick}>
        <button onClick={close}>As planned</button>
        <button className={styles.keep} onClick={save}>
          Keep {showFigure(cut.lengthMm, unit)} {unitWord(unit)}
        </button>
      </div>
    </div>
  )
}

/** What was to be left and was cut all the same, was cut by scissors. */
const worked = (cut: Cut): Cut => (cut.method === 'leave' ? byHand('scissor', cut.lengthMm) : cut)

/** `left scissors, 24 mm; right scissors, 20 mm` */
const plannedWords = (entries: Plan['card'], unit: LengthUnit): string =>
  entries
    .map((entry) => {
      const figure = `${showFigure(entry.lengthMm, unit)} ${unitWord(unit)}`
      return `${entry.side ? `${entry.side} ` : ''}${toolWords(entry)}, ${figure}`
    })
    .join('; ')
