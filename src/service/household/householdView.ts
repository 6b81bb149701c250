import { showAge } from '@/core/clock'
import { figureOf } from '@/core/figure'
import { STANDINGS, isHere, numberToCall } from '@/core/household'
import { readBookingsOfDogs } from '@/data/bookings'
import { readDogsOf } from '@/data/dogs'
import { readFileChanges } from '@/data/fileChanges'
import { readHousehold, readOwnersOf } from '@/data/households'
import { countVisitsOf } from '@/data/visits'
import { coatStandings } from '../dog/dogStanding'
import type { OpenHouse } from '../house/openHouse'
import { Said } from '../trail/noteSaid'

/** A household with its people, its dogs, and when they come; null when it is not in the book. */
export async function householdView(householdId: number, house: OpenHouse) {
  const household = await readHousehold(householdId)
  if (!household) return null
  const { time, nowMs, nameOf } = house
  const dogs = await readDogsOf(household.id)
  const ids = dogs.map(({ id }) => id)
  const today = time.day(nowMs)
  const [owners, standings, bookings, visits, changes] = await Promise.all([
    readOwnersOf([household.id]),
    coatStandings(dogs, nowMs, time),
    readBookingsOfDogs(ids, nowMs),
    countVisitsOf(ids),
    readFileChanges({ kind: 'household', id: household.id }),
  ])
  return {
    ...household,
    owners: owners.map((owner) => ({ ...owner, call: owner.phone === null ? null : numberToCall(owner.phone) })),
    dogs: dogs.map((dog) => {
      const next = bookings.find(({ dogId }) => dogId === dog.id)
      const last = standings.get(dog.id)?.lastCut
      return {
        id: dog.id,
        name: dog.name,
        figure: figureOf(dog),
        coatMm: Object.fromEntries(standings.get(dog.id)?.coatMm ?? []),
        facts: `${dog.breed || dog.coat}, ${dog.weightKg} kg, ${showAge(dog.bornOn, today)}`,
        visits: visits.get(dog.id) ?? 0,
        last: last ? time.shortDay(last.startedMs) : null,
        next: next
          ? {
              bookingId: next.id,
              words: `${time.shortDay(next.startMs)} ${time.clock(next.startMs)}, ${nameOf(next.staffId)}, ${next.slotMin} min`,
            }
          : null,
        standing: isHere(dog.standing) ? null : STANDINGS[dog.standing].says,
      }
    }),
    changes: changes.map(({ madeMs, madeBy, after }) => ({
      when: time.longDay(madeMs),
      by: madeBy,
      words: householdWords(after),
    })),
  }
}
export type HouseholdShown = NonNullable<Awaited<ReturnType<typeof householdView>>>

/** What a change of a household says. */
export const householdWords = (after: unknown): string =>
  Said.safeParse(after).data?.said ?? 'names, address, people or notes'
