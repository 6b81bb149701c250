import { NONE as NONE_OF_SHOP, type Floor, type Job, type Task, type Worker } from './shop'
import { cleanMin, type State } from './state'

const NONE = NONE_OF_SHOP

/** When, by whom and where a task can begin. */
export interface Offer {
  startMin: number
  worker: number
  second: number
  unit: number
  /** A job that is moved aside for it, into which bay, and when. */
  moved: number
  bay: number
  movedMin: number
  /** The task that keeps it from beginning earlier. */
  cause: number
}

export const noOffer = (): Offer => ({
  startMin: 0,
  worker: NONE,
  second: NONE,
  unit: NONE,
  moved: NONE,
  bay: NONE,
  movedMin: 0,
  cause: NONE,
})

/** What was chosen for a task besides its turn; NONE leaves it to whoever, or whatever, is free first. */
export interface Choice {
  worker: number
  /** Who does what one worker does all through, unless somebody began it. */
  whole: number
  /** Who stands by, if they can. */
  second: number
  unit: number
  notBeforeMin: number
}

/** Working past one's hours is the last thing to do, min. */
const PAST_HOURS_MIN = 100_000

/**
 * The earliest offer for the next task of a job, on top of all that was decided before.
 * @returns false while it cannot begin at all: somebody stands in its way who has to move on first
 */
export function offerFor(state: State, job: number, choice: Choice, offer: Offer): boolean {
  const { floor } = state
  const index = (floor.first[job] as number) + (state.next[job] as number)
  const task = floor.tasks[index] as Task
  earliest(state, job, index, task, choice.notBeforeMin, offer)
  if (task.place !== NONE && !placeFor(state, job, task, choice.unit, offer)) return false
  offer.unit = task.place === NONE ? (state.unitOf[job] as number) : offer.unit
  if (task.workers.length === 0) return true
  return handsFor(state, index, task, wantedWorker(state, job, task, choice), choice.second, offer)
}

function earliest(state: State, job: number, index: number, task: Task, notBeforeMin: number, offer: Offer): void {
  const { lag, fromMin } = task
  const first = state.floor.first[job] as number
  const stoodMin = state.bayOf[job] === NONE ? 0 : (state.asideFrom[job] as number)
  offer.startMin = Math.max(state.ready[job] as number, notBeforeMin, fromMin, stoodMin)
  offer.cause = index > first && offer.startMin === state.ready[job] ? index - 1 : NONE
  offer.moved = offer.worker = offer.second = offer.unit = NONE
  if (lag === null) return
  const afterLag = (state.end[first + lag.after] as number) + lag.minutes
  if (afterLag > offer.startMin) {
    offer.startMin = afterLag
    offer.cause = first + lag.after
  }
}

/** The unit that is free first, somebody idle in it moved aside if there is a bay. */
function placeFor(state: State, job: number, { place }: Task, wanted: number, offer: Offer): boolean {
  const { unitsFrom, kindOf } = state.floor
  const here = state.unitOf[job] as number
  if (here !== NONE && kindOf[here] === place) {
    offer.unit = here
    return wanted === NONE || wanted === here
  }
  let bestMin = Infinity
  for (let unit = unitsFrom[place] as number; unit < (unitsFrom[place + 1] as number); unit++) {
    if (wanted !== NONE && unit !== wanted) continue
    const freeMin = freeFrom(state, unit)
    // Among those that are free in time the one that was free last: the others stay for whoever comes earlier.
    const better =
      freeMin <= offer.startMin
        ? bestMin > offer.startMin || (state.occupant[unit] === NONE && freeMin > bestMin)
        : freeMin < bestMin
    if (!better) continue
    bestMin = freeMin
    offer.unit = unit
  }
  if (bestMin === Infinity) return false
  if (bestMin > offer.startMin) {
    offer.startMin = bestMin
    offer.cause = state.freedBy[offer.unit] as number
  }
  const inTheWay = state.occupant[offer.unit] as number
  if (inTheWay !== NONE) moveInto(state, inTheWay, offer)
  return true
}

function freeFrom(state: State, unit: number): number {
  const inIt = state.occupant[unit] as number
  if (inIt === NONE) return state.unitFree[unit] as number
  if (!mayMove(state, inIt)) return Infinity
  const bay = bayFor(state)
  if (bay === NONE) return Infinity
  return Math.max(state.still[inIt] as number, state.bayFree[bay] as number) + cleanMin(state.floor, inIt, unit)
}

function mayMove({ floor, next }: State, job: number): boolean {
  if (!(floor.shop.jobs[job] as Job).mayStandAside) return false
  const index = (floor.first[job] as number) + (next[job] as number)
  return index < (floor.first[job + 1] as number) && !(floor.tasks[index] as Task).stays
}

function bayFor({ bayOccupant, bayFree }: State): number {
  let best = NONE
  for (let bay = 0; bay < bayOccupant.length; bay++)
    if (bayOccupant[bay] === NONE && (best === NONE || (bayFree[bay] as number) < (bayFree[best] as number))) best = bay
  return best
}

function moveInto(state: State, inTheWay: number, offer: Offer): void {
  offer.moved = inTheWay
  offer.bay = bayFor(state)
  // At once: a dog is not left on a table, or in a tub, with nobody at it.
  offer.movedMin = Math.max(state.still[inTheWay] as number, state.bayFree[offer.bay] as number)
  if (offer.cause === NONE || offer.startMin === freeFrom(state, offer.unit))
    offer.cause = (state.floor.first[inTheWay] as number) + (state.next[inTheWay] as number) - 1
}

