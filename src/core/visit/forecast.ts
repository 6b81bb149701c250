import { openWait } from '../plan'
import type { PlannedStage } from '../stages'
import { DAY_SIGMA, type Pace } from '../pace'
import { STAGE_SIGMA, lognormalLeft, sumOverDays, type Term } from '../time'
import type { StageId } from '../stages'
import { underWay } from './fold'
import { doneByStage, minutesOf, stagesToCome } from './minutes'
import { hasWaited, waitOf, type Visit } from './state'

const MS_PER_MIN = 60_000

export interface Forecast {
  /** Milliseconds since the epoch. */
  likelyMs: number
  lateMs: number
  /** Chance, 0 to 1, to be done by the slot's end. */
  chance: number
  /** How slow the day is, as the stages done tell: 1 is a usual day. */
  dayFactor: number
  /** Minutes that would have to be won for the slot to hold at a chance, 0 to 1; 0 when it holds. */
  lacksMin: (chance: number) => number
}

/** The learned spreads of a groom; those of memory where nothing was learned. */
type Spread = Pick<Pace, 'stages' | 'daySigma'> | null

const sigmaOf = (spread: Spread, stage: StageId): number => spread?.stages[stage]?.sigma ?? STAGE_SIGMA

/** Of all the stages that are over, what they say of the day: the normal-normal rule on their logs, each by its own spread. */
export function dayOf(planned: readonly PlannedStage[], visit: Visit, spread: Spread): { log: number; sigma: number } {
  const daySigma = spread?.daySigma ?? DAY_SIGMA
  const done = doneByStage(visit, 0)
  let precision = 1 / daySigma ** 2
  let sum = 0
  for (const { id, p50 } of planned) {
    const over = visit.stages.every(({ stage, endMs }) => stage !== id || endMs !== null)
    const handsMin = done.get(id)?.handsMin ?? 0
    if (!over || handsMin < LEAST_TIMED_MIN || p50 <= 0) continue
    const sigma = sigmaOf(spread, id)
    const off = Math.max(-FURTHEST * sigma, Math.min(FURTHEST * sigma, Math.log(handsMin / p50)))
    precision += 1 / sigma ** 2
    sum += off / sigma ** 2
  }
  return { log: sum / precision, sigma: Math.sqrt(1 / precision) }
}

/** Less than this is a slip of the hand, min; and nothing is further off than so many deviations. Source: from memory. */
const LEAST_TIMED_MIN = 0.2
const FURTHEST = 2

/** When the visit will be done: what remains of this stage, and the stages to come, on a day as slow as it has shown itself. */
export function forecast(
  planned: readonly PlannedStage[],
  visit: Visit,
  slotEndMs: number,
  nowMs: number,
  spread: Spread = null,
): Forecast {
  const day = dayOf(planned, visit, spread)
  const toCome = stagesToCome(planned, visit)
  const { term, waitMin } = rest(planned, visit, nowMs, spread, day.log)
  const waits = toCome.reduce((sum, stage) => sum + openWait(planned, planned.indexOf(stage)), waitMin)
  const terms = toCome.map(({ id, p50 }): Term => ({ medianMin: p50 * Math.exp(day.log), sigma: sigmaOf(spread, id) }))
  const sum = sumOverDays([...terms, ...(term ? [term] : [])], waits, day.sigma)
  const leftMin = (slotEndMs - nowMs) / MS_PER_MIN
  return {
    likelyMs: nowMs + sum.percentileMin(0.5) * MS_PER_MIN,
    lateMs: nowMs + sum.percentileMin(0.9) * MS_PER_MIN,
    chance: sum.chanceWithin(leftMin),
    dayFactor: Math.exp(day.log),
    lacksMin: (chance) => Math.max(0, sum.percentileMin(chance) - leftMin),
  }
}

/** What is left of the stage under way: hands-on as a lognormal that has lasted so long already, and its wait. */
function rest(
  planned: readonly PlannedStage[],
  visit: Visit,
  nowMs: number,
  spread: Spread,
  dayLog: number,
): { term: Term | null; waitMin: number } {
  const record = underWay(visit)
  const at = planned.findIndex(({ id }) => id === record?.stage)
  const current = planned[at]
  if (record === null || !current) return { term: null, waitMin: 0 }
  const spent = minutesOf(record, visit, nowMs)
  const waiting = waitOf(record) !== null
  const waited = hasWaited(record)
  const handsDone = (waiting || waited) && current.id === 'condition'
  const term = { medianMin: current.p50 * Math.exp(dayLog), sigma: sigmaOf(spread, current.id) }
  return {
    term: handsDone ? null : lognormalLeft(term, spent.handsMin),
    waitMin: waited ? 0 : Math.max(0, openWait(planned, at) - spent.waitMin),
  }
}
