/**
 * No task, no worker, no unit of a place. What a search runs through keeps it as a constant of its own: an import is asked for
 * anew at each of many million reads, which took half the time of a plan.
 */
export const NONE = -1

/**
 * One piece of work. Jobs are dogs, workers are people and places are tables, tubs, dryers and cabinets; a machine shop is
 * the same with machines for places and nobody to work them.
 */
export interface Task {
  minutes: number
  /** Begins no earlier, whatever else allows it. */
  fromMin: number
  /** Who may do it, the fittest first; nobody is needed when it is empty. */
  workers: readonly number[]
  /** A second worker stands by, whoever is free. */
  second: boolean
  /** The kind of place that it needs; NONE: wherever the job stands. */
  place: number
  /** The job stays in its place until its next task begins elsewhere or it is moved aside; a machine is free at once. */
  holds: boolean
  /** Between the task before and this one the job may not be moved aside. */
  stays: boolean
  /** Begins no earlier than so many minutes after the end of an earlier task of its job. */
  lag: { after: number; minutes: number } | null
  /** An earlier task of its job whose worker must do this one, or NONE. */
  sameAs: number
  /** Its worker does nothing else until this later task of its job begins, but what is `sameAs`; or NONE. */
  reach: number
  /** Of the tasks that one worker does all through the job. */
  whole: boolean
}

/** Where a job stands at the start, when some of it is over or under way. */
export interface Begun {
  /** How many of its tasks are over or under way. */
  done: number
  /** When what is under way ends. */
  readyMin: number
  unit: number
  bay: number
  /** Who has begun what one worker does all through. */
  whole: number
  /** Ends of the tasks that are over or under way, and who did them; NONE where nobody knows. */
  ends: readonly number[]
  by: readonly number[]
}

export interface Job {
  tasks: readonly Task[]
  /** Begins no earlier. */
  fromMin: number
  /** Ends no later, if a plan can help it; Infinity: any time. */
  untilMin: number
  /** What its place takes to be cleaned when it leaves. */
  cleanMin: number
  /** Waits that follow its last task. */
  restMin: number
  /** It may stand aside in a bay. */
  mayStandAside: boolean
  begun: Begun | null
}

export interface Worker {
  fromMin: number
  untilMin: number
}

/** Everything that a plan of work is made from. Whole minutes. */
export interface Shop {
  jobs: readonly Job[]
  workers: readonly Worker[]
  /** How many units of each kind of place, and whether each is cleaned after a job. */
  places: readonly { units: number; cleaned: boolean }[]
  /** Where jobs can stand aside. */
  bays: number
  /** Nothing that is not begun begins before. */
  nowMin: number
}

/** A shop laid out flat, so that a search can run through it: tasks, jobs and units by their numbers. */
export interface Floor {
  shop: Shop
  tasks: readonly Task[]
  /** First task of each job, and one past the last. */
  first: Int32Array
  /** The job of each task, and NONE past the last. */
  jobOf: Int32Array
  /** First unit of each kind of place, and one past the last; the kind of each unit. */
  unitsFrom: Int32Array
  kindOf: Int32Array
  units: number
  /** Every task needs its one machine and nothing else: all that it leaves behind is when it ends. */
  isPlain: boolean
  /** The machine of each task of a plain floor. */
  machineOf: Int32Array
  /** Minutes of each task, and the task until which its worker does nothing else, or NONE. */
  minutes: Float64Array
  reach: Int32Array
  /** Until when each worker works. */
  untilMin: Float64Array
  /** Minutes that follow a task at the least, its own not counted. */
  tailMin: Float64Array
}

/** Lays a shop out. */
export function floorOf(shop: Shop): Floor {
  const tasks = shop.jobs.flatMap((job) => job.tasks)
  const first = new Int32Array(shop.jobs.length + 1)
  shop.jobs.forEach((job, at) => (first[at + 1] = (first[at] as number) + job.tasks.length))
  const unitsFrom = new Int32Array(shop.places.length + 1)
  shop.places.forEach(({ units }, at) => (unitsFrom[at + 1] = (unitsFrom[at] as number) + units))
  const kinds = shop.places.flatMap(({ units }, kind) => Array<number>(units).fill(kind))
  const jobOf = Int32Array.from([...shop.jobs.flatMap((job, at) => job.tasks.map(() => at)), NONE])
  const minutes = Float64Array.from(tasks, (task) => task.minutes)
  const reach = Int32Array.from(tasks, (task, at) =>
    task.reach === NONE ? NONE : (first[jobOf[at] as number] as number) + task.reach,
  )
  const untilMin = Float64Array.from(shop.workers, (worker) => worker.untilMin)
  const tailMin = new Float64Array(tasks.length)
  shop.jobs.forEach((job, at) => fillTails(job, first[at] as number, tailMin))
  const isPlain =
    tasks.every(isPlainTask) &&
    shop.places.every(({ units, cleaned }) => units === 1 && !cleaned) &&
    shop.jobs.every(({ restMin }) => restMin === 0)
  const machineOf = Int32Array.from(isPlain ? tasks : [], ({ place }) => place)
  const kindOf = Int32Array.from(kinds)
  return {
    shop,
    tasks,
    first,
    jobOf,
    unitsFrom,
    kindOf,
    units: kinds.length,
    isPlain,
    machineOf,
    minutes,
    reach,
    untilMin,
    tailMin,
  }
}

const isPlainTask = ({ workers, holds, lag, place, fromMin }: Task): boolean =>
  !holds && place !== NONE && !lag && workers.length === 0 && fromMin === 0

function fillTails(job: Job, first: number, tailMin: Float64Array): void {
  for (let at = job.tasks.length - 1; at >= 0; at--) {
    let tail = at === job.tasks.length - 1 ? job.restMin : 0
    for (let later = at + 1; later < job.tasks.length; later++) {
      const { lag, minutes } = job.tasks[later] as Task
      const follows = later === at + 1 || lag?.after === at
      if (follows)
        tail = Math.max(tail, (lag?.after === at ? lag.minutes : 0) + minutes + (tailMin[first + later] as number))
    }
    tailMin[first + at] = tail
  }
}
