import { seeded, type Chance } from '../chance'
import { DAY_SIGMA } from '../pace'
import { NONE as NONE_OF_SHOP, State, type Task } from '../shop'
import { normalQuantile } from '../time'
import type { Piece } from './pieces'
import type { Workshop } from './workshop'

const NONE = NONE_OF_SHOP

/** Days that are played to know a chance. */
export const DAYS = 10_000

/** What a plan holds, by playing it many times. */
export interface Risk {
  /** By dog: the share of days on which its promise holds, 0 to 1; and when it is done at nine of ten. */
  chance: number[]
  lateMin: number[]
  /** The share of days on which all promises hold, and its standard error. */
  all: number
  error: number
}

/**
 * Plays a plan: every stage's hands lognormal about their median, all of a day's stages slower or faster together; what was
 * decided stays decided, and everything begins as soon as what it waits for is over. Seeded, so that two plans of one day
 * meet the same days (common random numbers).
 */
export function riskOf(shop: Workshop, state: State, seed: number, days = DAYS): Risk {
  const steps = stepsOf(shop, state)
  const dogs = shop.dogs.length
  const last = shop.dogs.map((_, dog) => (shop.floor.first[dog + 1] as number) - 1)
  const rest = shop.dogs.map((_, dog) => shop.floor.shop.jobs[dog]?.restMin ?? 0)
  const until = shop.dogs.map((_, dog) => shop.floor.shop.jobs[dog]?.untilMin ?? Infinity)
  const [start, end] = [state.start.slice(), state.end.slice()]
  const held = new Array<number>(dogs).fill(0)
  const dones = shop.dogs.map(() => new Float64Array(days))
  let all = 0
  const draw = normals(seeded(seed))
  for (let day = 0; day < days; day++) {
    const slow = Math.exp(DAY_SIGMA * draw())
    for (let at = 0; at < steps.length; at++) play(steps[at] as Step, start, end, slow, draw)
    let kept = true
    for (let dog = 0; dog < dogs; dog++) {
      const doneMin = (end[last[dog] as number] as number) + (rest[dog] as number)
      ;(dones[dog] as Float64Array)[day] = doneMin
      if (doneMin <= (until[dog] as number)) held[dog]!++
      else kept = false
    }
    if (kept) all++
  }
  const share = all / days
  return {
    chance: held.map((count) => count / days),
    lateMin: dones.map((minutes) => minutes.sort()[Math.floor(days * 0.9)] ?? 0),
    all: share,
    error: Math.sqrt((share * (1 - share)) / days),
  }
}

/** The plan played on one day: its starts and ends as they fell out. Stays in a bay are not played. */
export function playedOnce(shop: Workshop, state: State, seed: number): State {
  const played = new State(shop.floor).copyFrom(state)
  played.aside.length = 0
  const draw = normals(seeded(seed))
  const slow = Math.exp(DAY_SIGMA * draw())
  for (const step of stepsOf(shop, state)) play(step, played.start, played.end, slow, draw)
  return played
}

interface Wait {
  task: number
  plusMin: number
}

/** A task as it is played: what it waits for, and what it takes. */
interface Step {
  task: number
  /** Ends and starts that it waits for, with the minutes between. */
  ends: Wait[]
  starts: Wait[]
  fromMin: number
  /** Minutes that no day changes, and stages that are drawn. */
  fixedMin: number
  drawn: { medianMin: number; sigma: number }[]
}

function play(step: Step, start: Float64Array, end: Float64Array, slow: number, draw: () => number): void {
  const { task, ends, starts, drawn } = step
  let atMin = step.fromMin
  for (let at = 0; at < ends.length; at++) atMin = Math.max(atMin, after(ends[at] as Wait, end))
  for (let at = 0; at < starts.length; at++) atMin = Math.max(atMin, after(starts[at] as Wait, start))
  let minutes = step.fixedMin
  for (let at = 0; at < drawn.length; at++) {
    const { medianMin, sigma } = drawn[at] as Step['drawn'][number]
    minutes += medianMin * slow * Math.exp(sigma * draw())
  }
  start[task] = atMin
  end[task] = atMin + minutes
}

const after = ({ task, plusMin }: Wait, times: Float64Array): number => (times[task] as number) + plusMin

