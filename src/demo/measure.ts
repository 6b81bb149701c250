import { COAT_FACTS, grownMm, naturalMm } from '@/core/coat'
import { weeksBetween } from '@/core/units'
import type { ZoneId } from '@/core/zones'
import type { BookingAsked } from '@/service/booking/bookVisit'
import { dogStanding } from '@/service/dog/dogStanding'
import type { OpenHouse } from '@/service/house/openHouse'
import type { DemoDog } from './cast'
import type { Chance } from '@/core/chance'

/** Zones a groomer measures on arrival in the demo. */
const MEASURED: readonly ZoneId[] = ['back', 'foreleg', 'skull', 'hindfoot']
/** A dog's pace differs a little from visit to visit, and a rule is read to half a millimetre. Demo. */
const PACE_SIGMA = 0.06

/** The coat on arrival, as this dog's own pace has grown it since the last card. mm */
export async function measured(
  dogId: number,
  dog: DemoDog,
  startMs: number,
  chance: Chance,
  { time }: OpenHouse,
): Promise<NonNullable<BookingAsked['coatNowMm']>> {
  const standing = await dogStanding(dogId, startMs, time)
  const coatNowMm: NonNullable<BookingAsked['coatNowMm']> = {}
  const last = standing?.lastCut
  if (!last) return coatNowMm
  const weeks = weeksBetween(last.day, time.day(startMs))
  for (const { zone, lengthMm, method } of last.card.zones) {
    if (!MEASURED.includes(zone) || method === 'leave') continue
    const mmPerWeek = COAT_FACTS[dog.coat].growthMmPerWeek * (dog.growsAt ?? 1) * chance.factor(PACE_SIGMA)
    const grown = Math.min(grownMm(lengthMm, weeks, dog.coat, mmPerWeek), naturalMm(dog.coat, zone) ?? Infinity)
    coatNowMm[zone] = Math.max(lengthMm, Math.round((grown + chance.between(-1, 1)) * 2) / 2)
  }
  return coatNowMm
}
