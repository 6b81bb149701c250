import { seeded } from '../chance'
import { minutesOf } from '../people'
import { DAY_SIGMA } from '../pace'
import { DAYS, normals } from './risk'
import type { Door, Road } from './road'

/** How ways spread about their minutes, as a share of them. From memory. */
const ROAD_SHARE = 0.15
const LEAST_ROAD = 0.3

/** The chance that each dog's promise holds, that all do, and when each is done at nine of ten, min, by playing the van's day. */
export function roadRisk({ day, here, doors, route, van }: Road, seed: number, days = DAYS) {
  const draw = normals(seeded(seed))
  const dones = new Map<string, Float64Array>()
  const groom = (door: Door, beginMin: number, slow: number, at: number): number => {
    let clock = beginMin
    for (const { dog, pieces, startsMin, doneMin } of door.dogs) {
      const hands = pieces.filter(({ seen }) => !seen?.over)
      const planned = hands.reduce(
        (sum, { minutes, seen }) => sum + (seen ? seen.endMin - minutesOf(day.now) : minutes),
        0,
      )
      const waits = Math.max(0, doneMin - (startsMin[0] ?? 0) - planned)
      clock = Math.max(clock, minutesOf(dog.bring)) + waits
      for (const piece of hands)
        for (const { medianMin, sigma } of piece.stages) {
          const left = piece.seen ? piece.seen.endMin - minutesOf(day.now) : medianMin
          clock += left * slow * Math.exp(sigma * draw())
        }
      const own = dones.get(dog.id) ?? new Float64Array(days)
      own[at] = clock
      dones.set(dog.id, own)
    }
    return clock
  }
  for (let at = 0; at < days; at++) {
    const slow = Math.exp(DAY_SIGMA * draw())
    let clock = here ? groom(here, minutesOf(day.now), slow, at) + van.packMin : van.departMin
    for (const { id, driveMin, refillBefore } of route.stops) {
      const door = doors.find((other) => other.id === id) as Door
      clock += driveMin * Math.max(LEAST_ROAD, 1 + ROAD_SHARE * draw()) + (refillBefore === null ? 0 : van.refillMin)
      if (van.rest?.after === id) clock += van.rest.min
      clock = groom(door, Math.max(clock + van.setUpMin, door.stop.fromMin), slow, at) + van.packMin
    }
  }
  const promises = new Map(day.dogs.map(({ id, promise }) => [id, minutesOf(promise)]))
  const broken = new Uint8Array(days)
  const dogs = new Map(
    [...dones].map(([id, minutes]) => {
      const until = promises.get(id) as number
      const kept = minutes.reduce((sum, min, at) => {
        if (min > until) broken[at] = 1
        return sum + (min <= until ? 1 : 0)
      }, 0)
      return [id, { chance: kept / days, lateMin: minutes.sort()[Math.floor(days * 0.9)] ?? 0 }]
    }),
  )
  const share = 1 - broken.reduce((sum, one) => sum + one, 0) / days
  return { dogs, all: { share, error: Math.sqrt((share * (1 - share)) / days) } }
}
