import { NONE, type State } from '../shop'
import { minutesOf } from '../people'
import type { Workshop } from './workshop'

/** One stretch of somebody's work, or of a dog's stay. */
export interface Stretch {
  fromMin: number
  toMin: number
}

/** When a dog's groom begins and is over by a plan, what happened counted in. */
export function stayOf({ floor, pieces }: Workshop, state: State, dog: number): Stretch {
  const [first, past] = [floor.first[dog] as number, floor.first[dog + 1] as number]
  const seen = (pieces[dog] ?? [])[0]?.seen
  const fromMin = seen ? seen.fromMin : (state.start[first] as number)
  return { fromMin, toMin: (state.end[past - 1] as number) + (floor.shop.jobs[dog]?.restMin ?? 0) }
}

/** Minutes of a dog's stay without hands on it. */
export function waitsOf(shop: Workshop, state: State, dog: number): number {
  const { fromMin, toMin } = stayOf(shop, state, dog)
  const hands = (shop.pieces[dog] ?? []).reduce((sum, piece) => {
    if (piece.kind !== 'hands') return sum
    return sum + (piece.seen ? piece.seen.endMin - piece.seen.fromMin : piece.minutes)
  }, 0)
  return Math.max(0, toMin - fromMin - hands)
}

/** Everything that a person does in a day, in order: hands, holding, standing within reach, and what is over. */
export function workOf(shop: Workshop, state: State, person: number): Stretch[] {
  const { day, floor } = shop
  const own = day.people[person]?.id
  const work: Stretch[] = day.happened
    .filter((row) => row.person === own && row.to !== null)
    .map(({ from, to }) => ({ fromMin: minutesOf(from), toMin: minutesOf(to as string) }))
  for (let job = 0; job < shop.dogs.length; job++) {
    const first = floor.first[job] as number
    for (let task = first; task < (floor.first[job + 1] as number); task++) {
      const seen = shop.pieces[job]?.[task - first]?.seen
      if (seen?.over || (state.worker[task] !== person && state.second[task] !== person)) continue
      const { reach } = floor.tasks[task] as { reach: number }
      const until = reach === NONE || state.second[task] === person ? state.end[task] : state.start[first + reach]
      work.push({ fromMin: seen ? seen.fromMin : (state.start[task] as number), toMin: until as number })
    }
  }
  return work.sort((a, b) => a.fromMin - b.fromMin)
}

/** The longest stretch without a break, min. */
export function longestWithoutBreak(work: readonly Stretch[], breakMin: number): number {
  let longest = 0
  let fromMin = NaN
  let toMin = -Infinity
  for (const stretch of work) {
    if (!(stretch.fromMin - toMin < breakMin)) fromMin = stretch.fromMin
    toMin = Math.max(toMin, stretch.toMin)
    longest = Math.max(longest, toMin - fromMin)
  }
  return longest
}
