import { addDays, type Day } from '../units'
import { COAT_FACTS, type CoatId } from './coats'

/**
 * Length after some weeks, at the coat's own pace up to its terminal length.
 * Coat that is already longer (another kind of hair) stays as it is.
 * @returns mm
 * @example grownMm(9.5, 6, 'curly') // 27.5, that is 9.5 + 6 × 3.0
 */
export function grownMm(leftMm: number, weeks: number, coat: CoatId): number {
  const { growthMmPerWeek, terminalMm } = COAT_FACTS[coat]
  const grown = leftMm + Math.max(0, weeks) * growthMmPerWeek
  return terminalMm === null ? grown : Math.max(leftMm, Math.min(grown, terminalMm))
}

/**
 * The day on which a zone is long enough: whole days from `from`, rounded up.
 * @returns null when this coat never grows so long
 * @example readyOn(12, 2, 'curly', '2027-03-02') // '2027-03-26': 10 mm at 3 mm a week is 23.3 days
 */
export function readyOn(wantedMm: number, presentMm: number, coat: CoatId, from: Day): Day | null {
  const { growthMmPerWeek, terminalMm } = COAT_FACTS[coat]
  if (terminalMm !== null && wantedMm > terminalMm) return null
  return addDays(from, Math.ceil(((wantedMm - presentMm) / growthMmPerWeek) * 7 - 1e-9))
}
