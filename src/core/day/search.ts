import {
  comparedScores,
  dispatched,
  goodPlan,
  PRIORITIES,
  provePlan,
  Serial,
  State,
  type Aim,
  type Effort,
  type Turns,
} from '../shop'
import type { HouseDay } from './day'
import type { DayPlan } from './dayPlan'
import { BREAK_AFTER_MIN } from './facts'
import { dayAim, RANK, strictly } from './judge'
import { seeDay } from './seenDay'
import { turnsAs } from './turnsBy'
import { workshopOf, type Workshop } from './workshop'

/** A plan as it was found: which piece when, by whom and where. */
export interface Found {
  shop: Workshop
  state: State
  score: Float64Array
  boundMin: number
  proved: boolean
}

/** Plans that are thought of in a walk, by task; a large day takes no longer than two seconds; and nodes. By `npm run bench`. */
const STEPS_BY_TASK = 200
export const MOST_STEPS = 8000
/** A day that goes on from a plan has most of its way behind it, and a late dog waits for the answer. */
export const AGAIN_STEPS = 1000
const NODES = 4000
/** So few plans are thought of where many days are weighed against each other. */
export const QUICK_STEPS = 200

/** Above so many pieces branch and bound has no hope in its nodes. From memory. */
const FEW_PIECES = 60

/** A dispatched day is good already: it is not made as warm as a machine shop. From memory, by `npm run bench`. */
const CALM = 0.35

/**
 * What a walk has found is ended earlier, with the rules kept that are kept there: by so large a share of plans besides, and
 * so much more calmly. By `npm run bench`.
 */
const POLISH = { share: 0.25, calm: 0.15 }

const effortFor = (shop: Workshop, stop: Effort['stop'], most: number): Effort => ({
  steps: Math.min(most, STEPS_BY_TASK * shop.floor.tasks.length),
  nodes: NODES,
  ...(stop ? { stop } : {}),
})

/**
 * The plan of a salon's day: constructed, annealed in two walks, of which the better counts, and where the day is small or
 * the bound tells, proved. In a large day everybody has a break to place; in a small one whoever has none by the first walk.
 * @param stop told how far it is; true takes what there is
 * @param steps plans that are thought of in a walk at the most
 * @param from a plan that the search goes on from, beside its own beginnings
 * @param aimOf what a plan is judged by
 */
export function searchDay(
  day: HouseDay,
  stop?: Effort['stop'],
  steps = MOST_STEPS,
  from?: DayPlan,
  aimOf: AimOf = dayAim,
): Found {
  const isQuick = steps === QUICK_STEPS
  const walk = (number: number, resting: number[]) =>
    annealed(workshopOf(day, true, resting), aimOf, {
      steps,
      stop: stop && ((share) => stop((number + share) / WALKS)),
      from,
      seed: day.seed + number,
    })
  const all = isLarge(workshopOf(day, false)) ? [...day.people.keys()] : null
  const first = walk(0, all ?? [])
  const tired = overworked(first)
  const isEnough = isQuick && tired.length === 0
  const second = isEnough ? first : walk(1, all ?? tired)
  return proven(comparedScores(second.score, first.score) <= 0 ? second : first, isQuick ? 0 : NODES, aimOf)
}

const WALKS = 2

const isLarge = ({ floor }: Workshop): boolean => floor.tasks.length > FEW_PIECES

/** Whoever works too long without a break by a plan. */
function overworked({ shop, state }: Found): number[] {
  const { unbrokenMin } = seeDay(shop, state)
  return [...unbrokenMin.keys()].filter((person) => (unbrokenMin[person] as number) > BREAK_AFTER_MIN)
}

type AimOf = (shop: Workshop) => Aim

interface Asked {
  steps: number
  stop: Effort['stop']
  from: DayPlan | undefined
  seed: number
}

