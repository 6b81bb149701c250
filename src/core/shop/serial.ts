import { noOffer, offerFor, take, type Choice } from './offer'
import { NONE, type Floor } from './shop'
import { State } from './state'

/**
 * A plan of work in short: the turns of the jobs, each as often as it has tasks to come, and what was chosen besides.
 * C. Bierwirth (1995), OR Spektrum 17: permutation with repetition.
 */
export interface Turns {
  order: Int32Array
  /** Who does what one worker does all through, by job; who does a task, by task; NONE: whoever is free first. */
  whole: Int32Array
  by: Int32Array
  /** Who stands by at a task, if they can; NONE: whoever is free first. */
  second: Int32Array
  /** A job is kept from beginning before this. */
  notBefore: Float64Array
}

/** Turns by which each job's next task is taken as often as it has one, first come first. */
export function turnsOf(floor: Floor, order: readonly number[]): Turns {
  return {
    order: Int32Array.from(order),
    whole: new Int32Array(floor.shop.jobs.length).fill(NONE),
    by: new Int32Array(floor.tasks.length).fill(NONE),
    second: new Int32Array(floor.tasks.length).fill(NONE),
    notBefore: new Float64Array(floor.shop.jobs.length),
  }
}

export function copyTurns(from: Turns, to: Turns): void {
  to.order.set(from.order)
  to.whole.set(from.whole)
  to.by.set(from.by)
  to.second.set(from.second)
  to.notBefore.set(from.notBefore)
}

/**
 * Serial schedule generation (R. Kolisch, 1996, European Journal of Operational Research 90): each task in its turn at the
 * earliest that what was decided before allows. A task that cannot begin is passed over until it can.
 * @returns whether all could be placed; false when jobs stand in each other's way for good
 */
export class Serial {
  readonly state: State
  private readonly offer = noOffer()
  private readonly choice: Choice = { worker: NONE, whole: NONE, second: NONE, unit: NONE, notBeforeMin: 0 }
  private readonly passed: Int32Array

  constructor(readonly floor: Floor) {
    this.state = new State(floor)
    this.passed = new Int32Array(floor.tasks.length)
  }

  /** @param same of a plain floor: how many of the turns are those by which the tasks that are given came to their starts */
  run(turns: Turns, same = 0, stand?: Serial, tasks?: Int32Array): boolean {
    this.state.reset()
    if (stand && tasks) this.follow(stand.state, tasks, same)
    let waiting = 0
    for (let at = this.state.count; at < turns.order.length; at++) {
      const job = turns.order[at] as number
      if (waiting > 0 && this.isPassed(job, waiting)) this.passed[waiting++] = job
      else if (!this.place(job, turns)) this.passed[waiting++] = job
      else if (waiting > 0) waiting = this.retry(waiting, turns)
    }
    return waiting === 0
  }

  private follow(from: State, tasks: Int32Array, same: number): void {
    this.state.followFrom(from)
    while (this.state.count < same) this.state.follow(tasks[this.state.count] as number)
  }

  private isPassed(job: number, waiting: number): boolean {
    for (let at = 0; at < waiting; at++) if (this.passed[at] === job) return true
    return false
  }

  private retry(waiting: number, turns: Turns): number {
    let left = waiting
    for (let again = true; again;) {
      again = false
      for (let at = 0; at < left; at++) {
        if (!this.place(this.passed[at] as number, turns)) continue
        this.passed.copyWithin(at, at + 1, left)
        left--
        again = true
        break
      }
    }
    return left
  }

  private place(job: number, turns: Turns): boolean {
    const { state, floor, choice } = this
    const index = (floor.first[job] as number) + (state.next[job] as number)
    choice.worker = turns.by[index] as number
    choice.whole = turns.whole[job] as number
    choice.second = turns.second[index] as number
    choice.notBeforeMin = state.next[job] === 0 ? (turns.notBefore[job] as number) : 0
    if (!offerFor(state, job, choice, this.offer)) return false
    take(state, job, this.offer)
    return true
  }
}
