'use client'

import { MAX_LENGTH_MM, byHand, isSameCut, ladder, rungFrom, toolWords, type Cut, type Kit } from '@/core/lengths'
import { coatOn, combLay, gateFacts, type Case } from '@/core/plan'
import { isSafe } from '@/core/safety'
import { ruleStepMm, type LengthUnit } from '@/core/units'
import { SIDES, isPaired, type Side, type ZoneId } from '@/core/zones'
import { showFigure, unitWord } from '../coat-map'
import styles from './cut.module.css'

interface CutPickerProps {
  zone: ZoneId
  side: Side | null
  cut: Cut
  kit: Kit
  /** What is known of the dog: safety decides which tools are offered. */
  known: Case
  unit: LengthUnit
  onCut: (cut: Cut) => void
  onSide: (side: Side | null) => void
}

/** So many rungs beside the one in hand are shown as buttons. */
const RUNGS_SHOWN = 5

/** A cut as the hand made it: a tool of the kit, or scissors and a measured length; plus and minus step along the ladder. */
export function CutPicker({ zone, side, cut, kit, known, unit, onCut, onSide }: CutPickerProps) {
  const rungs = safeRungs(kit, known, zone, side)
  const byTool = cut.method === 'clip' || cut.method === 'comb'
  const step = (by: 1 | -1) => onCut(byTool ? (rungFrom(rungs, cut, by) ?? cut) : moved(cut, by, unit))
  return (
    <>
      <div className={styles.row}>
        <button aria-label="Shorter" onClick={() => step(-1)}>
          −
        </button>
        <output className={styles.length} aria-live="polite">
          {toolWords(cut)}, {showFigure(cut.lengthMm, unit)} {unitWord(unit)}
        </output>
        <button aria-label="Longer" onClick={() => step(1)}>
          +
        </button>
        {isPaired(zone) &&
          ([null, ...SIDES] as const).map((each) => (
            <button key={String(each)} aria-pressed={side === each} onClick={() => onSide(each)}>
              {each === null ? 'Both sides' : each === 'left' ? 'Left' : 'Right'}
            </button>
          ))}
      </div>
      <div className={styles.row} role="group" aria-label="Tool">
        <button aria-pressed={!byTool} onClick={() => onCut(byHand('scissor', cut.lengthMm))}>
          Scissors
        </button>
        {around(rungs, cut).map((rung) => (
          <button
            key={`${toolWords(rung)} ${rung.lengthMm}`}
            aria-pressed={isSameCut(rung, cut)}
            onClick={() => onCut(rung)}
          >
            {toolWords(rung)} <b>{showFigure(rung.lengthMm, unit)}</b>
          </button>
        ))}
      </div>
    </>
  )
}

/** What the kit can do there as far as safety allows it: the ladder that plus and minus step along. */
function safeRungs(kit: Kit, known: Case, zone: ZoneId, side: Side | null): Cut[] {
  const presentMm = coatOn(known)(zone, side)
  const facts = gateFacts(known)
  return ladder(kit, combLay(known)).filter((cut) => isSafe({ zone, side, cut, presentMm, explicit: true }, facts))
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
