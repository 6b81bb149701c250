import { z } from 'zod'
import { clippedLengthMm, type CombBladeId } from './blades'

/** Guard combs, shortest first. */
export const COMBS = ['4', '2', '1½', '1', '0', 'A', 'C', 'E'] as const
export const CombId = z.enum(COMBS)
export type CombId = z.infer<typeof CombId>

/** mm over a 30 or 40 blade. Source: common practice (1/4, 3/8, 7/16, 1/2, 5/8, 3/4, 7/8, 1 inch). */
const COMB_MM: Record<CombId, number> = {
  '4': 6.4,
  '2': 9.5,
  '1½': 11,
  '1': 12.7,
  '0': 16,
  A: 19,
  C: 22,
  E: 25.4,
}

/**
 * Length a guard comb leaves over a blade, with or against the coat.
 *
 * The comb's own length holds over a 30 or a 40; a coarser blade adds what it leaves beyond a 30.
 * Source: common practice.
 * @returns mm, on clean dry coat
 * @example combedLengthMm('1', '10') // 13.7, that is 12.7 + (1.5 - 0.5)
 */
export function combedLengthMm(comb: CombId, over: CombBladeId): number {
  const beyondMm = Math.max(0, clippedLengthMm(over, 'with') - clippedLengthMm('30', 'with'))
  return Number((COMB_MM[comb] + beyondMm).toFixed(2))
}
