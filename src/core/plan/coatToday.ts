import { grownMm, naturalMm, rateAt } from '../coat'
import { MAX_LENGTH_MM } from '../lengths'
import { weeksBetween } from '../units'
import { ZONES, spread, type ZoneId } from '../zones'
import type { Case } from './case'

/** Coat taken for granted where nothing was measured and no card tells, mm. Source: from memory. */
const UNMEASURED_MM = 30

/** Estimated growth since the last card; never past what the zone keeps or a card can hold. */
function grownSince(zone: ZoneId, leftMm: number, weeks: number, dog: Growing): number {
  const most = Math.max(leftMm, naturalMm(dog.coat, zone) ?? MAX_LENGTH_MM)
  return Math.min(grownMm(leftMm, weeks, dog.coat, rateAt(zone, dog.coat, dog.growthMmPerWeek)), most, MAX_LENGTH_MM)
}

/** A dog as far as its coat goes. */
type Growing = Pick<Case['dog'], 'coat' | 'growthMmPerWeek'>
type CoatCase = Pick<Case, 'coatNowMm' | 'coatSidesMm' | 'last' | 'date'> & { dog: Growing }

/**
 * The coat on every zone today, mm: as measured, the shorter side where they differ; else what the last card left, grown since; else the longest measured.
 */
export function coatToday(input: CoatCase): Map<ZoneId, number> {
  const measured = spread(input.coatNowMm)
  const weeks = input.last ? weeksBetween(input.last.date, input.date) : 0
  const left = new Map<ZoneId, number>()
  for (const { zone, lengthMm } of input.last?.card ?? [])
    left.set(zone, Math.min(left.get(zone) ?? Infinity, lengthMm))
  const values = Object.values(input.coatNowMm)
  const otherwise = values.length > 0 ? Math.max(...values) : UNMEASURED_MM
  return new Map(
    ZONES.map((zone) => {
      const lastMm = left.get(zone)
      const grown = lastMm === undefined ? otherwise : grownSince(zone, lastMm, weeks, input.dog)
      const sides = input.coatSidesMm?.[zone]
      const shorter = sides && Math.min(sides.left, sides.right)
      return [zone, shorter ?? measured.get(zone)?.value ?? Number(grown.toFixed(1))]
    }),
  )
}
