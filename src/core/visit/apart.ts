import type { Pace } from '../pace'
import type { PlannedStage } from '../stages'
import { dayOf } from './forecast'
import { doneByStage } from './minutes'
import type { Visit } from './state'

/** Hands-on minutes of a groom against its plan: how much of the difference is the day, and how much the stages themselves. */
export interface Apart {
  /** More than planned, less than 0 for less, of the stages that were done. */
  totalMin: number
  dayMin: number
  /** What the estimate of single stages was off by. */
  stagesMin: number
  /** 1 is a usual day. */
  dayFactor: number
}

/** Was it the estimate, or the day? */
export function apart(
  planned: readonly PlannedStage[],
  visit: Visit,
  spread: Pick<Pace, 'stages' | 'daySigma'> | null,
  nowMs: number,
): Apart {
  const done = doneByStage(visit, nowMs)
  const { log } = dayOf(planned, visit, spread)
  const there = planned.filter(({ id }) => done.has(id))
  const plannedMin = there.reduce((sum, { p50 }) => sum + p50, 0)
  const totalMin = there.reduce((sum, { id }) => sum + (done.get(id)?.handsMin ?? 0), 0) - plannedMin
  const dayMin = plannedMin * (Math.exp(log) - 1)
  return { totalMin, dayMin, stagesMin: totalMin - dayMin, dayFactor: Math.exp(log) }
}
