import { COAT_FACTS, grownMm, naturalMm } from '@/core/coat'
import { weeksBetween } from '@/core/units'
import type { ZoneId } from '@/core/zones'
import { keepWishes, type WishesAsked } from '@/service/booking/keepWishes'
import { bookingFile } from '@/service/booking/planOf'
import type { OpenHouse } from '@/service/house/openHouse'
import type { DemoDog } from './cast'
import { done } from './groom'
import type { Chance } from './random'

/** Zones a groomer measures on arrival in the demo. */
const MEASURED: readonly ZoneId[] = ['back', 'foreleg', 'skull', 'hindfoot']
/** A dog's pace differs a little from visit to visit, and a rule is read to half a millimetre. Demo. */
const PACE_SIGMA = 0.06

/** The look-over: the coat as this dog's own pace has grown it since the last card. */
export async function measure(bookingId: number, dog: DemoDog, chance: Chance, { time }: OpenHouse): Promise<void> {
  const file = await bookingFile(bookingId, time)
  const last = file?.planned.last
  if (!file || !last) return
  const weeks = weeksBetween(last.date, file.planned.date)
  const coatNowMm: WishesAsked['lookOver']['coatNowMm'] = {}
  for (const { zone, lengthMm, method } of last.card) {
    if (!MEASURED.includes(zone) || method === 'leave') continue
    const mmPerWeek = COAT_FACTS[dog.coat].growthMmPerWeek * (dog.growsAt ?? 1) * chance.factor(PACE_SIGMA)
    const grown = Math.min(grownMm(lengthMm, weeks, dog.coat, mmPerWeek), naturalMm(dog.coat, zone) ?? Infinity)
    coatNowMm[zone] = Math.max(lengthMm, Math.round((grown + chance.between(-1, 1)) * 2) / 2)
  }
  const lookOver = { coatNowMm, mats: {}, coatSidesMm: {} }
  done(await keepWishes({ bookingId, request: file.booking.request, lookOver, own: {} }))
}
