import type { Chance } from '../chance'
import { NONE as NONE_OF_SHOP, type Floor, type Job, type Task } from './shop'
import type { Serial, Turns } from './serial'

const NONE = NONE_OF_SHOP

/** A plan that was decided, in the order of its starts: what the next move begins from. */
export interface Sorted {
  /** Tasks by their start. */
  tasks: Int32Array
  /** Where each task stands among them. */
  at: Int32Array
}

/** Sorts what was decided by its start; what begins together keeps its order. */
export function sortDecided({ state: { decided, count, start } }: Serial, into: Sorted): void {
  const { tasks, at } = into
  for (let number = 0; number < count; number++) {
    const task = decided[number] as number
    const startMin = start[task] as number
    let hole = number
    while (hole > 0 && (start[tasks[hole - 1] as number] as number) > startMin) {
      tasks[hole] = tasks[hole - 1] as number
      hole--
    }
    tasks[hole] = task
  }
  for (let number = 0; number < count; number++) at[tasks[number] as number] = number
}

/**
 * Pairs of one critical path that follow each other in a worker's hands or in a place, so that the second waits for the
 * first. Of a block of them only the first and the last pair are worth a swap: E. Nowicki and C. Smutnicki (1996),
 * Management Science 42.
 */
export function criticalPairs(
  { state, floor }: Serial,
  from: number,
  pairs: [first: number, then: number][],
  chance: Chance,
): void {
  pairs.length = 0
  let inBlock = false
  for (let task = from; task !== NONE; task = state.cause[task] as number) {
    const before = state.cause[task] as number
    const waits = before !== NONE && floor.jobOf[before] !== floor.jobOf[task]
    const goesOn = waits && inBlock && waitsForAnother(state.cause, floor.jobOf, before)
    if (waits && (!goesOn || chance.share() < 0.25)) pairs.push([before, task])
    inBlock = waits
  }
}

const waitsForAnother = (cause: Int32Array, jobOf: Int32Array, task: number): boolean =>
  cause[task] !== NONE && jobOf[cause[task] as number] !== jobOf[task]

/**
 * Writes the turns anew, so that the second comes just before the first: whatever begins between them stays before both.
 * @returns how many turns are as they were, in the order of the starts
 */
export function swapped(
  floor: Floor,
  { tasks, at }: Sorted,
  count: number,
  [first, then]: readonly [number, number],
  { order }: Turns,
): number {
  for (let number = 0; number < count; number++) order[number] = floor.jobOf[tasks[number] as number] as number
  const [early, late] = [at[first] as number, at[then] as number]
  const follows = floor.jobOf[first + 1] === floor.jobOf[first] ? (at[first + 1] as number) : late
  const there = Math.min(follows, late)
  moveTurn(order, late, there)
  moveTurn(order, early, there)
  return early
}

export function moveTurn(order: Int32Array, from: number, to: number): void {
  const job = order[from] as number
  if (from > to) order.copyWithin(to + 1, to, from)
  else order.copyWithin(from, from + 1, to + 1)
  order[to] = job
}

/** Tasks that more than one worker may do. */
export const tasksOfMany = ({ tasks }: Floor): number[] =>
  tasks.flatMap(({ workers }, task) => (workers.length > 1 ? [task] : []))

/** Jobs to come of one task that stands nowhere: somebody rests. */
export const restsOf = ({ shop }: Floor): number[] =>
  [...shop.jobs.keys()].filter((job) => {
    const { tasks, begun } = shop.jobs[job] as Job
    return !begun && tasks.length === 1 && tasks[0]?.place === NONE
  })

/**
 * Chooses anew who does a job, or one task of it.
 * @param tasks to pick from
 * @returns the first task that may be done otherwise; NONE where all is as it was
 */
export function otherHands(floor: Floor, tasks: readonly number[], turns: Turns, chance: Chance): number {
  const pick = tasks[Math.floor(chance.share() * tasks.length)]
  if (pick === undefined) return NONE
  const { whole, workers } = floor.tasks[pick] as Task
  const chosen = chance.share() < FREE_SHARE ? NONE : (workers[Math.floor(chance.share() * workers.length)] as number)
  const job = floor.jobOf[pick] as number
  const [all, at] = whole ? [turns.whole, job] : [turns.by, pick]
  if (all[at] === chosen) return NONE
  all[at] = chosen
  return whole ? firstWhole(floor, job) : pick
}

function firstWhole(floor: Floor, job: number): number {
  let task = firstToCome(floor, job)
  while (floor.tasks[task]?.whole === false) task++
  return task
}

const firstToCome = ({ first, shop }: Floor, job: number): number =>
  (first[job] as number) + ((shop.jobs[job] as Job).begun?.done ?? 0)

/** How often a choice is given back to whoever is free first. */
const FREE_SHARE = 0.4

/** Keeps a job from beginning before another begins or ends, or lets it go. @returns its first task; NONE where it is as it was */
export function otherBeginning({ state, floor }: Serial, { notBefore }: Turns, chance: Chance): number {
  const { jobs } = floor.shop
  const job = Math.floor(chance.share() * jobs.length)
  const other = Math.floor(chance.share() * jobs.length)
  const [first, past] = [floor.first[other] as number, floor.first[other + 1] as number]
  const kind = chance.share()
  const was = notBefore[job]
  notBefore[job] =
    other === job || kind < FREE_SHARE
      ? 0
      : kind < 0.7
        ? (state.start[first] as number) - Math.floor(chance.share() * 3) * 10
        : (state.end[past - 1] as number) + (jobs[other] as Job).restMin
  return notBefore[job] === was ? NONE : firstToCome(floor, job)
}
