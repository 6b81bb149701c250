import { minutesOf } from '../people'
import {
  PACK_MIN,
  planRoute,
  routeBy,
  REFILL_MIN,
  ROAD_FACTOR,
  routeWithRest,
  SET_UP_MIN,
  SPEED_KMH,
  TANK_LITRES,
  waysBySpot,
  waysByTable,
  type PlannedRoute,
  type Route,
  type Stop,
  type VanDay,
} from '../van'
import type { HouseDay } from './day'
import { dogsToday, type DogToday } from './dogs'
import { BREAK_AFTER_MIN, BREAK_MIN } from './facts'
import { piecesOf, type Piece } from './pieces'
import type { Stretch } from './known'
import { longestWithoutBreak } from './seenDay'

/** A dog at its door: its pieces, and when they begin, counted from the first hand at the door. */
export interface DoorDog {
  dog: DogToday
  pieces: readonly Piece[]
  /** Start of each piece to come, and the end of all, min after the door's first hand. */
  startsMin: readonly number[]
  doneMin: number
}

/** A household where the van stops. */
export interface Door {
  id: string
  dogs: DoorDog[]
  stop: Stop
}

export interface Road {
  day: HouseDay
  van: VanDay
  /** Where the van stands now with work to do, if it does: its dogs, from now on. */
  here: Door | null
  doors: Door[]
  route: PlannedRoute
}

/**
 * The day of a van: its doors in the order that breaks fewest promises and drives least, with a rest where one is due.
 * @param order of dogs in which somebody wants to drive; null: the best there is
 */
export function roadOf(day: HouseDay, order: readonly string[] | null = null): Road {
  const all = doorsOf(day)
  const seen = [...day.happened].sort((a, b) => a.from.localeCompare(b.from)).at(-1)?.dog
  const last = all.find(({ dogs }) => dogs.some(({ dog }) => dog.id === seen)) ?? null
  const here = last && last.dogs.some(hasWorkLeft) ? last : null
  const doors = all.filter((door) => door !== last && door.dogs.some(hasWorkLeft))
  const van = vanOf(day, doors, last, here)
  const route = (order === null ? planRoute(van) : routeBy(van, doorsIn(order, doors))) as PlannedRoute
  return { day, van, here, doors, route: rested(van, route) }
}

/** Doors in the order of their dogs. */
const doorsIn = (order: readonly string[], doors: readonly Door[]): string[] => [
  ...new Set(order.flatMap((dog) => doors.find(({ dogs }) => dogs.some((own) => own.dog.id === dog))?.id ?? [])),
]

const hasWorkLeft = ({ pieces }: DoorDog): boolean => pieces.some(({ seen }) => !seen?.over)

function doorsOf(day: HouseDay): Door[] {
  const nowMin = minutesOf(day.now)
  const byHousehold = new Map<string, DogToday[]>()
  for (const dog of dogsToday(day)) {
    const key = dog.household ?? ` ${dog.id}`
    byHousehold.set(key, [...(byHousehold.get(key) ?? []), dog])
  }
  const tankLitres = day.van?.tankLitres ?? TANK_LITRES
  return [...byHousehold.values()]
    .flatMap((dogs) => withinTank(dogs, tankLitres))
    .map((dogs) => {
      const order = [...dogs].sort((a, b) => a.promise.localeCompare(b.promise) || a.bring.localeCompare(b.bring))
      return doorOf(
        dogs[0]?.id as string,
        order.map((dog) => ({ dog, pieces: piecesOf(dog, day.happened, nowMin, false) })),
        nowMin,
      )
    })
}

/** A household whose baths the tank cannot rinse together is stopped at again, with a full tank. */
function withinTank(dogs: readonly DogToday[], tankLitres: number): DogToday[][] {
  const stops: DogToday[][] = []
  let left = 0
  for (const dog of dogs) {
    if (stops.length === 0 || dog.waterLitres > left) {
      stops.push([])
      left = tankLitres
    }
    stops.at(-1)?.push(dog)
    left -= dog.waterLitres
  }
  return stops
}