/** Into so many equal parts a normal is cut; the middle of one is drawn. From memory: finer than ten thousand days can tell. */
const PARTS = 4096
const MIDDLES = Float64Array.from({ length: PARTS }, (_, at) => normalQuantile((at + 0.5) / PARTS))

/** Standard normals, read from a table: computed anew for each stage of each day they took half the time. */
export const normals =
  ({ share }: Chance) =>
  (): number =>
    MIDDLES[Math.floor(share() * PARTS)] as number

function stepsOf(shop: Workshop, state: State): Step[] {
  const tasks = [...shop.floor.tasks.keys()].filter((task) => !pieceOf(shop, task)?.seen?.over)
  tasks.sort((a, b) => (state.start[a] as number) - (state.start[b] as number) || a - b)
  const hands = new Hands(shop, state)
  return tasks.map((task) => {
    const step: Step = { task, ends: [], starts: [], fromMin: shop.nowMin, fixedMin: 0, drawn: [] }
    const piece = pieceOf(shop, task)
    fillMinutes(step, piece, shop.floor.tasks[task]?.minutes ?? 0, shop.nowMin)
    if (!piece?.seen) fillWaits(step, shop, state)
    hands.take(step, !piece?.seen)
    return step
  })
}

/** What a task waits for besides hands: its dog, a wait of its own, and whoever leaves its place. */
function fillWaits(step: Step, { floor, nowMin }: Workshop, state: State): void {
  const { task } = step
  const job = floor.jobOf[task] as number
  const first = floor.first[job] as number
  const { lag, fromMin } = floor.tasks[task] as Task
  // A dog comes when the plan says, not when somebody might be ready for it.
  const comesMin = task === first ? (state.start[task] as number) : 0
  step.fromMin = Math.max(nowMin, floor.shop.jobs[job]?.fromMin ?? 0, comesMin, fromMin)
  if (task > first) step.ends.push({ task: task - 1, plusMin: 0 })
  if (lag) step.ends.push({ task: first + lag.after, plusMin: lag.minutes })
  const freed = state.freedBefore[task] as number
  if (freed === NONE) return
  const left = state.unit[freed] === state.unit[task] ? step.ends : step.starts
  left.push({ task: freed, plusMin: state.cleanBefore[task] as number })
}

/** Whose hands are where: each task waits for what its people did before. */
class Hands {
  private readonly last = new Map<number, number>()
  /** Who stays within reach, until which task begins. */
  private readonly reaching = new Map<number, number>()

  constructor(
    private readonly shop: Workshop,
    private readonly state: State,
  ) {}

  take(step: Step, toCome: boolean): void {
    const { task } = step
    const { reach, sameAs } = this.shop.floor.tasks[task] as Task
    const first = this.shop.floor.first[this.shop.floor.jobOf[task] as number] as number
    for (const worker of [this.state.worker[task] as number, this.state.second[task] as number]) {
      if (worker === NONE) continue
      const [before, until] = [this.last.get(worker), this.reaching.get(worker)]
      if (before !== undefined && toCome) step.ends.push({ task: before, plusMin: 0 })
      if (until !== undefined && until !== task && sameAs === NONE) step.starts.push({ task: until, plusMin: 0 })
      this.last.set(worker, task)
      if (reach !== NONE) this.reaching.set(worker, first + reach)
      else if (sameAs === NONE) this.reaching.delete(worker)
    }
  }
}

function fillMinutes(step: Step, piece: Piece | undefined, minutes: number, nowMin: number): void {
  if (!piece || piece.kind === 'cabinet') step.fixedMin = piece?.seen ? piece.seen.endMin - nowMin : minutes
  else if (piece.seen) step.drawn.push({ medianMin: piece.seen.endMin - nowMin, sigma: piece.stages[0]?.sigma ?? 0 })
  else for (const { medianMin, sigma } of piece.stages) if (medianMin > 0) step.drawn.push({ medianMin, sigma })
}

const pieceOf = ({ floor, pieces }: Workshop, task: number): Piece | undefined =>
  pieces[floor.jobOf[task] as number]?.[task - (floor.first[floor.jobOf[task] as number] as number)]
