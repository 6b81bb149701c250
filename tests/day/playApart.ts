import type { DayPlan, HouseDay } from '@/core/day'
import { at } from './at'

/**
 * Plays a plan of a day many times, from what it prints alone and with a chance of its own: written apart from the planner's
 * way of counting chances, of which it uses nothing but the two spreads.
 * @param spread of a stage and of a whole day, on the log scale
 * @returns by dog the share of days on which its promise holds
 */
export function heldShares(
  day: HouseDay,
  plan: DayPlan,
  spread: { stage: number; day: number },
  days: number,
): Map<string, number> {
  const normal = lehmer(20270302)
  const rows = rowsInOrder(day, plan)
  const held = new Map(plan.dogs.map(({ id }) => [id, 0]))
  for (let round = 0; round < days; round++) {
    const slow = Math.exp(spread.day * normal())
    const ends = played(day, plan, rows, (row) =>
      row.medianMin === null ? row.to - row.from : row.medianMin * slow * Math.exp(spread.stage * normal()),
    )
    for (const [dog, end] of ends) {
      const promise = at(day.dogs.find(({ id }) => id === dog)?.promise ?? '23:59')
      if (end <= promise) held.set(dog, (held.get(dog) ?? 0) + 1)
    }
  }
  return new Map([...held].map(([dog, count]) => [dog, count / days]))
}

interface Row {
  dog: string
  person: string | null
  second: string | null
  station: string | null
  stage: string | null
  from: number
  to: number
  /** Of hands; null for a wait. */
  medianMin: number | null
}

function rowsInOrder(day: HouseDay, plan: DayPlan): Row[] {
  const stays = plan.work.filter(({ kind, stage }) => kind !== 'holds' && stage !== null)
  return stays
    .map(({ dog, person, station, stage, kind, from, to }) => {
      const known = day.dogs.find(({ id }) => id === dog)?.stages?.find(({ id }) => id === stage)
      const holds = plan.work.find((row) => row.kind === 'holds' && row.dog === dog && row.from === from)
      const medianMin = kind === 'hands' ? (known?.handsMin ?? at(to) - at(from)) : null
      return { dog, person, second: holds?.person ?? null, station, stage, from: at(from), to: at(to), medianMin }
    })
    .sort((a, b) => a.from - b.from || a.to - b.to)
}

/** One day: everything begins when its dog, its hands and its place are free, and no dog comes sooner than it was told to. */
function played(
  day: HouseDay,
  plan: DayPlan,
  rows: readonly Row[],
  minutes: (row: Row) => number,
): Map<string, number> {
  const room = new Room(day)
  const begins = new Map(plan.dogs.map((dog) => [dog.id, at(dog.begins)]))
  for (const row of rows) {
    const { dog } = row
    const from = Math.max(room.dogFree.get(dog) ?? begins.get(dog) ?? 0, room.freeFor(row))
    if (row.medianMin === null && row.stage !== 'dry') {
      // Conditioner works while other hands go on with this dog.
      room.worksUntil.set(dog, from + minutes(row))
      continue
    }
    const end = from + minutes(row)
    room.take(row, from, end)
    if (!rows.some((other) => other.dog === dog && other.from > row.from)) room.leave(dog, end)
  }
  return room.dogFree
}

/** Who and what is free from when. */
class Room {
  readonly dogFree = new Map<string, number>()
  readonly worksUntil = new Map<string, number>()
  private readonly handsFree = new Map<string, number>()
  private readonly placeFree = new Map<string, number>()
  private readonly standsIn = new Map<string, string>()
  private readonly reach = new Map<string, string>()

  constructor(private readonly day: HouseDay) {}

  freeFor(row: Row): number {
    const { dog, station, stage, medianMin } = row
    const filling = stage === 'ears' || stage === 'nails' || medianMin === null
    const place = station !== null && this.standsIn.get(dog) !== station ? (this.placeFree.get(station) ?? 0) : 0
    return Math.max(
      filling ? 0 : (this.worksUntil.get(dog) ?? 0),
      place,
      ...handsOf(row).map((who) => this.handsFree.get(who) ?? 0),
    )
  }

  take(row: Row, from: number, end: number): void {
    const { dog, person, station, stage } = row
    if (station !== null && this.standsIn.get(dog) !== station) this.leave(dog, from)
    if (station !== null) this.standsIn.set(dog, station)
    if (stage === 'rinse') this.letGo(dog, from)
    for (const who of handsOf(row)) this.handsFree.set(who, end)
    if (stage === 'condition' && person !== null) this.reach.set(person, dog)
    this.dogFree.set(dog, end)
  }

  leave(dog: string, from: number): void {
    const place = this.standsIn.get(dog)
    if (place === undefined) return
    const catching = this.day.dogs.some(({ id, contagious }) => id === dog && contagious)
    this.placeFree.set(place, from + (/^(table|tub)/.test(place) ? (catching ? 5 : 3) : 0))
    this.standsIn.delete(dog)
  }

  /** Whoever stayed within reach of a dog's conditioner is free when it is rinsed. */
  private letGo(dog: string, from: number): void {
    for (const [who, whose] of this.reach) {
      if (whose !== dog) continue
      this.reach.delete(who)
      this.handsFree.set(who, Math.max(this.handsFree.get(who) ?? 0, from))
    }
  }
}

const handsOf = ({ person, second }: Row): string[] => [person, second].filter((who) => who !== null)

/** Standard normals: twelve shares of a Lehmer generator (D. H. Lehmer, 1951) summed, less six. */
function lehmer(seed: number): () => number {
  let state = seed
  return () => {
    let sum = -6
    for (let draw = 0; draw < 12; draw++) {
      state = (state * 48271) % 2147483647
      sum += state / 2147483647
    }
    return sum
  }
}
