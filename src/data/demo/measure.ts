import { COAT_FACTS, grownMm, naturalMm } from '@/core/coat'
import { weeksBetween } from '@/core/units'
import type { ZoneId } from '@/core/zones'
import { keepRequest, type NewBooking } from '../bookings'
import { readBookingFile } from '../caseOfBooking'
import type { DemoDog } from './cast'
import type { Chance } from './random'

/** Zones a groomer measures on arrival in the demo. */
const MEASURED: readonly ZoneId[] = ['back', 'foreleg', 'skull', 'hindfoot']
/** A dog's pace differs a little from visit to visit, and a rule is read to half a millimetre. Demo. */
const PACE_SIGMA = 0.06

/** The look-over: the coat as this dog's own pace has grown it since the last card. */
export async function measure(
  bookingId: number,
  dog: DemoDog,
  chance: Chance,
  dayOf: (ms: number) => string,
): Promise<void> {
  const file = await readBookingFile(bookingId, dayOf)
  const last = file?.planned.last
  if (!file || !last) return
  const weeks = weeksBetween(last.date, file.planned.date)
  const coatNowMm: NewBooking['coatNowMm'] = {}
  for (const { zone, lengthMm, method } of last.card) {
    if (!MEASURED.includes(zone) || method === 'leave') continue
    const mmPerWeek = COAT_FACTS[dog.coat].growthMmPerWeek * (dog.growsAt ?? 1) * chance.factor(PACE_SIGMA)
    const grown = Math.min(grownMm(lengthMm, weeks, dog.coat, mmPerWeek), naturalMm(dog.coat, zone) ?? Infinity)
    coatNowMm[zone] = Math.max(lengthMm, Math.round((grown + chance.between(-1, 1)) * 2) / 2)
  }
  await keepRequest(bookingId, file.booking.request, { coatNowMm, mats: {}, coatSidesMm: {} })
}
