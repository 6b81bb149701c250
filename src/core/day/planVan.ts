import { clockOf, minutesOf } from '../people'
import type { HouseDay } from './day'
import type { DayPlan, DayWork } from './dayPlan'
import { BREAK_AFTER_MIN, BREAK_MIN } from './facts'
import { roadOf, roadWork, type Door, type Road } from './road'
import { longestWithoutBreak } from './seenDay'
import { named, saysNoShows } from './says'
import { roadRisk } from './roadRisk'

/**
 * A van's day: one line of doors, each with its dogs one after the other.
 * @param order of dogs in which somebody wants to drive; null: the best there is
 */
export function planVan(
  day: HouseDay,
  order: readonly string[] | null = null,
): { plan: DayPlan; all: { share: number; error: number } } {
  const road = roadOf(day, order)
  const visits = visitsOf(road)
  const { dogs: risk, all } = roadRisk(road, day.seed)
  const dogs = visits.flatMap(({ door, beginMin }) =>
    door.dogs.map(({ dog, pieces, startsMin, doneMin }) => {
      const seen = pieces[0]?.seen
      const fromMin = seen ? seen.fromMin : beginMin + (startsMin[0] ?? 0)
      const hands = pieces.reduce((sum, { minutes, seen: own }) => sum + (own ? own.endMin - own.fromMin : minutes), 0)
      const { chance, lateMin } = risk.get(dog.id) as { chance: number; lateMin: number }
      return {
        id: dog.id,
        begins: clockOf(fromMin),
        done: clockOf(beginMin + doneMin),
        doneLate: clockOf(Math.ceil(lateMin)),
        chance,
        waitsMin: Math.max(0, beginMin + doneMin - fromMin - hands),
      }
    }),
  )
  const { route, van } = road
  const endMin = route.stops.length > 0 || road.here ? route.homeMin : Math.max(van.departMin, route.homeMin)
  const stays = van.stops.reduce((sum, { stayMin }) => sum + van.setUpMin + stayMin + van.packMin, 0)
  const plan: DayPlan = {
    kovit: 'dayplan/1',
    work: visits.flatMap(({ door, beginMin }) => workAt(road, door, beginMin)),
    dogs,
    stops: stopsOf(road),
    end: {
      at: clockOf(endMin),
      driveMin: route.driveMin,
      waitingMin: dogs.reduce((sum, dog) => sum + dog.waitsMin, 0),
    },
    bound: {
      at: clockOf(Math.min(endMin, Math.floor(van.departMin + stays + route.boundDriveMin))),
      driveMin: Math.min(route.driveMin, Math.round(route.boundDriveMin * 10) / 10),
    },
    proved: route.proved,
    breaks: [...breaksOf(road, visits)],
    says: [...saysRefills(road), ...saysNoShows(day)],
  }
  return { plan, all }
}

interface Visit {
  door: Door
  beginMin: number
}

function visitsOf({ day, here, doors, route }: Road): Visit[] {
  const now = here ? [{ door: here, beginMin: minutesOf(day.now) }] : []
  const toCome = route.stops.flatMap(({ id, beginMin }) =>
    doors.filter((door) => door.id === id).map((door) => ({ door, beginMin })),
  )
  return [...now, ...toCome]
}

function workAt({ day }: Road, door: Door, beginMin: number): DayWork[] {
  const person = day.people[0]?.id ?? null
  return door.dogs.flatMap(({ dog, pieces, startsMin }) =>
    pieces.flatMap((piece, at): DayWork[] => {
      if (piece.seen?.over) return []
      const fromMin = piece.seen ? piece.seen.fromMin : beginMin + (startsMin[at] ?? 0)
      const toMin = piece.seen ? piece.seen.endMin : fromMin + piece.minutes
      const row = {
        dog: dog.id,
        stage: piece.stages[0]?.id ?? null,
        station: piece.place === null || piece.place === 'cabinet' ? null : `${piece.place} 1`,
      }
      const hands: DayWork = { ...row, person, from: clockOf(fromMin), to: clockOf(toMin), kind: 'hands' }
      if (piece.waitMin === 0) return [hands]
      return [hands, { ...row, person: null, from: clockOf(toMin), to: clockOf(toMin + piece.waitMin), kind: 'wait' }]
    }),
  )
}

function stopsOf({ day, here, route, van, doors }: Road): DayPlan['stops'] {
  const dogsAt = (door: Door | undefined) => (door?.dogs ?? []).map(({ dog }) => dog.id)
  const first = here?.dogs.flatMap(({ pieces }) => pieces.flatMap(({ seen }) => (seen ? [seen.fromMin] : []))) ?? []
  const now = here
    ? [
        {
          dogs: dogsAt(here),
          arrive: clockOf(Math.max(0, Math.min(...first) - van.setUpMin)),
          leave: clockOf(minutesOf(day.now) + here.stop.stayMin + van.packMin),
          km: 0,
          driveMin: 0,
          tankAfterLitres: van.litres ?? van.tankLitres,
          refillBefore: null,
        },
      ]
    : []
  return [
    ...now,
    ...route.stops.map((stop) => ({
      dogs: dogsAt(doors.find(({ id }) => id === stop.id)),
      arrive: clockOf(stop.arriveMin),
      leave: clockOf(stop.leaveMin),
      km: stop.km,
      driveMin: stop.driveMin,
      tankAfterLitres: stop.tankAfterLitres,
      refillBefore: stop.refillBefore,
    })),
  ]
}

function* breaksOf(road: Road, visits: readonly Visit[]): Generator<DayPlan['breaks'][number]> {
  const { day, route, van } = road
  const person = day.people[0]
  if (!person) return
  const past = route.homeMin - minutesOf(person.to)
  if (past > 0)
    yield {
      rule: 'hours',
      person: person.id,
      why: `${named(person.id)} would be home ${past} min past the end of the day.`,
    }
  for (const { door, beginMin } of visits)
    for (const { dog, doneMin } of door.dogs) {
      const late = beginMin + doneMin - minutesOf(dog.promise)
      if (late > 0)
        yield { rule: 'promise', dog: dog.id, why: `${named(dog.id)} is done ${late} min after the promise.` }
      const unskilled = dog.difficult && !person.skills.includes('difficult dogs')
      if (unskilled || dog.heldAt.size > 0)
        yield {
          rule: 'skill',
          dog: dog.id,
          why: `${named(dog.id)} has not everybody whom it needs: the skill for difficult dogs, or a second pair of hands.`,
        }
    }
  if (longestWithoutBreak(roadWork(van, route)) > BREAK_AFTER_MIN)
    yield {
      rule: 'break',
      person: person.id,
      why: `${named(person.id)} works over six hours without a break of ${BREAK_MIN} min.`,
    }
}

function* saysRefills({ route, doors }: Road): Generator<string> {
  for (const { id, refillBefore, arriveMin, driveMin } of route.stops)
    if (refillBefore !== null)
      yield `Fill the tank at ${refillBefore} on the way to ${named(
        doors.find((door) => door.id === id)?.dogs[0]?.dog.id ?? id,
      )}, about ${clockOf(Math.max(0, arriveMin - Math.ceil(driveMin / 2)))}.`
}
