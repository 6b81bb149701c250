'use client'

import { useState } from 'react'
import {
  MAX_LENGTH_MM,
  byHand,
  cutIn,
  isSameCut,
  ladder,
  rungFrom,
  toolWords,
  type Cut,
  type Kit,
} from '@/core/lengths'
import { coatOn, gateFacts, type Case, type Plan } from '@/core/plan'
import { isSafe } from '@/core/safety'
import { ruleStepMm, type LengthUnit } from '@/core/units'
import type { Visit } from '@/core/visit'
import { SIDES, isPaired, zoneLabel, type Side, type ZoneId } from '@/core/zones'
import { showFigure, unitWord } from '../coat-map'
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

/** So many rungs beside the one in hand are shown as buttons. */
const RUNGS_SHOWN = 5

/** What was really cut at one zone, when it is not what was planned: a tool of the kit, or scissors and a measured length. */
export function ZonePanel({ zone, plan, plannedCase, visit, kit, unit, add, close }: PanelProps) {
  const entries = plan.card.filter((entry) => entry.zone === zone)
  const before = visit.cuts.findLast((cut) => cut.zone === zone)
  const [side, setSide] = useState<Side | null>(before?.side ?? null)
  const planned = entries.find((entry) => entry.side === side) ?? entries[0]
  const [cut, setCut] = useState<Cut | null>(before ? cutIn(before) : planned ? cutIn(planned) : null)
  if (!planned || !cut) return null
  const rungs = safeRungs(kit, plannedCase, zone, side)
  const byTool = cut.method === 'clip' || cut.method === 'comb'
  const figure = `${showFigure(cut.lengthMm, unit)} ${unitWord(unit)}`
  const step = (by: 1 | -1) => setCut(byTool ? (rungFrom(rungs, cut, by) ?? cut) : moved(cut, by, unit))
  const save = () => {
    add({ kind: 'zone-cut', cut: { zone, side, ...worked(cut) } })
    close()
  }
  return (
    <div className={styles.panel} role="dialog" aria-label={zoneLabel(zone)}>
      <p>
        <b>{zoneLabel(zone)}</b>: {plannedWords(entries, unit)} planned. What was cut?
      </p>
      <div className={styles.quick}>
        <button aria-label="Shorter" onClick={() => step(-1)}>
          −
        </button>
        <output className={styles.length} aria-live="polite">
          {toolWords(worked(cut))}, {figure}
        </output>
        <button aria-label="Longer" onClick={() => step(1)}>
          +
        </button>
        {isPaired(zone) &&
          ([null, ...SIDES] as const).map((each) => (
            <button key={String(each)} aria-pressed={side === each} onClick={() => setSide(each)}>
              {each === null ? 'Both sides' : each === 'left' ? 'Left' : 'Right'}
            </button>
          ))}
      </div>
      <div className={styles.quick} role="group" aria-label="Tool">
        {around(rungs, cut).map((rung) => (
          <button
            key={`${toolWords(rung)} ${rung.lengthMm}`}
            aria-pressed={isSameCut(rung, cut)}
            onClick={() => setCut(rung)}
          >
            {toolWords(rung)} <span className="kv-figure">{showFigure(rung.lengthMm, unit)}</span>
          </button>
        ))}
        <button aria-pressed={!byTool} onClick={() => setCut(byHand('scissor', cut.lengthMm))}>
          Scissors
        </button>
      </div>
      <div className={styles.quick}>
        <button onClick={close}>As planned</button>
        <button className={styles.keep} onClick={save}>
          Keep {figure}
        </button>
      </div>
    </div>
  )
}

/** What the kit can do there as far as safety allows it: the ladder that plus and minus step along. */
function safeRungs(kit: Kit, known: Case, zone: ZoneId, side: Side | null): Cut[] {
  const presentMm = coatOn(known)(zone, side)
  const facts = gateFacts(known)
  return ladder(kit).filter((cut) => isSafe({ zone, side, cut, presentMm, explicit: true }, facts))
}

/** The rungs nearest to a cut, in their order. */
function around(rungs: readonly Cut[], cut: Cut): Cut[] {
  const nearest = [...rungs].sort((a, b) => Math.abs(a.lengthMm - cut.lengthMm) - Math.abs(b.lengthMm - cut.lengthMm))
  const shown = new Set(nearest.slice(0, RUNGS_SHOWN))
  return rungs.filter((rung) => shown.has(rung))
}

/** A length measured with a rule moves by the rule's marks. */
function moved(cut: Cut, by: 1 | -1, unit: LengthUnit): Cut {
  const lengthMm = Math.min(MAX_LENGTH_MM, Math.max(0, Number((cut.lengthMm + by * ruleStepMm(unit)).toFixed(2))))
  return byHand(cut.method === 'clip' || cut.method === 'comb' ? 'scissor' : cut.method, lengthMm)
}

/** What was to be left and was cut all the same, was cut by scissors. */
const worked = (cut: Cut): Cut => (cut.method === 'leave' ? byHand('scissor', cut.lengthMm) : cut)

const plannedWords = (entries: Plan['card'], unit: LengthUnit): string =>
  entries
    .map((entry) =>
      [entry.side, toolWords(entry), `${showFigure(entry.lengthMm, unit)} ${unitWord(unit)}`].filter(Boolean).join(' '),
    )
    .join(', ')
