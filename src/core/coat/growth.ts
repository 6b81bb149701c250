import { addDays, type Day } from '../units'
import { groupOf, type GroupId, type ZoneId } from '../zones'
import { COAT_FACTS, type CoatId } from './coats'

/** A dog's own pace by zone group, mm a week; a group that was never learned grows as its coat does. */
export type Rates = Partial<Record<GroupId, number>>

/** mm a week at a zone: the dog's own rate, else the coat's. */
export const rateAt = (zone: ZoneId, coat: CoatId, rates: Rates = {}): number =>
  rates[groupOf(zone)] ?? COAT_FACTS[coat].growthMmPerWeek

/**
 * Length after some weeks, up to the coat's terminal length.
 * Coat that is already longer (another kind of hair) stays as it is.
 * @param mmPerWeek the dog's own rate; the coat's where nothing is known
 * @returns mm
 * @example grownMm(9.5, 6, 'curly') // 27.5, that is 9.5 + 6 × 3.0
 */
export function grownMm(
  leftMm: number,
  weeks: number,
  coat: CoatId,
  mmPerWeek = COAT_FACTS[coat].growthMmPerWeek,
): number {
  const { terminalMm } = COAT_FACTS[coat]
  const grown = leftMm + Math.max(0, weeks) * mmPerWeek
  return terminalMm === null ? grown : Math.max(leftMm, Math.min(grown, terminalMm))
}

/**
 * The day on which a zone is long enough: whole days from `from`, rounded up.
 * @param mmPerWeek the dog's own rate; the coat's where nothing is known
 * @returns null when this coat never grows so long
 * @example readyOn(12, 2, 'curly', '2027-03-02') // '2027-03-26': 10 mm at 3 mm a week is 23.3 days
 */
export function readyOn(
  wantedMm: number,
  presentMm: number,
  coat: CoatId,
  from: Day,
  mmPerWeek = COAT_FACTS[coat].growthMmPerWeek,
): Day | null {
  const { terminalMm } = COAT_FACTS[coat]
  if (terminalMm !== null && wantedMm > terminalMm) return null
  return addDays(from, Math.ceil(((wantedMm - presentMm) / mmPerWeek) * 7 - 1e-9))
}

/** A visit on the way to a wish: how long the coat will be by then, mm. */
export interface GrowthStep {
  on: Day
  lengthMm: number
}

const MOST_STEPS = 12

/** The lengths at the visits to come until a wish is reached, one every so many weeks. */
export function growthSteps(
  wantedMm: number,
  presentMm: number,
  from: Day,
  everyWeeks: number,
  mmPerWeek: number,
): GrowthStep[] {
  const steps: GrowthStep[] = []
  for (let visit = 1; visit <= MOST_STEPS && (steps.at(-1)?.lengthMm ?? presentMm) < wantedMm; visit++) {
    const lengthMm = Math.min(wantedMm, presentMm + visit * everyWeeks * mmPerWeek)
    steps.push({ on: addDays(from, Math.round(visit * everyWeeks * 7)), lengthMm: Number(lengthMm.toFixed(1)) })
  }
  return steps
}
