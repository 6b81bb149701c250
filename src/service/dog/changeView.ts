import { fileOf } from '@/data/dogs'
import { readBookingsOfDog } from '@/data/bookings'
import { readHousehold } from '@/data/households'
import { caseFor, draftOf } from '../booking/planOf'
import type { OpenHouse } from '../house/openHouse'
import { dogChanges } from './changeDogFile'
import { dogStanding } from './dogStanding'

/** A dog's file to change, with the next plan that each change is held against; null when it is not in the book. */
export async function changeView(dogId: number, house: OpenHouse) {
  const { time, nowMs } = house
  const standing = await dogStanding(dogId, nowMs, time)
  if (!standing) return null
  const { dog } = standing
  const [bookings, changes, household] = await Promise.all([
    readBookingsOfDog(dogId, nowMs),
    dogChanges(dogId, time),
    readHousehold(dog.householdId),
  ])
  const [next] = bookings
  const draft = next ?? draftOf(dogId, house, standing.card !== null)
  const planned = (await caseFor(draft, time))?.planned
  return {
    dogId,
    file: fileOf(dog),
    standing: dog.standing,
    household: household && { id: household.id, name: household.name },
    today: time.day(nowMs),
    unit: house.unit,
    coatMm: Object.fromEntries(standing.coatMm),
    /** The case of the next groom: the booked one, or the same as last time as from today. */
    planned: planned ?? null,
    plannedFor: next ? `${time.longDay(next.startMs)}, ${time.clock(next.startMs)}` : null,
    bookings: bookings.map(({ id, startMs }) => ({ id, words: `${time.longDay(startMs)}, ${time.clock(startMs)}` })),
    changes,
  }
}
export type ChangeShown = NonNullable<Awaited<ReturnType<typeof changeView>>>
