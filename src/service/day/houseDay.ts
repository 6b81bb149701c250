import { standingDay, Stations, type HouseDay, type StandingDay } from '@/core/day'
import type { Day } from '@/core/units'
import { readDayDeeds } from '@/data/dayDeeds'
import { readStations, type Station } from '@/data/people'
import type { OpenHouse } from '../house/openHouse'
import { isOnRoad, type DayEntry } from './dayEntry'
import { dayDog, namesIn } from './dogOfDay'
import { happenedOn, nowOn, peopleOn } from './handsOfDay'
import { placed } from './placed'

/** What a house has of each place where it has named none of it. */
const USUAL = Stations.parse({})

/** A day of this house as the planner reads it, and what its places are called. */
export interface PlannedHouse {
  day: HouseDay
  /** The house's own names of places, as `tub 1`. */
  places: Record<string, string>
  /** The bookings of its dogs, and the numbers of its people, by their ids. */
  bookings: Record<string, number>
  staff: Record<string, number>
  /** What was decided about its plan. */
  standing: StandingDay
}

/** What the planner needs of a day in the house, without those who are out with the van: people in their hours, places, dogs with their stages, and what was seen on the benches. */
export async function houseDay(all: readonly DayEntry[], house: OpenHouse, day: Day): Promise<PlannedHouse> {
  const entries = all.filter((entry) => !isOnRoad(entry))
  const { time, nowMs, hands } = house
  const [stations, deeds] = await Promise.all([readStations(), readDayDeeds(day)])
  const standing = standingDay(deeds)
  const names = namesIn(entries)
  const away = new Set(all.filter(isOnRoad).map(({ booking }) => house.nameOf(booking.staffId)))
  const people = peopleOn(house, day).filter(({ id }) => !away.has(id))
  const isPast = day < time.day(nowMs)
  const places = countsOf(stations, hands.filter(({ role }) => role === 'groomer').length)
  const happened = await happenedOn(entries, names, house)
  return {
    day: {
      kovit: 'day/1',
      date: day,
      now: nowOn(house, day),
      setting: 'salon',
      people,
      stations: places,
      dogs: entries
        // Of a day that is over only what happened is told: nothing is planned into it.
        .map((entry, at) => dayDog(entry, names[at] as string, house, people, standing))
        .filter(({ stages = [] }, at) => stages.length > 0 && (!isPast || entries[at]?.visit?.finishedMs != null)),
      happened: placed(happened, places),
      seed: 1,
    },
    places: namesOf(stations),
    bookings: Object.fromEntries(entries.map(({ booking }, at) => [names[at], booking.id])),
    staff: Object.fromEntries(hands.map(({ id, name }) => [name, id])),
    standing,
  }
}

/** The same for the screen, with the clock of the plan that was taken. */
export async function handsView(entries: readonly DayEntry[], house: OpenHouse, day: Day) {
  const planned = await houseDay(entries, house, day)
  const { taken } = planned.standing
  return { ...planned, takenAt: taken && house.time.clock(taken.atMs) }
}

/**
 * Places by kind. Where a house has named none of a kind, each groomer has a table and a dryer; of all else there is what is
 * usual, and no cabinet.
 */
function countsOf(stations: readonly Station[], groomers: number): HouseDay['stations'] {
  const count = (kind: Station['kind'], unnamed = USUAL[kind]) =>
    stations.filter((station) => station.kind === kind).length || unnamed
  return {
    table: count('table', Math.max(USUAL.table, groomers)),
    tub: count('tub'),
    dryer: count('dryer', Math.max(USUAL.dryer, groomers)),
    cabinet: count('cabinet'),
    bay: count('bay'),
  }
}

function namesOf(stations: readonly Station[]): Record<string, string> {
  const numbers = new Map<string, number>()
  return Object.fromEntries(
    stations.map(({ kind, name }) => {
      const number = (numbers.get(kind) ?? 0) + 1
      numbers.set(kind, number)
      return [`${kind} ${number}`, name]
    }),
  )
}
