import type { Sorted } from './moves'
import { NONE, type Floor } from './shop'
import type { Serial } from './serial'

/**
 * What a swap comes to at the least, without planning anew: the longest way through the two tasks that change places, from
 * heads and tails of the disjunctive graph. E. Taillard (1994), ORSA Journal on Computing 6. Where jobs hold their places and
 * people choose it would be a guess; there it foresees nothing.
 */
export class Foresight {
  private readonly before: Int32Array
  private readonly after: Int32Array
  private readonly last: Int32Array
  private readonly tail: Float64Array

  constructor(private readonly floor: Floor) {
    const { tasks } = floor
    this.before = new Int32Array(tasks.length)
    this.after = new Int32Array(tasks.length)
    this.last = new Int32Array(floor.units)
    this.tail = new Float64Array(tasks.length)
  }

  /** Looks through a plan anew. */
  lookAt({ state }: Serial, { tasks }: Sorted): void {
    if (!this.floor.isPlain) return
    const { before, after, last, tail } = this
    last.fill(NONE)
    for (let at = 0; at < tasks.length; at++) {
      const task = tasks[at] as number
      const unit = state.unit[task] as number
      const earlier = last[unit] as number
      before[task] = earlier
      after[task] = NONE
      if (earlier !== NONE) after[earlier] = task
      last[unit] = task
    }
    for (let at = tasks.length - 1; at >= 0; at--) {
      const task = tasks[at] as number
      tail[task] = Math.max(this.withTail(this.nextOf(task)), this.withTail(after[task] as number))
    }
  }

  /** The end of all, min, if the second came before the first, at the least. */
  endAtLeast({ state: { end } }: Serial, first: number, then: number): number {
    const thenStart = Math.max(endOf(end, this.previousOf(then)), endOf(end, this.before[first] as number))
    const thenEnd = thenStart + this.minutes(then)
    const firstEnd = Math.max(endOf(end, this.previousOf(first)), thenEnd) + this.minutes(first)
    const firstTail = Math.max(this.withTail(this.nextOf(first)), this.withTail(this.after[then] as number))
    const thenTail = Math.max(this.withTail(this.nextOf(then)), this.minutes(first) + firstTail)
    return Math.max(thenEnd + thenTail, firstEnd + firstTail)
  }

  private minutes(task: number): number {
    return this.floor.minutes[task] as number
  }

  private withTail(task: number): number {
    return task === NONE ? 0 : (this.floor.minutes[task] as number) + (this.tail[task] as number)
  }

  private nextOf(task: number): number {
    const { jobOf } = this.floor
    return jobOf[task + 1] === jobOf[task] ? task + 1 : NONE
  }

  private previousOf(task: number): number {
    const { jobOf } = this.floor
    return task > 0 && jobOf[task - 1] === jobOf[task] ? task - 1 : NONE
  }
}

const endOf = (end: Float64Array, task: number): number => (task === NONE ? 0 : (end[task] as number))
