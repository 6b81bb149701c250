import { NONE as NONE_OF_SHOP, type Floor, type State } from '../shop'
import { BREAK_MIN } from './facts'
import type { Stretch } from './known'
import type { Piece } from './pieces'
import type { Workshop } from './workshop'

const NONE = NONE_OF_SHOP

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
  /** The stretch that each person was in last. */
  busyFromMin: Float64Array
  busyToMin: Float64Array
}

type Stretches = Record<'busyFromMin' | 'busyToMin' | 'unbrokenMin', Float64Array | number[]>

/** Nothing seen yet. */
export const blankSeen = ({ dogs, day }: Workshop): Seen => ({
  fromMin: new Float64Array(dogs.length),
  toMin: new Float64Array(dogs.length),
  waitsMin: new Float64Array(dogs.length),
  asideMin: new Float64Array(dogs.length),
  pastMin: new Float64Array(day.people.length),
  dryingMin: new Float64Array(day.people.length),
  unbrokenMin: new Float64Array(day.people.length),
  busyFromMin: new Float64Array(day.people.length),
  busyToMin: new Float64Array(day.people.length),
})

/** Looks through a plan once. @param seen written over, so that a search does not make thousands of them */
export function seeDay(shop: Workshop, state: State, seen = blankSeen(shop)): Seen {
  const { dogs, day, known, floor } = shop
  for (let dog = 0; dog < dogs.length; dog++) seeDog(shop, state, dog, seen)
  for (let at = 0; at < state.aside.length; at += 4)
    if ((state.aside[at] as number) < dogs.length)
      seen.asideMin[state.aside[at] as number]! += (state.aside[at + 3] as number) - (state.aside[at + 2] as number)
  for (let person = 0; person < day.people.length; person++) seeBefore(shop, person, seen)
  for (const { dog, piece, fromMin } of known.underWay)
    seeHands(floor, state, (floor.first[dog] as number) + piece, fromMin, seen)
  for (let at = 0; at < state.count; at++) {
    const task = state.decided[at] as number
    if ((floor.jobOf[task] as number) >= dogs.length) continue
    seeHands(floor, state, task, state.start[task] as number, seen)
    seeStrain(shop, state, task, seen)
  }
  return seen
}

function seeDog({ floor, pieces, known }: Workshop, state: State, dog: number, seen: Seen): void {
  const [first, past] = [floor.first[dog] as number, floor.first[dog + 1] as number]
  const begun = (pieces[dog]?.[0] as Piece).seen
  const fromMin = begun ? begun.fromMin : (state.start[first] as number)
  const toMin = (state.end[past - 1] as number) + (floor.shop.jobs[dog]?.restMin ?? 0)
  seen.fromMin[dog] = fromMin
  seen.toMin[dog] = toMin
  seen.waitsMin[dog] = Math.max(0, toMin - fromMin - (known.handsMin[dog] as number))
  seen.asideMin[dog] = 0
}

function seeBefore({ known }: Workshop, person: number, seen: Seen): void {
  seen.pastMin[person] = 0
  seen.dryingMin[person] = known.dryingMin[person] as number
  seen.unbrokenMin[person] = 0
  seen.busyToMin[person] = -Infinity
  for (const { fromMin, toMin } of known.over[person] as readonly Stretch[]) busy(seen, person, fromMin, toMin)
}

/** Whoever works at a task, and stays within reach after it. */
function seeHands({ reach }: Floor, state: State, task: number, fromMin: number, seen: Seen): void {
  const by = state.worker[task] as number
  const second = state.second[task] as number
  const until = reach[task] as number
  if (by !== NONE) busy(seen, by, fromMin, (until === NONE ? state.end[task] : state.start[until]) as number)
  if (second !== NONE) busy(seen, second, fromMin, state.end[task] as number)
}

/** What is to come past somebody's hours, and at the blower. */
function seeStrain({ floor, dryingMin }: Workshop, state: State, task: number, seen: Seen): void {
  const by = state.worker[task] as number
  const second = state.second[task] as number
  const [startMin, endMin] = [state.start[task] as number, state.end[task] as number]
  if (by !== NONE) {
    seen.pastMin[by]! += pastHours(floor, by, startMin, endMin)
    seen.dryingMin[by]! += dryingMin[task] as number
  }
  if (second !== NONE) seen.pastMin[second]! += pastHours(floor, second, startMin, endMin)
}

const pastHours = ({ untilMin }: Floor, person: number, startMin: number, endMin: number): number =>
  Math.max(0, endMin - Math.max(startMin, untilMin[person] as number))

/** Somebody goes on with work, or begins anew after a break. */
function busy(
  { busyFromMin, busyToMin, unbrokenMin }: Stretches,
  person: number,
  fromMin: number,
  toMin: number,
): void {
  const goesOn = fromMin - (busyToMin[person] as number) < BREAK_MIN
  if (!goesOn) busyFromMin[person] = fromMin
  busyToMin[person] = Math.max(busyToMin[person] as number, toMin)
  const sinceMin = (busyToMin[person] as number) - (busyFromMin[person] as number)
  if (sinceMin > (unbrokenMin[person] as number)) unbrokenMin[person] = sinceMin
}

/** The longest stretch without a break, min. The work is in order. */
export function longestWithoutBreak(work: readonly Stretch[]): number {
  const one = { busyFromMin: [0], busyToMin: [-Infinity], unbrokenMin: [0] }
  for (const { fromMin, toMin } of work) busy(one, 0, fromMin, toMin)
  return one.unbrokenMin[0] as number
}

/** When the last dog is over, min. */
export const endOfDay = ({ nowMin }: Workshop, { toMin }: Seen): number =>
  toMin.reduce((a, b) => Math.max(a, b), nowMin)

export const waitingOf = ({ waitsMin }: Seen): number => waitsMin.reduce((sum, min) => sum + min, 0)
