import { NONE, type Floor, type Job, type Task } from './shop'
import { State } from './state'

/** Work that has to be done between a head and a deadline, by a group of workers or in a kind of place. */
interface Load {
  /** When each of the group is free. */
  free: number[]
  heads: number[]
  tails: number[]
  minutes: number[]
  jobs: number[]
}

/** What has to be kept for a plan to be worth looking for. */
export interface Wanted {
  /** All is over by then. */
  endMin: number
  /** Each job is over by its own time besides. */
  promises: boolean
}

/**
 * Whether what is left could be done at all, if every piece of work might be cut up at will: a plan as wanted may not exist
 * where it says yes, and does not where it says no. Each group of workers and each kind of place is looked at alone, as in
 * J. Carlier (1982), European Journal of Operational Research 11, for one machine; many, by the work between two times.
 */
export class Bound {
  private readonly heads: Float64Array
  private readonly groups: readonly (readonly number[])[]

  constructor(private readonly floor: Floor) {
    this.heads = new Float64Array(floor.tasks.length)
    this.groups = workerGroups(floor)
  }

  isPossible(state: State, wanted: Wanted): boolean {
    if (!this.setHeads(state, wanted)) return false
    return this.loads(state).every((load) => fits(load, this.floor, wanted))
  }

  /** The earliest end, min, that cannot be ruled out so, from how the day stands; or one that is known, when it is as early. */
  leastEndMin(promises: boolean, knownMin: number): number {
    const state = new State(this.floor)
    let [low, high] = [Math.min(this.floor.shop.nowMin, knownMin), knownMin]
    while (low < high) {
      const middle = Math.floor((low + high) / 2)
      if (this.isPossible(state, { endMin: middle, promises })) high = middle
      else low = middle + 1
    }
    return low
  }

  /** Heads of all tasks to come; false when one job alone cannot be in time. */
  private setHeads(state: State, wanted: Wanted): boolean {
    const { floor, heads } = this
    for (let job = 0; job < floor.shop.jobs.length; job++) {
      const first = floor.first[job] as number
      let readyMin = state.ready[job] as number
      for (let index = first + (state.next[job] as number); index < (floor.first[job + 1] as number); index++) {
        const { lag, minutes, workers } = floor.tasks[index] as Task
        if (lag) readyMin = Math.max(readyMin, endAt(state, heads, floor, first, job, lag.after) + lag.minutes)
        if (workers.length > 0) readyMin = Math.max(readyMin, earliestOf(state, workers))
        heads[index] = readyMin
        readyMin += minutes
        if (readyMin + (floor.tailMin[index] as number) > deadline(floor, job, wanted)) return false
      }
    }
    return true
  }

  private loads(state: State): Load[] {
    const { floor } = this
    const byPlace = floor.shop.places.map((_, place) => unitsLoad(state, place))
    const byGroup = this.groups.map((group) => workersLoad(state, group))
    for (let job = 0; job < floor.shop.jobs.length; job++)
      for (
        let index = (floor.first[job] as number) + (state.next[job] as number);
        index < (floor.first[job + 1] as number);
        index++
      ) {
        const task = floor.tasks[index] as Task
        const headMin = this.heads[index] as number
        const tailMin = floor.tailMin[index] as number
        if (task.place !== NONE) add(byPlace[task.place] as Load, job, headMin, task.minutes, tailMin)
        if (task.workers.length === 0) continue
        this.groups.forEach((group, at) => {
          const load = byGroup[at] as Load
          const all = group.length === floor.shop.workers.length
          if (task.second && all) add(load, job, headMin, task.minutes, tailMin)
          if (!task.workers.every((worker) => group.includes(worker))) return
          add(load, job, headMin, task.minutes, tailMin)
          const idleMin = idleWithinReach(floor, job, index)
          if (idleMin > 0) add(load, job, headMin + task.minutes, idleMin, tailMin - idleMin)
        })
      }
    return [...byPlace, ...byGroup].filter(({ minutes }) => minutes.length > 1)
  }
}

/** Minutes in which whoever stays within reach of a task has nothing to do for this job. */
function idleWithinReach({ tasks, first }: Floor, job: number, index: number): number {
  const from = first[job] as number
  const { reach } = tasks[index] as Task
  if (reach === NONE) return 0
  let idle = (tasks[from + reach] as Task).lag?.minutes ?? 0
  for (let between = index + 1; between < from + reach; between++) idle -= (tasks[between] as Task).minutes
  return idle
}

function endAt(
  { end, next }: State,
  heads: Float64Array,
  floor: Floor,
  first: number,
  job: number,
  at: number,
): number {
  const index = first + at
  return at < (next[job] as number)
    ? (end[index] as number)
    : (heads[index] as number) + (floor.tasks[index] as Task).minutes
}

const earliestOf = ({ workerFree }: State, workers: readonly number[]): number => {
  let least = Infinity
  for (let at = 0; at < workers.length; at++) least = Math.min(least, workerFree[workers[at] as number] as number)
  return least
}

const deadline = ({ shop }: Floor, job: number, { endMin, promises }: Wanted): number =>
  promises ? Math.min(endMin, (shop.jobs[job] as Job).untilMin) : endMin

function add(load: Load, job: number, headMin: number, minutes: number, tailMin: number): void {
  load.jobs.push(job)
  load.heads.push(headMin)
  load.minutes.push(minutes)
  load.tails.push(tailMin)
}

const empty = (free: number[]): Load => ({ free, heads: [], tails: [], minutes: [], jobs: [] })

function unitsLoad({ floor, unitFree, occupant, ready }: State, place: number): Load {
  const free: number[] = []
  for (let unit = floor.unitsFrom[place] as number; unit < (floor.unitsFrom[place + 1] as number); unit++) {
    const job = occupant[unit] as number
    // Whoever stands in it may go on in it at once, or be moved aside.
    free.push((job === NONE ? unitFree[unit] : ready[job]) as number)
  }
  return empty(free)
}

const workersLoad = ({ workerFree }: State, group: readonly number[]): Load =>
  empty(group.map((worker) => workerFree[worker] as number))

/** Every set of workers that some task is for, and all of them. */
function workerGroups({ tasks, shop }: Floor): number[][] {
  const all = shop.workers.map((_, at) => at)
  const sets = [...tasks.map(({ workers }) => [...workers].sort((a, b) => a - b)), all].filter(
    ({ length }) => length > 0,
  )
  return [...new Map(sets.map((set) => [set.join(), set])).values()]
}

/** Whether between any head and any deadline there is time for all that must be done wholly between them. */
function fits(load: Load, floor: Floor, wanted: Wanted): boolean {
  const due = load.tails.map((tail, at) => deadline(floor, load.jobs[at] as number, wanted) - tail)
  const byHead = load.heads.map((_, at) => at).sort((a, b) => (load.heads[b] as number) - (load.heads[a] as number))
  const ends = [...new Set(due)]
  for (const to of ends) {
    let workMin = 0
    for (const at of byHead) {
      if ((due[at] as number) > to) continue
      workMin += load.minutes[at] as number
      if (workMin > roomMin(load, load.heads[at] as number, to)) return false
    }
  }
  return true
}

function roomMin({ free }: Load, fromMin: number, toMin: number): number {
  let room = 0
  for (let at = 0; at < free.length; at++) room += Math.max(0, toMin - Math.max(fromMin, free[at] as number))
  return room
}
