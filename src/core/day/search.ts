import {
  anneal,
  Bound,
  branch,
  comparedScores,
  dispatched,
  PRIORITIES,
  Serial,
  State,
  type Floor,
  type Turns,
} from '../shop'
import type { HouseDay } from './day'
import { BREAK_AFTER_MIN, BREAK_MIN } from './facts'
import { dayAim, RANK } from './judge'
import { longestWithoutBreak, workOf } from './seenDay'
import { workshopOf, type Workshop } from './workshop'

/** A plan as it was found: which piece when, by whom and where. */
export interface Found {
  shop: Workshop
  state: State
  score: Float64Array
  /** How it came about, to go on from; null when it was found by branch and bound. */
  turns: Turns | null
  boundMin: number
  proved: boolean
}

export interface Effort {
  /** Plans that annealing tries; and nodes that branch and bound looks at. */
  steps: number
  nodes: number
  /** Told how far it is, 0 to 1; true: stop, take what you have. */
  stop?: (share: number) => boolean
}

/** What a day is planned with: under two seconds for sixteen dogs. From memory, by `npm run bench`. */
export const EFFORT: Effort = { steps: 6000, nodes: 4000 }

/** Above so many pieces branch and bound has no hope in its nodes. From memory. */
const FEW_PIECES = 60

/** How warm annealing begins and ends, in mean minutes of a task. From memory. */
const WARM = 1.6
const COLD = 0.06

/** The plan of a salon's day: constructed, annealed, and where the day is small or the bound tells, proved. */
export function searchDay(day: HouseDay, effort: Effort = EFFORT): Found {
  let found = annealed(workshopOf(day, true), day.seed, effort, [])
  const resting = overworked(found)
  if (resting.length > 0) {
    const rested = annealed(workshopOf(day, true, resting), day.seed, effort, [])
    if (comparedScores(rested.score, found.score) <= 0) found = rested
  }
  return proven(found, day, effort)
}

/** Whoever works too long without a break by a plan. */
const overworked = ({ shop, state }: Found): number[] =>
  shop.day.people.flatMap((_, person) =>
    longestWithoutBreak(workOf(shop, state, person), BREAK_MIN) > BREAK_AFTER_MIN ? [person] : [],
  )

/** Anneals from every priority rule, and from turns that are known to be good. */
export function annealed(shop: Workshop, seed: number, { steps, stop }: Effort, known: readonly Turns[]): Found {
  const { floor } = shop
  const aim = dayAim(shop)
  const mean = meanMin(floor)
  const begins = [...known, ...PRIORITIES.map((priority) => dispatched(floor, priority))]
  const search = { steps, seed, warm: WARM * mean, cold: COLD * mean, ...(stop ? { stop } : {}) }
  const result = anneal(floor, aim, begins, search)
  if (!result) return atAStand(shop)
  return { ...polished(shop, result.turns, result.score), boundMin: 0, proved: false }
}

export const meanMin = ({ tasks }: Floor): number =>
  Math.max(1, tasks.reduce((sum, { minutes }) => sum + minutes, 0) / Math.max(1, tasks.length))

/** Dogs come as late as they can without a loss: nobody waits who need not. */
function polished(shop: Workshop, turns: Turns, best: Float64Array) {
  const { floor } = shop
  const aim = dayAim(shop)
  const serial = new Serial(floor)
  let score = best.slice()
  const trial = new Float64Array(best.length)
  serial.run(turns)
  for (let job = 0; job < shop.dogs.length; job++) {
    const first = floor.first[job] as number
    if (floor.shop.jobs[job]?.begun) continue
    for (let task = first + 1; task < (floor.first[job + 1] as number); task++) {
      const gapMin = (serial.state.start[task] as number) - (serial.state.end[task - 1] as number)
      if (gapMin <= 0) continue
      const before = turns.notBefore[job] as number
      turns.notBefore[job] = (serial.state.start[first] as number) + gapMin
      const placed = serial.run(turns)
      if (placed) aim.judge(serial.state, trial)
      if (placed && comparedScores(trial, score) < 0) score = trial.slice()
      else {
        turns.notBefore[job] = before
        serial.run(turns)
      }
      break
    }
  }
  return { shop, state: new State(floor).copyFrom(serial.state), score, turns }
}

/** A day in which the dogs stand in each other's way so that none can move: what is begun stays, the rest is not placed. */
function atAStand(shop: Workshop): Found {
  const state = new State(shop.floor)
  const score = new Float64Array(dayAim(shop).weights.length).fill(Infinity)
  return { shop, state, score, turns: null, boundMin: 0, proved: false }
}

/** What can be said of a plan: the earliest end that cannot be ruled out, and whether there is a better one. */
function proven(found: Found, day: HouseDay, { nodes }: Effort): Found {
  const pieces = workshopOf(day, false, found.shop.resting)
  const endMin = found.score[RANK.end] as number
  const keeps = found.score[RANK.past] === 0 && found.score[RANK.broken] === 0
  const boundMin = Math.min(endMin, new Bound(pieces.floor).leastEndMin(keeps))
  if (boundMin === endMin) return { ...found, boundMin, proved: true }
  if (pieces.floor.tasks.length > FEW_PIECES) return { ...found, boundMin }
  const { state, score, proved } = branch(pieces.floor, dayAim(pieces), found.score, RANK.end, nodes)
  const best = state ? { shop: pieces, state, score, turns: null } : found
  const end = best.score[RANK.end] as number
  return { ...best, boundMin: proved ? end : boundMin, proved }
}
