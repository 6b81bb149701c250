import { standingDay, Stations, type HouseDay, type StageLock, type StandingDay } from '@/core/day'
import { isVeryOld, isVeryYoung } from '@/core/health'
import {
  clockOf,
  closedWhy,
  isBathers,
  minutesOf,
  USUAL_HOURS,
  weekdayOf,
  type Hours,
  type Opening,
  type Work,
} from '@/core/people'
import type { StageId } from '@/core/stages'
import type { Day } from '@/core/units'
import { handsOf } from '@/core/visit'
import { readDayDeeds } from '@/data/dayDeeds'
import { readLogs } from '@/data/events'
import { readStations, type Station } from '@/data/people'
import type { OpenHouse } from '../house/openHouse'
import type { DayEntry } from './dayEntry'
import { happenedTo } from './happened'
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

/** What the planner needs of a day: people in their hours, places, dogs with their stages, and what was seen on the benches. */
export async function houseDay(entries: readonly DayEntry[], house: OpenHouse, day: Day): Promise<PlannedHouse> {
  const { time, nowMs, opening, hands } = house
  const [stations, deeds] = await Promise.all([readStations(), readDayDeeds(day)])
  const standing = standingDay(deeds)
  const logs = await readLogs(entries.flatMap(({ visitId }) => (visitId === null ? [] : [visitId])))
  const names = uniqueNames(entries)
  const people = hands.flatMap(({ name, role, work }) => {
    const hours = hoursOn(opening, work, day)
    return hours
      ? [
          {
            id: name,
            role: role === 'bather' ? ('bather' as const) : ('groomer' as const),
            skills: work.skills ?? [],
            ...hours,
          },
        ]
      : []
  })
  const isToday = time.day(nowMs) === day
  const isPast = day < time.day(nowMs)
  const now = isToday ? time.clock(nowMs) : isPast ? '23:59' : '00:00'
  const happened = entries.flatMap((entry, at) => {
    if (!entry.visit || entry.visitId === null) return []
    const by = handsOf(logs.get(entry.visitId) ?? [])
    const who = (stage: Parameters<typeof by.get>[0]) => house.nameOf(by.get(stage) ?? entry.booking.staffId)
    return happenedTo(names[at] as string, entry.visit, who, time, nowMs)
  })
  return {
    day: {
      kovit: 'day/1',
      date: day,
      now,
      setting: 'salon',
      people,
      stations: countsOf(stations),
      dogs: entries
        // Of a day that is over only what happened is told: nothing is planned into it.
        .map((entry, at) => dayDog(entry, names[at] as string, house, people, standing))
        .filter(({ stages = [] }, at) => stages.length > 0 && (!isPast || entries[at]?.visit?.finishedMs != null)),
      happened: placed(happened, countsOf(stations)),
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

/** Somebody's own hours, where they said them: a dog that is in the house is finished after the door is shut. */
function hoursOn(opening: Opening, { hours }: Work, day: Day): Hours | null {
  if (closedWhy(opening, day) !== null) return null
  const weekday = weekdayOf(day)
  return hours ? (hours[weekday] ?? null) : (opening.days?.[weekday] ?? USUAL_HOURS)
}

/** What one of two dogs of the same name is called on a day. */
export const nameInDay = (name: string, bookingId: number): string => `${name} (${bookingId})`

/** Two dogs of one name are told apart by the number of their booking. */
const uniqueNames = (entries: readonly DayEntry[]): string[] =>
  entries.map(({ dog, booking }) =>
    entries.filter((other) => other.dog.name === dog.name).length > 1 ? nameInDay(dog.name, booking.id) : dog.name,
  )

function dayDog(
  entry: DayEntry,
  id: string,
  house: OpenHouse,
  people: HouseDay['people'],
  { locks, noBay }: StandingDay,
): HouseDay['dogs'][number] {
  const { booking, dog, plan, plannedCase, visit } = entry
  const { time } = house
  const groomer = house.nameOf(booking.staffId)
  const skipped = new Set((visit?.skipped ?? []).map(({ stage }) => stage))
  const recorded = visit?.stages.map(({ stage }) => stage) ?? []
  const home = visit !== null && visit.finishedMs !== null
  const planned = plan.stages.filter(({ id: stage }) =>
    home ? recorded.includes(stage) : !skipped.has(stage) || recorded.includes(stage),
  )
  const beside = recorded.filter(
    (stage, at) => recorded.indexOf(stage) === at && !planned.some((own) => own.id === stage),
  )
  const stages = [
    ...beside.map((stage) => ({ id: stage, handsMin: 1, waitMin: 0 })),
    ...planned.map(({ id: stage, p50, waitMin }) => ({
      id: stage,
      handsMin: p50,
      waitMin,
      ...sigmaOf(plannedCase.pace?.stages[stage]?.sigma),
    })),
  ]
  const bring = time.clock(booking.startMs)
  return {
    id,
    household: String(dog.householdId),
    bring,
    promise: clockOf(Math.min(1439, minutesOf(bring) + booking.slotMin)),
    ...(people.some((own) => own.id === groomer && own.role === 'groomer') ? { groomer } : {}),
    stages,
    behaviour: dog.behaviour,
    contagious: dog.health.some(({ kind }) => kind === 'parasites'),
    // At the look-over a heavy dog is only lifted.
    handlers: plan.cautions.some(({ id: caution, stage }) => caution === 'two-handlers' && stage !== 'look-over')
      ? 2
      : 1,
    frail: isVeryOld(plannedCase.dog) || isVeryYoung(plannedCase.dog),
    noShow: false,
    locks: locks.flatMap((lock) => (lock.bookingId === booking.id ? lockOn(lock, stages, house, people) : [])),
    noBay: noBay.includes(booking.id),
  }
}

const sigmaOf = (sigma: number | undefined) => (sigma === undefined ? {} : { sigma })

/** What was fixed, as far as it can be: whoever does not work today, or may not do the stage, fixes nothing. */
function lockOn(
  { stage, staffId, from }: StageLock,
  stages: readonly { id: StageId }[],
  house: OpenHouse,
  people: HouseDay['people'],
): HouseDay['dogs'][number]['locks'] {
  const who = staffId === null ? undefined : people.find(({ id }) => id === house.nameOf(staffId))
  const does = who !== undefined && (who.role === 'groomer' || isBathers(stage))
  if (!stages.some(({ id }) => id === stage) || (!does && from === null)) return []
  return [{ stage, ...(does && { person: who.id }), ...(from !== null && { from }) }]
}

/** Places by kind; a house without a cabinet has none, of all else there is what is usual where none is named. */
function countsOf(stations: readonly Station[]): HouseDay['stations'] {
  const count = (kind: Station['kind']) => stations.filter((station) => station.kind === kind).length || USUAL[kind]
  return {
    table: count('table'),
    tub: count('tub'),
    dryer: count('dryer'),
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
