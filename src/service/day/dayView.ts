import { standingDay, type StandingDay } from '@/core/day'
import { isHere } from '@/core/household'
import { Day } from '@/core/units'
import { readDayDeeds } from '@/data/dayDeeds'
import { readFirstCalled } from '@/data/households'
import type { OpenHouse } from '../house/openHouse'
import { comesNext } from './comesNext'
import { dayEntries, type DayEntry } from './dayEntry'

/** The day board: the day that was asked for, or today, its dogs, and the messages that wait to be sent by hand. */
export async function dayView(house: OpenHouse, asked: unknown) {
  const today = house.time.day(house.nowMs)
  const parsed = Day.safeParse(asked)
  const day = parsed.success ? parsed.data : today
  const [entries, deeds, next] = await Promise.all([
    dayEntries(house, day),
    readDayDeeds(day),
    day === today ? comesNext(house) : null,
  ])
  const { tells, taken } = standingDay(deeds)
  const home = entries.filter(({ visit }) => visit?.finishedMs != null).length
  const inHouse = entries.filter(({ visit }) => visit !== null && visit.finishedMs === null).length
  return {
    day,
    today,
    title: house.time.longDay(house.time.at(day, '12:00')),
    isToday: day === today,
    isTaken: taken !== null,
    entries,
    counts: { home, inHouse, toCome: entries.length - home - inHouse },
    messages: await outbox(entries, tells, house),
    next: next?.(entries) ?? [],
  }
}

/** What the benches told, and what a plan that was taken has to tell, with who it is for. */
async function outbox(entries: readonly DayEntry[], tells: StandingDay['tells'], { time }: OpenHouse) {
  // To a dog that is away or has died nothing is sent.
  const here = entries.filter(({ dog }) => isHere(dog.standing))
  const said = here.flatMap(({ visit, visitId, dog, booking }) => [
    ...(visit?.told ?? []).map(({ words, atMs }) => ({ key: `${visitId} ${atMs}`, dog, words, atMs })),
    // Who is done already needs no word of when.
    ...tells
      .filter(({ bookingId }) => bookingId === booking.id && visit?.finishedMs == null)
      .map(({ no, words, atMs }) => ({ key: `day ${no} ${booking.id}`, dog, words, atMs })),
  ])
  const owners = await readFirstCalled(said.map(({ dog }) => dog.householdId))
  return said.map(({ key, dog, words, atMs }) => {
    const owner = owners.get(dog.householdId)
    return {
      key,
      dog: dog.name,
      owner: owner?.name ?? 'the owner',
      phone: owner?.phone ?? null,
      words,
      clock: time.clock(atMs),
    }
  })
}
