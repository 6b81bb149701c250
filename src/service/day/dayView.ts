import { isHere } from '@/core/household'
import { Day } from '@/core/units'
import { readFirstCalled } from '@/data/households'
import type { OpenHouse } from '../house/openHouse'
import { comesNext } from './comesNext'
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
    next: day === today ? await comesNext(entries, house) : [],
  }
}

/** Messages of the day's visits, with who they are for. */
async function outbox(entries: readonly DayEntry[], { time }: OpenHouse) {
  // To a dog that is away or has died nothing is sent.
  const told = entries.filter(({ visit, dog }) => (visit?.told.length ?? 0) > 0 && isHere(dog.standing))
  const owners = await readFirstCalled(told.map(({ dog }) => dog.householdId))
  return told.flatMap(({ visit, visitId, dog }) =>
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
