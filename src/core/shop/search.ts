import { anneal, type Annealed } from './anneal'
import { Bound } from './bound'
import { branch, type Branched } from './branch'
import { dispatched, PRIORITIES } from './dispatch'
import type { Aim } from './score'
import { turnsOf, type Turns } from './serial'
import type { Floor, Job } from './shop'

/** How long a search may look: by steps, never by a clock, so that every machine finds the same. */
export interface Effort {
  /** Plans that annealing thinks of, and nodes that branch and bound looks at. */
  steps: number
  nodes: number
  /** Told how far it is, 0 to 1; true: stop, take what you have. */
  stop?: (share: number) => boolean
}

/** How warm annealing begins and ends, in mean minutes of a task. From memory, by `npm run bench`. */
const WARM = 0.7
const COLD = 0.12

/**
 * A good plan of work: from every priority rule, and from turns that are known to be good, by annealing.
 * @param calm less than 1 where turns to begin with are good already
 * @returns null when the jobs stand in each other's way so that none can move
 */
export function goodPlan(
  floor: Floor,
  aim: Aim,
  seed: number,
  { steps, stop }: Effort,
  known: readonly Turns[] = [],
  calm = 1,
): Annealed | null {
  const mean = meanMin(floor)
  const begins = [...known, ...PRIORITIES.map((priority) => dispatched(floor, priority)), oneByOne(floor)]
  const heat = { warm: WARM * mean * calm, cold: COLD * mean * Math.sqrt(calm) }
  return anneal(floor, aim, begins, { steps, seed, ...heat, ...(stop ? { stop } : {}) })
}

const meanMin = ({ tasks }: Floor): number =>
  Math.max(1, tasks.reduce((sum, { minutes }) => sum + minutes, 0) / Math.max(1, tasks.length))

/** One job after the other, the first promised first: where places are few, others may end in each other's way. */
function oneByOne(floor: Floor): Turns {
  const { jobs } = floor.shop
  const order = jobs.map((_, job) => job).sort((a, b) => (jobs[a] as Job).untilMin - (jobs[b] as Job).untilMin)
  return turnsOf(
    floor,
    order.flatMap((job) => {
      const { tasks, begun } = jobs[job] as Job
      return Array<number>(tasks.length - (begun?.done ?? 0)).fill(job)
    }),
  )
}

/** What can be said of a plan besides: the earliest end that cannot be ruled out, and a better plan if there was one. */
export interface Proof extends Pick<Branched, 'state' | 'score' | 'proved'> {
  boundMin: number
}

/**
 * Rules out what ends earlier than a plan does, or finds it.
 * @param endAt where in a score the end stands
 * @param promises the plan keeps all of them, and so must any better one
 */
export function provePlan(
  floor: Floor,
  aim: Aim,
  score: Float64Array,
  endAt: number,
  promises: boolean,
  nodes: number,
): Proof {
  const endMin = score[endAt] as number
  const boundMin = new Bound(floor).leastEndMin(promises, endMin)
  if (boundMin === endMin) return { state: null, score, proved: true, boundMin }
  if (nodes === 0) return { state: null, score, proved: false, boundMin }
  const found = branch(floor, aim, score, endAt, nodes)
  return { ...found, boundMin: found.proved ? (found.score[endAt] as number) : boundMin }
}
