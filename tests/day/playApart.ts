import type { DayPlan, HouseDay } from '@/core/day'

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

const at = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3))

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
  const [handsFree, placeFree, dogFree] = [
    new Map<string, number>(),
    new Map<string, number>(),
    new Map<string, number>(),
  ]
  const [standsIn, reach] = [new Map<string, string>(), new Map<string, string>()]
  const waitUntil = new Map<string, number>()
  for (const row of rows) {
    const { dog, person, second, station, stage } = row
    const begins = at(plan.dogs.find(({ id }) => id === dog)?.begins ?? '00:00')
    const filling = stage === 'ears' || stage === 'nails'
    const waits = row.medianMin !== null && !filling ? (waitUntil.get(dog) ?? 0) : 0
    const from = Math.max(
      dogFree.get(dog) ?? begins,
      waits,
      ...[person, second].map((who) => (who === null ? 0 : (handsFree.get(who) ?? 0))),
      station !== null && standsIn.get(dog) !== station ? (placeFree.get(station) ?? 0) : 0,
    )
    if (row.medianMin === null && stage !== 'dry') {
      // Conditioner works while other hands go on with this dog.
      waitUntil.set(dog, from + minutes(row))
      continue
    }
    const end = from + minutes(row)
    if (station !== null && standsIn.get(dog) !== station) leave(dog, from)
    if (station !== null) standsIn.set(dog, station)
    if (stage === 'rinse') for (const [who, whose] of reach) if (whose === dog) free(who, from)
    for (const who of [person, second]) if (who !== null) handsFree.set(who, end)
    if (stage === 'condition' && person !== null) reach.set(person, dog)
    dogFree.set(dog, end)
    if (!rows.some((other) => other.dog === dog && other.from > row.from)) leave(dog, end)
  }
  return dogFree

  function free(who: string, from: number): void {
    reach.delete(who)
    handsFree.set(who, Math.max(handsFree.get(who) ?? 0, from))
  }
  function leave(dog: string, from: number): void {
    const place = standsIn.get(dog)
    if (place === undefined) return
    const contagious = day.dogs.some(({ id, contagious: catching }) => id === dog && catching)
    placeFree.set(place, from + (/^(table|tub)/.test(place) ? (contagious ? 5 : 3) : 0))
    standsIn.delete(dog)
  }
}

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
