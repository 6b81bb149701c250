import { kitOrAll } from '@/core/lengths'
import { addDays } from '@/core/units'
import { readBookings } from '@/data/bookings'
import { readDogsById } from '@/data/dogs'
import { readRules } from '@/data/houseRules'
import { readHousehold, readOwnersOf } from '@/data/households'
import { readKit } from '@/data/kit'
import type { Taken } from '@/core/people'
import { MS_PER_MIN } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'

/** So far ahead the page knows what is taken, days. */
const AHEAD_DAYS = 50

/** What the page needs to plan and propose while somebody is on the telephone. @param householdId of a second dog */
export async function takeInView(house: OpenHouse, householdId?: number) {
  const { time, nowMs } = house
  const today = time.day(nowMs)
  const [kit, rules, bookings, household] = await Promise.all([
    readKit(),
    readRules(),
    readBookings(time.startOfDay(today), time.startOfDay(addDays(today, AHEAD_DAYS))),
    householdId === undefined ? null : readHousehold(householdId),
  ])
  const dogs = await readDogsById(bookings.map(({ dogId }) => dogId))
  const owners = household ? await readOwnersOf([household.id]) : []
  const taken = bookings.flatMap(({ dogId, staffId, startMs, slotMin }): Taken[] => {
    const dog = dogs.get(dogId)
    const day = time.day(startMs)
    const from = Math.round((startMs - time.startOfDay(day)) / MS_PER_MIN)
    return dog ? [{ staffId, day, from, to: from + slotMin, dog: dog.name, householdId: dog.householdId }] : []
  })
  return {
    today,
    unit: house.unit,
    works: house.works,
    houseKey: house.key,
    kit: kitOrAll(kit),
    rules,
    opening: house.opening,
    staff: house.staff.map(({ id, name, role, work }) => ({ id, name, role, work })),
    taken,
    household: household && {
      householdId: household.id,
      household: household.name,
      place: household.place,
      owner: owners[0]?.name ?? '',
    },
  }
}
export type TakeInShown = Awaited<ReturnType<typeof takeInView>>
