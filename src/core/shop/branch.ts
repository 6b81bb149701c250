import { Bound, type Wanted } from './bound'
import { noOffer, offerFor, take, type Choice, type Offer } from './offer'
import { comparedScores, type Aim } from './score'
import { NONE, type Floor, type Task } from './shop'
import { State } from './state'

/** A way of doing a job's next task. */
interface Child {
  job: number
  offer: Offer
  endMin: number
}

export interface Branched {
  /** A better plan than the one that was given, as its state; null when there was none. */
  state: State | null
  score: Float64Array
  /** No plan ends earlier than the best, with no more promises broken; all were looked at or ruled out. */
  proved: boolean
  nodes: number
}

/**
 * Branch and bound over what is decided next (B. Giffler and G. L. Thompson, 1960, Operations Research 8), ruled out by
 * `Bound`. Where jobs hold their places every next task is tried, in the order of their starts; in a machine shop those that
 * want the machine which is free first.
 * @param best the score to beat; its first numbers outrank the end, which is at `endAt`
 * @param nodes how many are looked at, at most
 */
export function branch(floor: Floor, aim: Aim, best: Float64Array, endAt: number, nodes: number): Branched {
  const search = new Branching(floor, aim, best, endAt, nodes)
  search.below(new State(floor), 0, 0)
  return { state: search.found, score: search.best, proved: search.complete && !search.doubtful, nodes: search.nodes }
}

class Branching {
  found: State | null = null
  nodes = 0
  complete = true
  /** A plan that ends earlier was found, which is worse by what outranks the end: waiting at the right place may mend it. */
  doubtful = false
  best: Float64Array
  private readonly bound: Bound
  private readonly score: Float64Array
  private readonly pool: State[] = []
  private readonly total: number

  constructor(
    private readonly floor: Floor,
    private readonly aim: Aim,
    best: Float64Array,
    private readonly endAt: number,
    private readonly limit: number,
  ) {
    this.best = best.slice()
    this.score = new Float64Array(best.length)
    this.bound = new Bound(floor)
    this.total = floor.tasks.length
  }

  below(state: State, depth: number, fromMin: number): void {
    if (this.nodes >= this.limit) {
      this.complete = false
      return
    }
    this.nodes++
    const children = this.children(state, fromMin)
    if (children === null) return this.leaf(state)
    const next = (this.pool[depth] ??= new State(this.floor))
    for (const { job, offer } of children) {
      next.copyFrom(state)
      take(next, job, offer)
      if (this.bound.isPossible(next, this.wanted())) this.below(next, depth + 1, offer.startMin)
    }
  }

  /** Only what ends earlier is looked for, and keeps all promises when the best does. */
  private wanted(): Wanted {
    return { endMin: (this.best[this.endAt] as number) - 1, promises: this.best[0] === 0 && this.best[1] === 0 }
  }

  private leaf(state: State): void {
    this.aim.judge(state, this.score)
    if ((this.score[this.endAt] as number) >= (this.best[this.endAt] as number)) return
    if (comparedScores(this.score, this.best) >= 0) {
      this.doubtful = true
      return
    }
    this.best = this.score.slice()
    this.found = new State(this.floor).copyFrom(state)
  }

  /** null when nothing is left to decide. */
  private children(state: State, fromMin: number): Child[] | null {
    const all: Child[] = []
    let left = false
    for (let job = 0; job < this.floor.shop.jobs.length; job++) {
      const index = (this.floor.first[job] as number) + (state.next[job] as number)
      if (index >= (this.floor.first[job + 1] as number)) continue
      left = true
      for (const offer of this.offers(state, job, index))
        all.push({ job, offer, endMin: offer.startMin + (this.floor.tasks[index] as Task).minutes })
    }
    if (!left) return null
    // Jobs stand in each other's way: nothing follows from here.
    if (all.length === 0) return all
    const soonest = all.reduce((best, child) => (child.endMin < best.endMin ? child : best), all[0] as Child)
    const task = this.taskOf(state, soonest)
    const among =
      !task.holds && task.workers.length === 0
        ? all.filter(({ offer }) => offer.unit === soonest.offer.unit && offer.startMin < soonest.endMin)
        : all.filter(({ offer }) => offer.startMin >= fromMin)
    return among.sort((a, b) => a.offer.startMin - b.offer.startMin || this.tail(state, b) - this.tail(state, a))
  }

  private taskOf = (state: State, { job }: Child): Task =>
    this.floor.tasks[(this.floor.first[job] as number) + (state.next[job] as number)] as Task

  private tail = (state: State, { job }: Child): number =>
    this.floor.tailMin[(this.floor.first[job] as number) + (state.next[job] as number)] as number

  /** Every worker and every unit that makes a difference. */
  private *offers(state: State, job: number, index: number): Generator<Offer> {
    const task = this.floor.tasks[index] as Task
    const free = task.sameAs !== NONE || (task.whole && state.wholeBy[job] !== NONE)
    const workers = free || task.workers.length === 0 ? [NONE] : task.workers
    for (const worker of workers)
      for (const unit of this.unitsFor(state, task)) {
        const offer = noOffer()
        const choice: Choice = { worker, whole: worker, second: NONE, unit, notBeforeMin: 0 }
        if (offerFor(state, job, choice, offer)) yield offer
      }
  }

  /** Those that somebody stands in, each; of the empty ones whichever suits. */
  private unitsFor({ occupant }: State, { place }: Task): number[] {
    if (place === NONE) return [NONE]
    const taken: number[] = []
    const [from, to] = [this.floor.unitsFrom[place] as number, this.floor.unitsFrom[place + 1] as number]
    for (let unit = from; unit < to; unit++) if (occupant[unit] !== NONE) taken.push(unit)
    return taken.length === 0 || taken.length === to - from ? (taken.length === 0 ? [NONE] : taken) : [NONE, ...taken]
  }
}
