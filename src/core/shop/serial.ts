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

/** From memory, by `npm run bench`. */
const MARK_EVERY = 16

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
  /** How it stood before every so many turns, where nothing was passed over; not of a plain floor. */
  private readonly marks: State[] = []
  private readonly isMarked: Uint8Array
  /** Up to here its marks are those of the plan that it went on from. */
  private sameMarks = 0

  constructor(readonly floor: Floor) {
    this.state = new State(floor)
    this.passed = new Int32Array(floor.tasks.length)
    this.isMarked = new Uint8Array(Math.ceil(floor.tasks.length / MARK_EVERY) + 1)
  }

  /**
   * @param same how many of the turns are those of the plan that is given; of a plain floor those by which its tasks, as they
   *   are given, came to their starts
   */
  run(turns: Turns, same = 0, stand?: Serial, tasks?: Int32Array): boolean {
    const from = this.begin(same, stand, tasks)
    if (this.floor.isPlain) return this.runPlain(turns, from)
    let waiting = 0
    for (let at = from; at < turns.order.length; at++) {
      const job = turns.order[at] as number
      if (waiting === 0 && at % MARK_EVERY === 0) this.markAs(at / MARK_EVERY, this.state)
      if (waiting > 0 && this.isPassed(job, waiting)) this.passed[waiting++] = job
      else if (!this.place(job, turns)) this.passed[waiting++] = job
      else if (waiting > 0) waiting = this.retry(waiting, turns)
    }
    return waiting === 0
  }

  /** On a plain floor nothing has to be passed over. */
  private runPlain({ order, notBefore }: Turns, from: number): true {
    const { state } = this
    for (let at = from; at < order.length; at++) {
      const job = order[at] as number
      state.beginPlain(job, notBefore[job] as number)
    }
    return true
  }

  /** The plan that this one went on from is left behind: what was the same of both is known of this one from now on. */
  keepMarks(of: Serial): void {
    for (let mark = 1; mark <= this.sameMarks; mark++) if (of.isMarked[mark]) this.markAs(mark, of.marks[mark] as State)
  }

  /** @returns the turn to go on with */
  private begin(same: number, stand?: Serial, tasks?: Int32Array): number {
    if (this.floor.isPlain || !stand) {
      this.state.reset()
      if (stand && tasks) this.follow(stand.state, tasks, same)
      this.isMarked.fill(0)
      this.sameMarks = 0
      return this.state.count
    }
    let mark = Math.floor(same / MARK_EVERY)
    while (mark > 0 && !stand.isMarked[mark]) mark--
    this.isMarked.fill(0)
    this.sameMarks = mark
    if (mark === 0) this.state.reset()
    else this.state.copyFrom(stand.marks[mark] as State)
    return mark * MARK_EVERY
  }

  private markAs(mark: number, state: State): void {
    ;(this.marks[mark] ??= new State(this.floor)).copyFrom(state)
    this.isMarked[mark] = 1
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
