import { MAX_LENGTH_MM, clippedLengthMm, waysOf, type Kit } from '../../lengths'
import type { LastEntry } from '../card'
import type { Deed, Much } from './spoken'

/** Share of a scissored length that "a touch", plain and "much" stand for. Source: from memory; always said back. */
const SHARE: Record<Much, number> = { touch: 0.1, plain: 0.2, much: 0.4 }
/** Steps on the ladder of blades and combs. Source: from memory; always said back. */
const STEPS: Record<Much, number> = { touch: 1, plain: 1, much: 2 }
/** Two tools this near are one step, mm: a 15 is a step from a 10. */
const APART_MM = 0.25

/**
 * A length "a bit shorter" or "5 mm longer" than on the last card: by the figure that was said, else by one step of the
 * kit's ladder where a clipper works, else by a share of the scissored length. Where the ladder ends it stays as it was.
 * @returns mm
 */
export function changedMm(entry: LastEntry, { longer, much, byMm }: Extract<Deed, { do: 'change' }>, kit: Kit): number {
  const sign = longer ? 1 : -1
  if (byMm !== null) return within(entry.lengthMm + sign * byMm)
  const clipped = entry.method === 'clip' || entry.method === 'comb'
  if (clipped) return steppedMm(entry.lengthMm, sign, STEPS[much], kit)
  return within(Math.round(entry.lengthMm + sign * Math.max(1, entry.lengthMm * SHARE[much])))
}

const within = (lengthMm: number): number => Math.min(MAX_LENGTH_MM, Math.max(0, Number(lengthMm.toFixed(1))))

/** Nobody steps below a 15 by saying "shorter". Source: common practice. */
const LEAST_STEP_MM = clippedLengthMm('15', 'with')

/** Combs on a 30 and bare blades with the coat, one length each: the ladder a groomer steps on; it ends where the kit does. */
function steppedMm(fromMm: number, sign: 1 | -1, steps: number, kit: Kit): number {
  const rungs = waysOf(kit, 'with')
    .filter((way) => (way.method === 'clip' || way.blade === '30') && way.lengthMm >= LEAST_STEP_MM)
    .map(({ lengthMm }) => lengthMm)
  const ladder = [...new Set(rungs)].sort((a, b) => sign * (a - b))
  let at = fromMm
  for (let step = 0; step < steps; step++) {
    const next = ladder.find((mm) => sign * (mm - at) > APART_MM)
    if (next === undefined) return at
    at = next
  }
  return at
}
