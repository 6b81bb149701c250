import { ratesOf, type LearnedRate } from '@/core/coat'
import { figureOf } from '@/core/figure'
import type { Case } from '@/core/plan'
import { daysBetween } from '@/core/units'
import type { GroupId } from '@/core/zones'
import { readBooking, type Booking } from './bookings'
import { readCard, readSavedSince, type TrimCard } from './cards'
import { readDog, type Dog } from './dogs'
import { readGrowth } from './growth'
import { readRules } from './houseRules'
import { readPace } from './pace'
import { readKit } from './kit'
import { countVisits, readVisitsOfDog, type StoredVisit } from './visits'

export interface BookingFile {
  booking: Booking
  dog: Dog
  lastVisit: StoredVisit | null
  lastCard: TrimCard | null
  /** The card saved since the last visit, if any. */
  savedCard: TrimCard | null
  growth: Record<GroupId, LearnedRate>
  planned: Case
}

/** Days of a month on average, for a dog's age. */
const DAYS_A_MONTH = 30.44

/** Everything a plan for a stored booking starts from; null when it is not there. */
export async function readBookingFile(bookingId: number, dayOf: (ms: number) => string): Promise<BookingFile | null> {
  const booking = await readBooking(bookingId)
  return booking && caseFor(booking, dayOf)
}

/**
 * The case of a booking: the dog, its last card as cut, the house's kit and rules.
 * @param dayOf the house's calendar day of a moment
 */
export async function caseFor(booking: Booking, dayOf: (ms: number) => string): Promise<BookingFile | null> {
  const dog = await readDog(booking.dogId)
  if (!dog) return null
  const [kit, house, visits, [lastVisit], growth, pace] = await Promise.all([
    readKit(),
    readRules(),
    countVisits(dog.id),
    readVisitsOfDog(dog.id, 1, booking.startMs),
    readGrowth(dog, booking.startMs, dayOf),
    readPace(dog.id, booking.staffId, dog.coat, booking.startMs),
  ])
  const lastCard = lastVisit?.cutCardId ? await readCard(lastVisit.cutCardId) : null
  const savedCard = (await readSavedSince(dog.id, lastCard?.version ?? 0)) ?? (await fullCardBehind(lastVisit))
  const date = dayOf(booking.startMs)
  const planned: Case = {
    kovit: 'case/1',
    date,
    dog: { ...dogCase(dog, visits, date), growthMmPerWeek: ratesOf(growth) },
    coatNowMm: booking.coatNowMm,
    coatSidesMm: booking.coatSidesMm,
    mats: booking.mats,
    behaviour: dog.behaviour,
    health: dog.health,
    request: booking.request,
    kit,
    house,
    setting: booking.setting,
    slotMin: booking.slotMin,
    ...booking.own,
    ...(pace ? { pace } : {}),
    ...(lastVisit && lastCard ? { last: lastOf(lastVisit, lastCard, dayOf) } : {}),
    ...(savedCard ? { saved: { date: dayOf(savedCard.madeMs), card: savedCard.zones } } : {}),
  }
  return { booking, dog, lastVisit: lastVisit ?? null, lastCard, savedCard, growth, planned }
}

/** Behind a bath and tidy stands the last full groom: its card is the one to repeat. */
async function fullCardBehind(last: StoredVisit | undefined): Promise<TrimCard | null> {
  if (last?.plannedCase.request.pattern !== 'bath-tidy') return null
  const before = await readVisitsOfDog(last.dogId, FURTHEST_BACK, last.startedMs + 1)
  const full = before.find(
    ({ plannedCase, cutCardId }) => plannedCase.request.pattern !== 'bath-tidy' && cutCardId !== null,
  )
  return full?.cutCardId ? readCard(full.cutCardId) : null
}

/** Nobody has more baths than this between two grooms. */
const FURTHEST_BACK = 8

/** The last visit as the next one needs it; a wish that this coat can never grow to is not carried on. */
const lastOf = (
  { startedMs, liked, plan, verdicts }: StoredVisit,
  card: TrimCard,
  dayOf: (ms: number) => string,
): Case['last'] => ({
  date: dayOf(startedMs),
  card: card.zones,
  ...(Object.keys(verdicts).length > 0 ? { verdicts } : {}),
  growing: plan.growing.filter(({ readyOn }) => readyOn !== null).map(({ zone, wantedMm }) => ({ zone, wantedMm })),
  ...(liked === null ? {} : { liked }),
})

function dogCase(dog: Dog, visits: number, date: string): Case['dog'] {
  const { name, weightKg, sex, neutered, lightSkin, faceShape } = dog
  const ageMonths = Math.max(0, Math.floor(daysBetween(dog.bornOn, date) / DAYS_A_MONTH))
  return { ...figureOf(dog), name, weightKg, sex, neutered, lightSkin, faceShape, visits, ageMonths }
}
