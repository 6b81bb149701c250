import { MAX_LENGTH_MM, NEAR_ENOUGH, clippedLengthMm, waysOf, type Kit } from '../../lengths'
import type { LastEntry } from '../card'
import type { Deed, Much } from './spoken'

/** Share of a scissored length that "a touch", plain and "much" stand for. Source: from memory; always said back. */
const SHARE: Record<Much, number> = { touch: 0.1, plain: 0.2, much: 0.4 }
/** Steps on the ladder of blades and combs. Source: from memory; always said back. */
const STEPS: Record<Much, number> = { touch: 1, plain: 1, much: 2 }
/** Two tools this near are one step: 12.7 and 13 mm are, a 15 is a step from a 10. Source: from memory. */
const APART = { mm: 0.25, share: 0.08 }
/** Nobody steps below a 15 by saying "shorter", nor below this by hand, mm. Source: common practice. */
const LEAST_STEP_MM = clippedLengthMm('15', 'with')
const LEAST_BY_HAND_MM = 4

type Change = Extract<Deed, { do: 'change' }>

/** A length that was made longer or shorter, mm, and what does it. */
export interface Changed {
  lengthMm: number
  by: 'clipper' | 'scissor' | 'thin'
}

/** Whether somebody would call one longer than the other, mm. */
const isStep = (fromMm: number, toMm: number): boolean =>
  Math.abs(toMm - fromMm) > Math.max(APART.mm, fromMm * APART.share)

/**
 * A length "a bit shorter" or "5 mm longer" than on the last card: by the figure that was said, else by one step of the
 * kit's ladder where a clipper works, else by a share, by hand. No rounding swallows it.
 * @returns null where it cannot be
 */
export function changed(entry: LastEntry, { longer, much, byMm }: Change, kit: Kit): Changed | null {
  const fromMm = entry.lengthMm
  const sign = longer ? 1 : -1
  const byHand = entry.method === 'scissor' || entry.method === 'thin' ? entry.method : null
  if (byMm !== null) return near(fromMm, within(fromMm + sign * byMm), kit, sign, byHand)
  const ladder = byHand === null ? rungs(kit, sign) : []
  const steps = ladder.filter((mm) => sign * (mm - fromMm) > 0 && isStep(fromMm, mm))
  const stepMm = steps[Math.min(STEPS[much], steps.length) - 1]
  if (stepMm !== undefined) return { lengthMm: stepMm, by: 'clipper' }
  const toMm = within(Math.round(fromMm + sign * Math.max(1, fromMm * SHARE[much])))
  return reached(fromMm, toMm, sign, byHand ?? 'scissor')
}

const within = (lengthMm: number): number => Math.min(MAX_LENGTH_MM, Math.max(0, Number(lengthMm.toFixed(2))))

/** Combs on a 30 and bare blades with the coat, one length each: the ladder a groomer steps on. */
function rungs(kit: Kit, sign: 1 | -1): number[] {
  const lengths = waysOf(kit, 'with')
    .filter((way) => (way.method === 'clip' || way.blade === '30') && way.lengthMm >= LEAST_STEP_MM)
    .map(({ lengthMm }) => lengthMm)
  return [...new Set(lengths)].sort((a, b) => sign * (a - b))
}

/** By whatever the kit makes that is near enough to the figure and lies on the right side of what was; else by hand. */
function near(fromMm: number, toMm: number, kit: Kit, sign: 1 | -1, byHand: 'scissor' | 'thin' | null): Changed | null {
  const lengths = byHand === null ? waysOf(kit, 'with').map(({ lengthMm }) => lengthMm) : []
  const nearest = lengths
    .filter((mm) => sign * (mm - fromMm) > 0 && Math.abs(mm - toMm) <= toMm * NEAR_ENOUGH)
    .sort((a, b) => Math.abs(a - toMm) - Math.abs(b - toMm))[0]
  return nearest === undefined ? reached(fromMm, toMm, sign, byHand ?? 'scissor') : { lengthMm: nearest, by: 'clipper' }
}

function reached(fromMm: number, toMm: number, sign: 1 | -1, by: Changed['by']): Changed | null {
  const moved = sign * (toMm - fromMm) > 0
  return !moved || (sign < 0 && toMm < LEAST_BY_HAND_MM) ? null : { lengthMm: toMm, by }
}
