import { differences } from '@/core/card'
import type { Plan } from '@/core/plan'
import type { LengthUnit } from '@/core/units'
import type { Visit } from '@/core/visit'
import { zoneLabel, type ZoneId } from '@/core/zones'
import { showFigure, unitWord } from '../coat-map'

const MOST = 4

interface MeasuredProps {
  visit: Visit
  /** As begun, and as it follows from what was measured. */
  begun: Plan
  plan: Plan
  unit: LengthUnit
}

/** What was measured on the bench, and what the plan made of it. */
export function Measured({ visit, begun, plan, unit }: MeasuredProps) {
  const lengths = Object.entries(visit.measuredMm).map(
    ([zone, mm]) => `${zoneLabel(zone as ZoneId).toLowerCase()} ${showFigure(mm, unit)}`,
  )
  const mats = Object.entries(visit.mats).map(([zone, grade]) => `${zoneLabel(zone as ZoneId).toLowerCase()} ${grade}`)
  if (lengths.length + mats.length === 0) return null
  const changed = differences(begun.card, plan.card)
  const minutes = Math.round(sumOf(plan) - sumOf(begun))
  return (
    <div role="status">
      <p>
        {lengths.length > 0 && (
          <>
            <b>Measured, {unitWord(unit)}:</b> {lengths.join(', ')}.{' '}
          </>
        )}
        {mats.length > 0 && (
          <>
            <b>Mats:</b> {mats.join(', ')}.
          </>
        )}
      </p>
      <p>
        {changed.length === 0
          ? 'The card stands.'
          : `Now planned: ${changed
              .slice(0, MOST)
              .map(({ zone, toMm }) => `${zoneLabel(zone).toLowerCase()} ${showFigure(toMm, unit)}`)
              .join(', ')}${changed.length > MOST ? `, ${changed.length - MOST} more` : ''}.`}{' '}
        {minutes === 0 ? '' : `${Math.abs(minutes)} min ${minutes > 0 ? 'more' : 'less'}.`}
      </p>
    </div>
  )
}

const sumOf = ({ stages }: Plan): number => stages.reduce((sum, { p50 }) => sum + p50, 0)
