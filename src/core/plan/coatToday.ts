import { grownMm, naturalMm, rateAt } from '../coat'
import { MAX_LENGTH_MM } from '../lengths'
import { weeksBetween } from '../units'
import { ZONES, sidesOf, spread, type BothSides, type Side, type ZoneId } from '../zones'
import type { Case } from './case'

/** Coat taken for granted where nothing was measured and no card tells, mm. Source: from memory. */
const UNMEASURED_MM = 30

/** A dog as far as its coat goes. */
type Growing = Pick<Case['dog'], 'coat' | 'growthMmPerWeek'>
type CoatCase = Pick<Case, 'coatNowMm' | 'coatSidesMm' | 'last' | 'date'> & { dog: Growing }

/** Estimated growth since the last card; never past what the zone keeps or a card can hold. */
function grownSince(zone: ZoneId, leftMm: number, weeks: number, dog: Growing): number {
  const most = Math.max(leftMm, naturalMm(dog.coat, zone) ?? MAX_LENGTH_MM)
  const grown = grownMm(leftMm, weeks, dog.coat, rateAt(zone, dog.coat, dog.growthMmPerWeek))
  return Number(Math.min(grown, most, MAX_LENGTH_MM).toFixed(1))
}

/** The coat of every zone on each side, mm: as measured; else what the last card left, grown since; else the longest measured. */
function coatSides(input: CoatCase): Map<ZoneId, BothSides<number>> {
  const measured = spread(input.coatNowMm)
  const weeks = input.last ? weeksBetween(input.last.date, input.date) : 0
  const last = sidesOf(input.last?.card ?? [])
  const values = Object.values(input.coatNowMm)
  const otherwise = values.length > 0 ? Math.max(...values) : UNMEASURED_MM
  const onSide = (zone: ZoneId, side: Side): number => {
    const entry = last.get(zone)?.[side]
    const sides = input.coatSidesMm?.[zone]
    return (
      sides?.[side] ??
      measured.get(zone)?.value ??
      (entry === undefined ? otherwise : grownSince(zone, entry.lengthMm, weeks, input.dog))
    )
  }
  return new Map(ZONES.map((zone) => [zone, { left: onSide(zone, 'left'), right: onSide(zone, 'right') }]))
}

/** The coat of a zone today, mm; of both sides (null) the shorter one. */
export type CoatOn = (zone: ZoneId, side: Side | null) => number

/** Coat by zone and side, as it is today. */
export function coatOn(input: CoatCase): CoatOn {
  const sides = coatSides(input)
  return (zone, side) => {
    const both = sides.get(zone) ?? { left: UNMEASURED_MM, right: UNMEASURED_MM }
    return side === null ? Math.min(both.left, both.right) : both[side]
  }
}

/** The coat of every zone today, mm, the shorter side where they differ: what a wish for both sides can have. */
export const coatToday = (input: CoatCase): Map<ZoneId, number> => shorterOf(coatOn(input))

/** The same from a coat that is known by side already. */
export const shorterOf = (on: CoatOn): Map<ZoneId, number> => new Map(ZONES.map((zone) => [zone, on(zone, null)]))
