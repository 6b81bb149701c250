import { seeded, type Chance } from '../chance'
import { Foresight } from './foresight'
import {
  criticalPairs,
  moveTurn,
  otherBeginning,
  otherHands,
  restsOf,
  sortDecided,
  swapped,
  tasksOfMany,
  type Sorted,
} from './moves'
import { comparedScores, weighed, type Aim } from './score'
import { copyTurns, Serial, turnsOf, type Turns } from './serial'
import { NONE, type Floor, type Job } from './shop'

export interface Annealed {
  turns: Turns
  score: Float64Array
  /** Plans that were tried. */
  steps: number
}

export interface Search {
  steps: number
  seed: number
  /** How warm it begins and ends, in the unit of what is weighed. */
  warm: number
  cold: number
  /** Asked every so often: stop, take what you have. */
  stop?: (share: number) => boolean
}

const ASK_EVERY = 256

/**
 * Simulated annealing over the turns of the jobs (P. J. M. van Laarhoven, E. H. L. Aarts and J. K. Lenstra, 1992, Operations
 * Research 40), by swaps on a critical path and, where there is a choice, other hands and other beginnings.
 * @returns null when no turns could be placed at all
 */
export function anneal(floor: Floor, aim: Aim, begins: readonly Turns[], search: Search): Annealed | null {
  const walk = new Walk(floor, aim, search)
  for (const turns of begins) walk.begin(turns)
  if (!walk.found) return null
  walk.goOn()
  return { turns: walk.best, score: walk.bestScore, steps: walk.steps }
}

class Walk {
  readonly best: Turns
  readonly bestScore: Float64Array
  found = false
  steps = 0
  /** The plan that was tried last, and the one that the walk stands at. */
  private trial: Serial
  private stand: Serial
  private readonly chance: Chance
  private readonly current: Turns
  private readonly next: Turns
  private readonly score: Float64Array
  private readonly sorted: Sorted
  private currentCost = Infinity
  private readonly pairs: [number, number][] = []
  private readonly foresight: Foresight
  /** How many of the next turns are those of the plan that the walk stands at; of a plain floor in the order of the starts. */
  private same = 0
  /** Jobs and workers leave something to choose besides turns. */
  private readonly choices: boolean
  private readonly ofMany: readonly number[]
  private readonly rests: readonly number[]

  constructor(
    private readonly floor: Floor,
    private readonly aim: Aim,
    private readonly search: Search,
  ) {
    const none = turnsOf(floor, Array<number>(turnsToCome(floor)).fill(0))
    const copy = (): Turns => ({
      order: none.order.slice(),
      whole: none.whole.slice(),
      by: none.by.slice(),
      second: none.second.slice(),
      notBefore: none.notBefore.slice(),
    })
    this.best = none
    this.current = copy()
    this.next = copy()
    this.score = new Float64Array(aim.weights.length)
    this.bestScore = new Float64Array(aim.weights.length).fill(Infinity)
    this.foresight = new Foresight(floor)
    this.trial = new Serial(floor)
    this.stand = new Serial(floor)
    this.chance = seeded(search.seed)
    this.sorted = { tasks: new Int32Array(floor.tasks.length), at: new Int32Array(floor.tasks.length) }
    this.ofMany = tasksOfMany(floor)
    this.rests = restsOf(floor)
    this.choices = floor.tasks.some(({ workers }) => workers.length > 0)
  }

  /**
   * Tries turns to begin with; the best of all that were tried is begun from.
   * @throws when they have not one turn for each task to come
   */
  begin(turns: Turns): void {
    if (turns.order.length !== this.next.order.length) throw new Error('Turns of another shop.')
    copyTurns(turns, this.next)
    this.same = 0
    const cost = this.tried()
    if (cost < this.currentCost) this.accept(cost)
  }

  goOn(): void {
    const { steps, warm, cold, stop } = this.search
    for (let step = 0; step < steps; step++) {
      if (step % ASK_EVERY === 0 && stop?.(step / steps)) return
      const heat = warm * (cold / warm) ** (step / steps)
      // Drawn before the plan is tried: a swap that is foreseen to be refused need not be tried.
      const limit = this.currentCost - heat * Math.log(1 - this.chance.share())
      if (!this.move(limit)) continue
      const cost = this.tried()
      if (cost <= limit) this.accept(cost)
    }
  }

  private tried(): number {
    this.steps++
    if (!this.trial.run(this.next, this.same, this.stand, this.sorted.tasks)) return Infinity
    this.aim.judge(this.trial.state, this.score)
    if (comparedScores(this.score, this.bestScore) < 0) {
      this.found = true
      this.bestScore.set(this.score)
      copyTurns(this.next, this.best)
    }
    return weighed(this.score, this.aim.weights)
  }

