import type { NextLine } from '@/core/book'
import { toolsToLayOut } from '@/core/card'
import { addDays } from '@/core/units'
import { readBookings } from '@/data/bookings'
import { readDogsById } from '@/data/dogs'
import { readWaiting } from '@/data/waiting'
import { filesAtHand } from '../booking/filesAtHand'
import { planFor } from '../booking/planFor'
import type { OpenHouse } from '../house/openHouse'
import type { DayEntry } from './dayEntry'

/** So many dogs of today are told of. */
const MOST_TODAY = 2
/** So far ahead the next day with a dog is looked for. */
const DAYS_AHEAD = 14

/** What comes after what is in the house now: the next dogs and what to lay out for them, the next day's first, and who waits for a time. */
export async function comesNext(house: OpenHouse): Promise<(entries: readonly DayEntry[]) => NextLine[]> {
  const { time, nowMs, nameOf } = house
  const [ahead, waiting] = await Promise.all([firstAhead(house), waitingNow(time.day(nowMs))])
  return (entries) => {
    const today = entries
      .filter(({ visit }) => visit === null)
      .slice(0, MOST_TODAY)
      .map(({ booking, dog, plan }) => ({
        kind: 'today' as const,
        when: time.clock(booking.startMs),
        bookingId: booking.id,
        dog: dog.name,
        groomer: nameOf(booking.staffId),
        layOut: toolsToLayOut(plan.card),
      }))
    return [...today, ...ahead, ...waiting]
  }
}

/** The first dog of the next day that has one. */
async function firstAhead({ time, nowMs, nameOf }: OpenHouse): Promise<NextLine[]> {
  const tomorrow = addDays(time.day(nowMs), 1)
  const [first] = await readBookings(time.startOfDay(tomorrow), time.startOfDay(addDays(tomorrow, DAYS_AHEAD)))
  const file = first && (await filesAtHand([first], time)).get(first.id)
  if (!first || !file) return []
  const day = time.day(first.startMs) === tomorrow ? 'tomorrow' : time.shortDay(first.startMs)
  return [
    {
      kind: 'next day',
      when: `${day} ${time.clock(first.startMs)}`,
      bookingId: first.id,
      dog: file.standing.dog.name,
      groomer: nameOf(first.staffId),
      layOut: toolsToLayOut(planFor(file.planned).card),
    },
  ]
}

async function waitingNow(today: string): Promise<NextLine[]> {
  const open = (await readWaiting()).filter(({ to }) => to >= today)
  if (open.length === 0) return []
  const dogs = await readDogsById(open.map(({ dogId }) => dogId))
  return [{ kind: 'waiting', dogs: [...dogs.values()].map(({ name }) => name) }]
}
