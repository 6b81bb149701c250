import { NONE as NONE_OF_SHOP, type Floor, type Job, type Task, type Worker } from './shop'

const NONE = NONE_OF_SHOP

/** How far a plan of work has come: who and what is free from when, where each job stands, and what was decided. */
export class State {
  /** The next task of each job, by its number in the job. */
  readonly next: Int32Array
  readonly ready: Float64Array
  /** Until when each job stays where it is: its last task has a wait of its own. */
  readonly still: Float64Array
  readonly unitOf: Int32Array
  readonly bayOf: Int32Array
  readonly wholeBy: Int32Array
  readonly workerFree: Float64Array
  /** The task at whose start a worker is free again who stays within reach; NONE: free. */
  readonly heldFor: Int32Array
  readonly occupant: Int32Array
  readonly unitFree: Float64Array
  readonly bayOccupant: Int32Array
  readonly bayFree: Float64Array
  readonly start: Float64Array
  readonly end: Float64Array
  readonly worker: Int32Array
  readonly second: Int32Array
  readonly unit: Int32Array
  /** The bay in which a task was done that needs no place; NONE: none. */
  readonly bay: Int32Array
  /** The task that kept each one from beginning earlier; NONE: nothing but the clock. */
  readonly cause: Int32Array
  /** Tasks in the order in which they were decided, so many; those of one worker come in the order of their starts. */
  readonly decided: Int32Array
  count = 0
  /** The last task of each worker, and the last that freed each unit: what is blamed. */
  readonly lastOf: Int32Array
  readonly freedBy: Int32Array
  /** The task whose leaving each one's place waited for, and the minutes of cleaning after it. */
  readonly freedBefore: Int32Array
  readonly cleanBefore: Float64Array
  /** Since when each job has stood aside. */
  readonly asideFrom: Float64Array
  /** Stays in a bay that are over: job, bay, from, to. */
  readonly aside: number[] = []
  private readonly noneAtFirst: readonly Int32Array[]
  /** All of the above lies in these two, side by side: a search copies plans by the hundred thousand. */
  private readonly ints: Int32Array
  private readonly minutes: Float64Array

  constructor(readonly floor: Floor) {
    const { shop, tasks, units } = floor
    const [jobs, workers, count] = [shop.jobs.length, shop.workers.length, tasks.length]
    this.ints = new Int32Array(4 * jobs + 2 * workers + 2 * units + shop.bays + 7 * count)
    this.minutes = new Float64Array(3 * jobs + workers + units + shop.bays + 3 * count)
    const [ints, minutes] = [inTurn(this.ints), inTurn(this.minutes)]
    this.next = ints(jobs)
    this.unitOf = ints(jobs)
    this.bayOf = ints(jobs)
    this.wholeBy = ints(jobs)
    this.heldFor = ints(workers)
    this.lastOf = ints(workers)
    this.occupant = ints(units)
    this.freedBy = ints(units)
    this.bayOccupant = ints(shop.bays)
    this.worker = ints(count)
    this.second = ints(count)
    this.unit = ints(count)
    this.bay = ints(count)
    this.cause = ints(count)
    this.decided = ints(count)
    this.freedBefore = ints(count)
    this.ready = minutes(jobs)
    this.still = minutes(jobs)
    this.asideFrom = minutes(jobs)
    this.workerFree = minutes(workers)
    this.unitFree = minutes(units)
    this.bayFree = minutes(shop.bays)
    this.start = minutes(count)
    this.end = minutes(count)
    this.cleanBefore = minutes(count)
    for (const byTask of [this.worker, this.second, this.unit, this.bay, this.cause, this.freedBefore])
      byTask.fill(NONE)
    this.noneAtFirst = [
      this.wholeBy,
      this.unitOf,
      this.bayOf,
      this.heldFor,
      this.occupant,
      this.bayOccupant,
      this.lastOf,
      this.freedBy,
    ]
    this.reset()
  }

  /** Back to how the day stands before anything is decided. */
  reset(): this {
    const { jobs, workers, nowMin } = this.floor.shop
    this.count = 0
    this.next.fill(0)
    this.unitFree.fill(0)
    this.bayFree.fill(0)
    for (const none of this.noneAtFirst) none.fill(NONE)
    this.aside.length = 0
    for (let at = 0; at < workers.length; at++) this.workerFree[at] = Math.max((workers[at] as Worker).fromMin, nowMin)
    for (let at = 0; at < jobs.length; at++) this.putBegun(jobs[at] as Job, at)
    return this
  }