  private accept(cost: number): void {
    this.currentCost = cost
    copyTurns(this.next, this.current)
    this.trial.keepMarks(this.stand)
    ;[this.trial, this.stand] = [this.stand, this.trial]
    sortDecided(this.stand, this.sorted)
    this.foresight.lookAt(this.stand, this.sorted)
    criticalPairs(this.stand, this.lastTask(), this.pairs, this.chance)
  }

  /** The last task of all, or now and then that of a job that is late. */
  private lastTask(): number {
    const { state, floor } = this.stand
    let last = floor.tasks.length === 0 ? NONE : 0
    let late: number = NONE
    for (let job = 0; job < floor.shop.jobs.length; job++) {
      const task = (floor.first[job + 1] as number) - 1
      if (task < (floor.first[job] as number)) continue
      const endMin = state.end[task] as number
      if (endMin > (state.end[last] as number)) last = task
      if (endMin > (floor.shop.jobs[job] as Job).untilMin && (late === NONE || this.chance.share() < 0.5)) late = task
    }
    return late !== NONE && this.chance.share() < 0.7 ? late : last
  }

  /** Makes the next turns; false when there is nothing to try. */
  private move(limit: number): boolean {
    const kind = this.choices ? this.chance.share() : 0
    if (this.rests.length > 0 && this.chance.share() < REST_SHARE) return this.otherRest()
    const pair = kind < MOVES.swap ? this.pairs[Math.floor(this.chance.share() * this.pairs.length)] : undefined
    if (!pair && !this.choices) return false
    if (pair && this.floor.isPlain && this.foresight.endAtLeast(this.stand, ...pair) > limit) return false
    copyTurns(this.current, this.next)
    const early = pair ? swapped(this.floor, this.sorted, this.stand.state.count, pair, this.next) : NONE
    if (pair || kind < MOVES.turn) {
      if (!pair) this.otherTurn()
      this.same = this.floor.isPlain ? early : this.sameTurns()
      return true
    }
    const from =
      kind < MOVES.hands
        ? otherHands(this.floor, this.ofMany, this.next, this.chance)
        : otherBeginning(this.stand, this.next, this.chance)
    this.same = from === NONE ? 0 : this.turnOf(from)
    return from !== NONE
  }

  /** How many turns come as in the plan that the walk stands at. */
  private sameTurns(): number {
    const [was, is] = [this.current.order, this.next.order]
    let at = 0
    while (at < is.length && was[at] === is[at]) at++
    return at
  }

  /** Which turn is that of a task to come. */
  private turnOf(task: number): number {
    const { order } = this.next
    const job = this.floor.jobOf[task] as number
    let before = task - (this.floor.first[job] as number) - (this.floor.shop.jobs[job]?.begun?.done ?? 0)
    let at = 0
    while (at < order.length && (order[at] !== job || before-- > 0)) at++
    return at
  }

  /** Somebody rests at any other time of the day. */
  private otherRest(): true {
    copyTurns(this.current, this.next)
    this.takeAsStarted()
    const { order, notBefore } = this.next
    const job = this.rests[Math.floor(this.chance.share() * this.rests.length)] as number
    notBefore[job] = 0
    moveTurn(order, order.indexOf(job), Math.floor(this.chance.share() * order.length))
    this.same = this.sameTurns()
    return true
  }

  /** Turns in the order of the starts: the same plan, told by when things happen. */
  private takeAsStarted(): void {
    const { order } = this.next
    for (let at = 0; at < this.stand.state.count; at++)
      order[at] = this.floor.jobOf[this.sorted.tasks[at] as number] as number
  }

  /** One turn a little earlier or later, in the order of the starts. */
  private otherTurn(): void {
    this.takeAsStarted()
    const { order } = this.next
    const from = Math.floor(this.chance.share() * order.length)
    const by = Math.round((this.chance.share() - 0.5) * 2 * NEAR_TURNS)
    moveTurn(order, from, Math.max(0, Math.min(order.length - 1, from + by)))
  }
}

/** Up to which share a move is a swap, another turn, other hands; above, another beginning. By `npm run bench`. */
const MOVES = { swap: 0.3, turn: 0.4, hands: 0.9 }

/** Before all others: a few breaks among many tasks would hardly ever be moved, and what they cost is most of a day's gap. By `npm run bench`. */
const REST_SHARE = 0.25

/** How far a turn is moved at the most. From memory. */
const NEAR_TURNS = 20

export const turnsToCome = ({ shop, tasks }: Floor): number =>
  tasks.length - shop.jobs.reduce((sum, { begun }) => sum + (begun?.done ?? 0), 0)