/** @throws when not even with a bay for every dog anything can be placed: the day contradicts itself */
function annealed(shop: Workshop, aimOf: AimOf, asked: Asked, roomy = false): Found {
  const { floor } = shop
  const { steps, stop, from, seed } = asked
  const aim = aimOf(shop)
  const known = [...apart(shop), ...(from ? [turnsAs(shop, from)] : [])]
  const found = goodPlan(floor, aim, seed, effortFor(shop, stop, steps), known, CALM)
  const polish = { ...effortFor(shop, undefined, steps * POLISH.share), ...(stop ? { stop: () => stop(1) } : {}) }
  const best = found && goodPlan(floor, strictly(aim), seed, polish, [found.turns], CALM * POLISH.calm)
  if (!best && roomy) throw new Error('This day cannot be planned: its dogs cannot all stand where they are said to.')
  if (!best) return annealed(withRoom(shop), aimOf, asked, true)
  return { ...comingLate(shop, aim, best.turns, best.score), boundMin: 0, proved: false }
}

/** Turns in which those that are to be apart come when the others have gone, or the others when they have. */
function apart(shop: Workshop): Turns[] {
  const catching = shop.dogs.map(({ contagious }) => contagious)
  const shy = shop.dogs.map(({ minds }) => minds)
  const notShy = shy.map((minds) => !minds)
  return [catching, shy, notShy].flatMap((last) =>
    last.includes(true) && last.includes(false) ? [inTwo(shop, last)] : [],
  )
}

function inTwo({ floor, dogs }: Workshop, last: readonly boolean[]): Turns {
  const turns = dispatched(floor, PRIORITIES[0])
  const isLast = (job: number): boolean => last[job] === true
  const order = [...turns.order]
  turns.order.set([...order.filter((job) => !isLast(job)), ...order.filter(isLast)])
  const serial = new Serial(floor)
  serial.run(turns)
  const firstEnds = [...serial.state.end].filter((_, task) => !isLast(floor.jobOf[task] as number))
  const laterMin = firstEnds.reduce((a, b) => Math.max(a, b), 0)
  dogs.forEach((_, job) => isLast(job) && (turns.notBefore[job] = laterMin))
  return turns
}

/** Dogs come as late as they can without a loss: nobody waits who need not. */
function comingLate(
  shop: Workshop,
  aim: Aim,
  turns: Turns,
  best: Float64Array,
): Pick<Found, 'shop' | 'state' | 'score'> {
  const { floor } = shop
  const serial = new Serial(floor)
  let score = best.slice()
  const trial = new Float64Array(best.length)
  serial.run(turns)
  for (let job = 0; job < shop.dogs.length; job++) {
    const gap = floor.shop.jobs[job]?.begun ? null : firstGap(serial, job)
    if (gap === null) continue
    const before = turns.notBefore[job] as number
    turns.notBefore[job] = gap.beginsMin
    const placed = serial.run(turns)
    if (placed) aim.judge(serial.state, trial)
    if (placed && comparedScores(trial, score) < 0) score = trial.slice()
    else {
      turns.notBefore[job] = before
      serial.run(turns)
    }
  }
  return { shop, state: new State(floor).copyFrom(serial.state), score }
}

/** The first time that a dog waits after it has come, and when it might come instead. */
function firstGap({ floor, state }: Serial, job: number): { beginsMin: number } | null {
  const first = floor.first[job] as number
  for (let task = first + 1; task < (floor.first[job + 1] as number); task++) {
    const gapMin = (state.start[task] as number) - (state.end[task - 1] as number)
    if (gapMin > 0) return { beginsMin: (state.start[first] as number) + gapMin }
  }
  return null
}

/** Dogs stand in each other's way so that none can move: somebody holds one by hand, in a bay that is not there, and no dog is kept from one. */
function withRoom({ day, resting }: Workshop): Workshop {
  const { stations, dogs } = day
  const roomy = day.dogs.map((dog) => ({ ...dog, noBay: false }))
  return workshopOf({ ...day, dogs: roomy, stations: { ...stations, bay: stations.bay + dogs.length } }, true, resting)
}

function proven(found: Found, most: number, aimOf: AimOf): Found {
  const single = workshopOf(found.shop.day, false, found.shop.resting)
  const keeps = found.score[RANK.past] === 0 && found.score[RANK.broken] === 0
  const nodes = isLarge(single) ? 0 : most
  const { state, score, proved, boundMin } = provePlan(single.floor, aimOf(single), found.score, RANK.end, keeps, nodes)
  return state ? { shop: single, state, score, boundMin, proved } : { ...found, boundMin, proved }
}