  private putBegun({ begun, fromMin, tasks }: Job, job: number): void {
    this.ready[job] = Math.max(begun === null ? fromMin : begun.readyMin, this.floor.shop.nowMin)
    this.still[job] = this.ready[job] as number
    if (begun === null) return
    const first = this.floor.first[job] as number
    this.next[job] = begun.done
    this.wholeBy[job] = begun.whole
    this.unitOf[job] = begun.unit
    this.bayOf[job] = begun.bay
    if (begun.unit !== NONE) this.occupant[begun.unit] = job
    if (begun.bay !== NONE) this.bayOccupant[begun.bay] = job
    this.asideFrom[job] = this.floor.shop.nowMin
    for (let at = 0; at < begun.done; at++) {
      const { reach } = tasks[at] as Task
      const by = begun.by[at] ?? NONE
      this.end[first + at] = begun.ends[at] ?? begun.readyMin
      this.worker[first + at] = by
      if (by !== NONE) this.workerFree[by] = Math.max(this.workerFree[by] as number, this.end[first + at] as number)
      if (by !== NONE && reach !== NONE && reach >= begun.done) this.heldFor[by] = first + reach
    }
    const lag = tasks[begun.done]?.lag
    if (lag?.after === begun.done - 1)
      this.still[job] = Math.max(this.ready[job] as number, (begun.ends[lag.after] ?? 0) + lag.minutes)
    if (begun.done === tasks.length) this.leave(job, this.ready[job] as number, NONE)
  }

  copyFrom(other: State): this {
    this.ints.set(other.ints)
    this.minutes.set(other.minutes)
    this.aside.length = 0
    for (let at = 0; at < other.aside.length; at++) this.aside.push(other.aside[at] as number)
    this.count = other.count
    return this
  }

  /** Knows what was decided of every task in another plan; it counts as decided here when it is followed. */
  followFrom({ start, end, unit, cause, freedBefore, cleanBefore }: State): void {
    this.start.set(start)
    this.end.set(end)
    this.unit.set(unit)
    this.cause.set(cause)
    this.freedBefore.set(freedBefore)
    this.cleanBefore.set(cleanBefore)
  }

  /** Decides the next task of its job as it was decided there; of a plain floor. */
  follow(task: number): void {
    const job = this.floor.jobOf[task] as number
    const machine = this.unit[task] as number
    const endMin = this.end[task] as number
    this.next[job] = (this.next[job] as number) + 1
    this.ready[job] = endMin
    this.still[job] = endMin
    this.unitFree[machine] = endMin
    this.freedBy[machine] = task
    this.decided[this.count++] = task
  }

  /** Decides the next task of a job of a plain floor: it begins when its job and its machine are free. */
  beginPlain(job: number, notBeforeMin: number): void {
    const { first, machineOf, minutes } = this.floor
    const number = this.next[job] as number
    const task = (first[job] as number) + number
    const machine = machineOf[task] as number
    const ownMin = Math.max(this.ready[job] as number, number === 0 ? notBeforeMin : 0)
    const freeMin = this.unitFree[machine] as number
    const startMin = Math.max(ownMin, freeMin)
    const before = this.freedBy[machine] as number
    this.start[task] = startMin
    this.end[task] = startMin + (minutes[task] as number)
    this.unit[task] = machine
    this.cause[task] = freeMin > ownMin ? before : number > 0 ? task - 1 : NONE
    this.freedBefore[task] = before
    this.follow(task)
  }

  /** Frees the place or the bay where a job stands. */
  leave(job: number, atMin: number, task: number): void {
    const unit = this.unitOf[job] as number
    if (unit !== NONE) {
      this.occupant[unit] = NONE
      this.unitFree[unit] = atMin + cleanMin(this.floor, job, unit)
      this.freedBy[unit] = task
      this.unitOf[job] = NONE
    }
    const bay = this.bayOf[job] as number
    if (bay === NONE) return
    this.bayOccupant[bay] = NONE
    this.bayFree[bay] = atMin
    this.aside.push(job, bay, this.asideFrom[job] as number, atMin)
    this.bayOf[job] = NONE
  }

  /** Moves a job that stands idle in a place into a bay. */
  moveAside(job: number, bay: number, atMin: number): void {
    this.leave(job, atMin, (this.floor.first[job] as number) + (this.next[job] as number) - 1)
    this.bayOf[job] = bay
    this.bayOccupant[bay] = job
    this.asideFrom[job] = atMin
  }
}

/**
 * Gives parts of an array, one behind the other.
 * @throws when it is shorter than its parts, which would otherwise be cut short in silence
 */
function inTurn<T extends Int32Array | Float64Array>(all: T): (length: number) => T {
  let from = 0
  return (length) => {
    if (from + length > all.length) throw new Error('An array is shorter than its parts.')
    return all.subarray(from, (from += length)) as T
  }
}

/** What a unit takes to be cleaned when a job leaves it, min. */
export const cleanMin = ({ shop, kindOf }: Floor, job: number, unit: number): number =>
  shop.places[kindOf[unit] as number]?.cleaned ? (shop.jobs[job] as Job).cleanMin : 0
