import type { HouseDay } from '@/core/day'
import type { z } from 'zod'
import { at } from './at'

type Input = z.input<typeof HouseDay>

const NEEDS: Record<string, string> = { 'look-over': 'table', wash: 'tub', dry: 'dryer', body: 'table', head: 'table' }
const BATHERS = ['arrive', 'wash', 'dry', 'handover']
const CLEANED = ['table', 'tub']

interface Dog {
  next: number
  ready: number
  place: string | null
  groomer: string | null
}
interface Room {
  dogs: Dog[]
  hands: Record<string, number>
  /** When a place is free; null while a dog stands in it. */
  places: Record<string, number | null>
}

/**
 * The earliest end of a small day without bays, by trying every order, every pair of hands and every place: written apart from
 * the planner, and simple enough to be believed.
 */
export function earliestEnd(day: Input): number {
  const places = Object.entries(day.stations ?? {}).flatMap(([kind, count]) =>
    Array.from({ length: count ?? 0 }, (_, number) => `${kind} ${number + 1}`),
  )
  const room: Room = {
    dogs: day.dogs.map(({ bring }) => ({ next: 0, ready: at(bring), place: null, groomer: null })),
    hands: Object.fromEntries(day.people.map(({ id, from }) => [id, at(from)])),
    places: Object.fromEntries(places.map((place) => [place, 0])),
  }
  return tried(day, room, Infinity)
}

function tried(day: Input, room: Room, best: number): number {
  const soFar = Math.max(...room.dogs.map(({ ready }) => ready))
  if (soFar >= best) return best
  if (room.dogs.every(({ next }, dog) => next === day.dogs[dog]?.stages?.length)) return soFar
  let least = best
  for (const [dog, { next }] of room.dogs.entries()) {
    const stage = day.dogs[dog]?.stages?.[next]
    if (!stage) continue
    for (const { id, role } of day.people) {
      if (role === 'bather' && !BATHERS.includes(stage.id)) continue
      const trim = stage.id !== 'look-over' && !BATHERS.includes(stage.id)
      if (trim && room.dogs[dog]?.groomer && room.dogs[dog]?.groomer !== id) continue
      for (const place of placesFor(room, dog, stage.id))
        least = tried(day, begun(day, room, dog, stage.id, Math.ceil(stage.handsMin), id, place, trim), least)
    }
  }
  return least
}

function placesFor(room: Room, dog: number, stage: string): (string | null)[] {
  const kind = NEEDS[stage]
  const here = room.dogs[dog]?.place ?? null
  if (kind === undefined) return [here]
  if (here?.startsWith(kind)) return [here]
  return Object.entries(room.places).flatMap(([place, free]) =>
    place.startsWith(kind) && free !== null ? [place] : [],
  )
}

function begun(
  day: Input,
  room: Room,
  number: number,
  stage: string,
  minutes: number,
  who: string,
  place: string | null,
  trim: boolean,
): Room {
  const dog = room.dogs[number] as Dog
  const moves = place !== dog.place
  const start = Math.max(dog.ready, room.hands[who] ?? 0, moves ? (room.places[place as string] ?? 0) : 0)
  const places = { ...room.places }
  const leave = (from: string, min: number) =>
    (places[from] = min + (CLEANED.some((kind) => from.startsWith(kind)) ? 3 : 0))
  if (moves && dog.place !== null) leave(dog.place, start)
  if (place !== null) places[place] = null
  const last = dog.next + 1 === day.dogs[number]?.stages?.length
  if (last && place !== null) leave(place, start + minutes)
  const next: Dog = {
    next: dog.next + 1,
    ready: start + minutes,
    place: last ? null : place,
    groomer: trim ? who : dog.groomer,
  }
  return {
    dogs: room.dogs.map((each, at) => (at === number ? next : each)),
    hands: { ...room.hands, [who]: start + minutes },
    places,
  }
}