/** One dog after the other, by one pair of hands: a wait is filled by what else is done to this dog, and by nothing else. */
function doorOf(id: string, dogs: { dog: DogToday; pieces: readonly Piece[] }[], nowMin: number): Door {
  let atMin = 0
  const placed = dogs.map(({ dog, pieces }): DoorDog => {
    const startsMin: number[] = []
    let waitsUntil = atMin
    for (const piece of pieces) {
      if (piece.seen) atMin = Math.max(atMin, piece.seen.endMin - nowMin)
      const goesOn = piece.place === 'tub' || !isFilling(piece)
      if (goesOn && !piece.seen) atMin = Math.max(atMin, waitsUntil)
      startsMin.push(atMin)
      if (!piece.seen) atMin += piece.minutes
      if (piece.waitMin > 0) waitsUntil = atMin + piece.waitMin
    }
    atMin = Math.max(atMin, waitsUntil)
    return { dog, pieces, startsMin, doneMin: atMin }
  })
  const windows = placed.map(({ dog, startsMin, doneMin }) => ({
    from: minutesOf(dog.bring) - (startsMin[0] ?? 0),
    until: minutesOf(dog.promise) + atMin - doneMin,
  }))
  const stop: Stop = {
    id,
    stayMin: atMin,
    fromMin: Math.max(...windows.map(({ from }) => from)),
    untilMin: Math.min(...windows.map(({ until }) => until)),
    litres: placed.reduce((sum, { dog, pieces }) => sum + (isBathed(pieces) ? 0 : dog.waterLitres), 0),
  }
  return { id, dogs: placed, stop }
}

const isFilling = ({ stages }: Piece): boolean => stages.every(({ id }) => id === 'ears' || id === 'nails')
const isBathed = (pieces: readonly Piece[]): boolean =>
  pieces.some(({ place, seen }) => place === 'tub' && seen !== null)

function vanOf(day: HouseDay, doors: readonly Door[], last: Door | null, here: Door | null): VanDay {
  const van = day.van ?? { refills: [] }
  const tankLitres = van.tankLitres ?? TANK_LITRES
  const packMin = van.packMin ?? PACK_MIN
  const nowMin = minutesOf(day.now)
  const fromMin = minutesOf(day.people[0]?.from ?? day.now)
  const used = dogsToday(day).reduce((sum, dog) => {
    const pieces = piecesOf(dog, day.happened, nowMin, false)
    const begun = isBathed(pieces) || here?.dogs.some((own) => own.dog.id === dog.id)
    return sum + (begun ? dog.waterLitres : 0)
  }, 0)
  const spots = new Map(
    [
      ['base', van.base] as const,
      ...van.refills.map(({ id, lat, lon }) => [id, { lat, lon }] as const),
      ...day.dogs.map(({ id, home }) => [id, home] as const),
    ].flatMap(([id, spot]) => (spot ? [[id, spot] as const] : [])),
  )
  const { speedKmh = SPEED_KMH, roadFactor = ROAD_FACTOR } = van
  return {
    base: 'base',
    ...(last ? { at: last.id } : {}),
    departMin: here
      ? nowMin + here.stop.stayMin + packMin
      : Math.max(nowMin, fromMin, last ? lastEndMin(day) + packMin : 0),
    ...(day.happened.length > 0 ? { litres: Math.max(0, tankLitres - used) } : {}),
    stops: doors.map(({ stop }) => stop),
    refills: van.refills.map(({ id }) => id),
    tankLitres,
    setUpMin: van.setUpMin ?? SET_UP_MIN,
    packMin,
    refillMin: van.refillMin ?? REFILL_MIN,
    ways: van.travelMin ? waysByTable(van.travelMin, speedKmh) : waysBySpot(spots, { speedKmh, roadFactor }),
  }
}

const lastEndMin = ({ happened }: HouseDay): number =>
  Math.max(0, ...happened.map(({ to }) => (to === null ? 0 : minutesOf(to))))

/** Whoever drives and grooms over six hours rests, where it breaks no promise; driving counts. */
function rested(van: VanDay, route: PlannedRoute): PlannedRoute {
  const strain = (of: Route) => longestWithoutBreak(roadWork(van, of))
  if (strain(route) <= BREAK_AFTER_MIN) return route
  let best: Route = route
  for (const { id } of route.stops) {
    const other = routeWithRest(van, route, id, BREAK_MIN)
    if (!other || other.broken > route.broken || other.lateMin > route.lateMin) continue
    const [now, then] = [strain(best), strain(other)]
    const better = then <= BREAK_AFTER_MIN ? now > BREAK_AFTER_MIN || other.homeMin < best.homeMin : then < now
    if (better) best = other
  }
  return { ...route, ...best }
}

/** When the driver works: on the road, at the doors, filling the tank; standing before a door is a rest. */
export function roadWork(van: VanDay, { stops, homeMin, driveMin }: Route): Stretch[] {
  const road = stops.reduce((sum, stop) => sum + stop.driveMin, 0)
  const homeward = Math.ceil(Math.max(0, driveMin - road))
  return [
    ...stops.flatMap(({ arriveMin, beginMin, leaveMin, driveMin: wayMin, refillBefore }) => {
      const onTheRoad = Math.ceil(wayMin) + (refillBefore === null ? 0 : van.refillMin)
      return [
        { fromMin: arriveMin - onTheRoad, toMin: arriveMin + van.setUpMin },
        { fromMin: beginMin, toMin: leaveMin },
      ]
    }),
    { fromMin: homeMin - homeward, toMin: homeMin },
  ]
}
