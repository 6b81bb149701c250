import type { Request } from '@/core/request'
import type { OpenHouse } from '@/service/house/openHouse'
import type { DemoDog } from './cast'
import { DAY_MS, QUARTER, type DemoClock } from './clock'
import { book, groom, type Person } from './groom'
import { measured } from './measure'
import type { Chance } from '@/core/chance'
import type { Told } from './simulate'

const YEARS_BACK = 2

/** Lashes as they are on a dog that nobody cut. Demo. */
const FIRST_LASHES_MM = 18

/** Past visits from the first one on, each planned from the one before. */
export async function makeHistory(
  house: OpenHouse,
  clock: DemoClock,
  dogId: number,
  dog: DemoDog,
  groomer: Person,
  chance: Chance,
): Promise<number> {
  const weeks = Math.min(dog.sinceWeeks ?? YEARS_BACK * 52, Math.max(12, dog.ageYears * 52 - 20))
  const count = Math.floor((weeks - dog.everyWeeks) / dog.everyWeeks)
  for (let visit = count; visit >= 1; visit--) {
    const day = clock.nowMs - (visit * dog.everyWeeks * 7 + Math.round(chance.between(-3, 3))) * DAY_MS
    const startMs = clock.atHour(day, 9) + Math.floor(chance.between(0, 16)) * QUARTER
    const first = visit === count
    const again: Request = { ...withoutWishes(dog.request), sameAsLast: true }
    const wished = visit === 1 && dog.latestWish ? { lengthsMm: dog.latestWish } : {}
    const request = first ? dog.request : { ...again, ...wished }
    const coatNowMm = first
      ? { all: dog.firstCoatMm, lashes: FIRST_LASHES_MM }
      : await measured(dogId, dog, startMs, chance, house)
    const bookingId = await book(house, dogId, groomer, startMs, request, { coatNowMm })
    await groom(house, { bookingId, groomer, startMs, chance, told: toldOf(dog, visit) })
  }
  return count
}

/** What the last visits noted of a dog besides the minutes: a lump that stayed, a fear that grew or eased, its weight. */
function toldOf({ told = {}, weightKg }: DemoDog, visitsAgo: number): Told[] {
  const weighed: Told = {
    at: 'arrive',
    kind: 'weighed',
    weightKg: Math.round(weightKg * (1 - 0.004 * visitsAgo) * 10) / 10,
  }
  return visitsAgo > 4 ? [] : [weighed, ...(told[visitsAgo] ?? [])]
}

/** The last card says it all; only the pattern is carried along for what a face means. */
export const withoutWishes = ({ pattern }: Request): Request => ({ ...(pattern ? { pattern } : {}) })
