import { weeksBetween } from '@/core/units'
import { readHousePatterns } from '@/data/housePatterns'
import { readVisitsOfBookings } from '@/data/visits'
import { MS_PER_MIN } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import { planFor } from './planFor'
import { bookingFile } from './planOf'

/** The plan of a booking as it can be changed; null when there is none. */
export async function planView(bookingId: number, house: OpenHouse) {
  const { time, nameOf } = house
  const [file, ownPatterns, [begun]] = await Promise.all([
    bookingFile(bookingId, time),
    readHousePatterns(),
    readVisitsOfBookings([bookingId]),
  ])
  if (!file) return null
  const { booking, standing, planned } = file
  const { dog, lastVisit } = standing
  const weeks = lastVisit
    ? `${Math.round(weeksBetween(time.day(lastVisit.startedMs), planned.date))} weeks since ${time.shortDay(lastVisit.startedMs)}.`
    : 'First visit.'
  const endMs = booking.startMs + booking.slotMin * MS_PER_MIN
  return {
    /** The visit, once the groom has begun: then its bench is the place. */
    begunVisitId: begun?.id ?? null,
    bookingId: booking.id,
    dogId: dog.id,
    version: booking.version,
    houseKey: house.key,
    start: planned,
    /** What the owner said before the last visit. */
    lastWords: lastVisit?.words ?? '',
    unit: house.unit,
    facts: `${dog.breed}, ${dog.coat}, ${dog.weightKg} kg. ${weeks} ${time.shortDay(booking.startMs)}, ${nameOf(booking.staffId)}, ${time.clock(booking.startMs)} to ${time.clock(endMs)}.`,
    startMs: booking.startMs,
    timeZone: house.timeZone,
    ownPatterns: ownPatterns.map(({ name, words, card }) => ({ name, words, card })),
  }
}

/** The card of a groom to come, as planned; null when there is no such booking. */
export async function plannedCardView(bookingId: number, { time, nameOf, unit }: OpenHouse) {
  const file = await bookingFile(bookingId, time)
  if (!file) return null
  const { booking, standing, planned } = file
  const { dog } = standing
  const { card, growing, refer } = planFor(planned)
  return {
    dog,
    facts: `${dog.breed}, ${dog.coat} coat, ${dog.weightKg} kg`,
    which: `Planned for ${time.longDay(booking.startMs)}, ${time.clock(booking.startMs)}, ${nameOf(booking.staffId)}.`,
    card,
    growing,
    refer: refer.map(({ why }) => why),
    unit,
  }
}
