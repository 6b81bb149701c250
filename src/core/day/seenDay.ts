import { NONE, type State, type Task } from '../shop'
import { BREAK_MIN } from './facts'
import { isDrying, type Stretch } from './known'
import type { Piece } from './pieces'
import type { Workshop } from './workshop'

/** What a plan comes to, by dog and by person; minutes. */
export interface Seen {
  /** When each dog's groom begins and is over, what happened counted in. */
  fromMin: Float64Array
  toMin: Float64Array
  /** Minutes of a stay without hands on the dog, and those of them in a bay. */
  waitsMin: Float64Array
  asideMin: Float64Array
  /** Work past somebody's hours, hands at the blower, and the longest stretch without a break. */
  pastMin: Float64Array
  dryingMin: Float64Array
  unbrokenMin: Float64Array
}

/** Looks through a plan once. */
export function seeDay(shop: Workshop, state: State): Seen {
  const [dogs, people] = [shop.dogs.length, shop.day.people.length]
  const seen: Seen = {
    fromMin: new Float64Array(dogs),
    toMin: new Float64Array(dogs),
    waitsMin: new Float64Array(dogs),
    asideMin: new Float64Array(dogs),
    pastMin: new Float64Array(people),
    dryingMin: Float64Array.from(shop.known.dryingMin),
    unbrokenMin: new Float64Array(people),
  }
  const work = shop.known.over.map((own) => own.slice())
  for (let dog = 0; dog < dogs; dog++) seeDog(shop, state, dog, seen, work)
  for (let at = 0; at < state.aside.length; at += 4)
    if ((state.aside[at] as number) < dogs)
      seen.asideMin[state.aside[at] as number]! += (state.aside[at + 3] as number) - (state.aside[at + 2] as number)
  work.forEach((own, person) => (seen.unbrokenMin[person] = longestWithoutBreak(own, BREAK_MIN)))
  return seen
}

function seeDog(shop: Workshop, state: State, dog: number, seen: Seen, work: Stretch[][]): void {
  const { floor, pieces, known } = shop
  const own = pieces[dog] as readonly Piece[]
  const [first, past] = [floor.first[dog] as number, floor.first[dog + 1] as number]
  const begun = (own[0] as Piece).seen
  const fromMin = begun ? begun.fromMin : (state.start[first] as number)
  const toMin = (state.end[past - 1] as number) + (floor.shop.jobs[dog]?.restMin ?? 0)
  seen.fromMin[dog] = fromMin
  seen.toMin[dog] = toMin
  seen.waitsMin[dog] = Math.max(0, toMin - fromMin - (known.handsMin[dog] as number))
  for (let task = first; task < past; task++) {
    const piece = own[task - first] as Piece
    if (piece.seen?.over) continue
    const startMin = piece.seen ? piece.seen.fromMin : (state.start[task] as number)
    const endMin = state.end[task] as number
    const by = state.worker[task] as number
    const second = state.second[task] as number
    if (by !== NONE) {
      const { reach } = floor.tasks[task] as Task
      const until = reach === NONE ? endMin : (state.start[first + reach] as number)
      ;(work[by] as Stretch[]).push({ fromMin: startMin, toMin: until })
      if (!piece.seen && isDrying(piece)) seen.dryingMin[by]! += piece.minutes
      if (!piece.seen) seen.pastMin[by]! += pastHours(shop, by, startMin, endMin)
    }
    if (second === NONE) continue
    ;(work[second] as Stretch[]).push({ fromMin: startMin, toMin: endMin })
    seen.pastMin[second]! += pastHours(shop, second, startMin, endMin)
  }
}

const pastHours = ({ floor }: Workshop, person: number, startMin: number, endMin: number): number =>
  Math.max(0, endMin - Math.max(startMin, floor.shop.workers[person]?.untilMin ?? Infinity))

/** The longest stretch without a break, min. The work is put in order. */
export function longestWithoutBreak(work: Stretch[], breakMin: number): number {
  work.sort((a, b) => a.fromMin - b.fromMin)
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

/** When the last dog is over, min. */
export const endOfDay = ({ nowMin }: Workshop, { toMin }: Seen): number =>
  toMin.reduce((a, b) => Math.max(a, b), nowMin)

export const waitingOf = ({ waitsMin }: Seen): number => waitsMin.reduce((sum, min) => sum + min, 0)
