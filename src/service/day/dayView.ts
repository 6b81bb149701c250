import { Day } from '@/core/units'
import { readOwners, type Owner } from '@/data/dogs'
import type { OpenHouse } from '../house/openHouse'
import { dayEntries, type DayEntry } from './dayEntry'

/** The day board: the day that was asked for, or today, its dogs, and the messages that wait to be sent by hand. */
export async function dayView(house: OpenHouse, asked: unknown) {
  const today = house.time.day(house.nowMs)
  const parsed = Day.safeParse(asked)
  const day = parsed.success ? parsed.data : today
  const entries = await dayEntries(house, day)
  const home = entries.filter(({ visit }) => visit?.finishedMs != null).length
  const inHouse = entries.filter(({ visit }) => visit !== null && visit.finishedMs === null).length
  return {
    day,
    title: house.time.longDay(house.time.at(day, '12:00')),
    isToday: day === today,
    entries,
    counts: { home, inHouse, toCome: entries.length - home - inHouse },
    messages: await outbox(entries, house),
  }
}

/** Messages of the day's visits, with who they are for. */
async function outbox(entries: readonly DayEntry[], { time }: OpenHouse) {
  const some = entries.some(({ visit }) => (visit?.told.length ?? 0) > 0)
  const owners = some ? await readOwners() : new Map<number, Owner>()
  return entries.flatMap(({ visit, visitId, dog }) =>
    (visit?.told ?? []).map(({ words, atMs }) => {
      const owner = owners.get(dog.householdId)
      return {
        key: `${visitId} ${atMs}`,
        dog: dog.name,
        owner: owner?.name ?? 'the owner',
        phone: owner?.phone ?? null,
        words,
        clock: time.clock(atMs),
      }
    }),
  )
}