function wantedWorker({ floor, worker, wholeBy }: State, job: number, task: Task, choice: Choice): number {
  if (task.sameAs !== NONE) return worker[(floor.first[job] as number) + task.sameAs] as number
  if (!task.whole) return choice.worker
  return wholeBy[job] === NONE ? choice.whole : (wholeBy[job] as number)
}

/** Whoever can begin first, those in their hours before others; and a second one where it takes two. */
function handsFor(
  state: State,
  index: number,
  task: Task,
  wanted: number,
  wantedSecond: number,
  offer: Offer,
): boolean {
  const own = task.sameAs !== NONE
  const worker =
    wanted === NONE
      ? firstFree(state, task.workers, index, task, offer.startMin, NONE)
      : canWork(state, wanted, index, own)
        ? wanted
        : NONE
  if (worker === NONE) return false
  offer.worker = worker
  takeUp(state, worker, own, offer)
  if (!task.second) return true
  const mayStandBy = wantedSecond !== NONE && wantedSecond !== worker && canWork(state, wantedSecond, index, false)
  const second = mayStandBy
    ? wantedSecond
    : firstFree(state, everybody(state.floor), index, task, offer.startMin, worker)
  if (second === NONE) return false
  offer.second = second
  takeUp(state, second, false, offer)
  return true
}

function takeUp(state: State, worker: number, own: boolean, offer: Offer): void {
  const freeMin = state.workerFree[worker] as number
  if (own || freeMin <= offer.startMin) return
  offer.startMin = freeMin
  offer.cause = state.lastOf[worker] as number
}

/** Who stays within reach of one task is free for its own, and for the one that ends it. */
const canWork = ({ heldFor }: State, worker: number, index: number, own: boolean): boolean =>
  own || heldFor[worker] === NONE || heldFor[worker] === index

function firstFree(
  state: State,
  among: readonly number[],
  index: number,
  task: Task,
  atMin: number,
  not: number,
): number {
  const { workers } = state.floor.shop
  let best = NONE
  let bestMin = Infinity
  for (let at = 0; at < among.length; at++) {
    const worker = among[at] as number
    if (worker === not || !canWork(state, worker, index, false)) continue
    const startMin = Math.max(atMin, state.workerFree[worker] as number)
    const past = startMin + task.minutes > (workers[worker] as Worker).untilMin ? PAST_HOURS_MIN : 0
    if (startMin + past >= bestMin) continue
    bestMin = startMin + past
    best = worker
  }
  return best
}

const EVERYBODY = new WeakMap<Floor, number[]>()
function everybody(floor: Floor): readonly number[] {
  const known = EVERYBODY.get(floor)
  if (known) return known
  const all = floor.shop.workers.map((_, at) => at)
  EVERYBODY.set(floor, all)
  return all
}

/** Decides: the next task of a job begins as it was offered. */
export function take(state: State, job: number, offer: Offer): void {
  const { floor } = state
  const number = state.next[job] as number
  const index = (floor.first[job] as number) + number
  const task = floor.tasks[index] as Task
  const startMin = offer.startMin
  const endMin = startMin + task.minutes
  standIn(state, job, task, offer)
  state.decided[state.count++] = index
  state.start[index] = startMin
  state.end[index] = endMin
  state.unit[index] = state.unitOf[job] as number
  state.bay[index] = state.bayOf[job] as number
  state.worker[index] = offer.worker
  state.second[index] = offer.second
  state.cause[index] = offer.cause
  if (task.whole) state.wholeBy[job] = offer.worker
  letGo(state, index, startMin)
  if (offer.worker !== NONE) busy(state, offer.worker, index, endMin)
  if (offer.second !== NONE) busy(state, offer.second, index, endMin)
  if (task.reach !== NONE) state.heldFor[offer.worker] = (floor.first[job] as number) + task.reach
  state.ready[job] = endMin
  state.still[job] = endMin + ownWaitMin(floor, index, number)
  state.next[job] = number + 1
  const last = index + 1 === floor.first[job + 1]
  if (last || (!task.holds && task.place !== NONE))
    state.leave(job, endMin + (last ? (floor.shop.jobs[job] as Job).restMin : 0), index)
}

/** What a task waits after itself, before the next may begin; meanwhile the job stays where it is. */
function ownWaitMin({ tasks, jobOf }: Floor, index: number, number: number): number {
  if (jobOf[index + 1] !== jobOf[index]) return 0
  const { lag } = tasks[index + 1] as Task
  return lag?.after === number ? lag.minutes : 0
}

function busy(state: State, worker: number, index: number, endMin: number): void {
  if ((state.workerFree[worker] as number) < endMin) state.workerFree[worker] = endMin
  state.lastOf[worker] = index
}

function standIn(state: State, job: number, task: Task, offer: Offer): void {
  if (offer.moved !== NONE) state.moveAside(offer.moved, offer.bay, offer.movedMin)
  const index = (state.floor.first[job] as number) + (state.next[job] as number)
  state.freedBefore[index] = NONE
  if (task.place === NONE || state.unitOf[job] === offer.unit) return
  const freed = state.freedBy[offer.unit] as number
  state.freedBefore[index] = freed
  if (freed !== NONE) state.cleanBefore[index] = cleanMin(state.floor, state.floor.jobOf[freed] as number, offer.unit)
  state.leave(job, offer.startMin, index)
  state.unitOf[job] = offer.unit
  state.occupant[offer.unit] = job
}

/** Whoever stayed within reach until this task is free from its beginning. */
function letGo(state: State, index: number, startMin: number): void {
  for (let worker = 0; worker < state.heldFor.length; worker++) {
    if (state.heldFor[worker] !== index) continue
    state.heldFor[worker] = NONE
    state.workerFree[worker] = Math.max(state.workerFree[worker] as number, startMin)
    state.lastOf[worker] = index
  }
}
