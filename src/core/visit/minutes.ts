import type { PlannedStage } from '../plan'
import type { StageId } from '../stages'
import { stoppedBy, underWay } from './fold'
import type { StageRecord, Visit } from './state'

const MS_PER_MIN = 60_000

/** Minutes of one stage record up to `nowMs`: hands-on, and waiting with hands free. Pauses do not count. */
export function minutesOf(record: StageRecord, visit: Visit, nowMs: number): { handsMin: number; waitMin: number } {
  const endMs = record.endMs ?? nowMs
  const pausedNowMs =
    record.endMs === null && visit.pausedSinceMs !== null ? Math.max(0, nowMs - visit.pausedSinceMs) : 0
  const totalMin = Math.max(0, endMs - record.startMs - record.pausedMs - pausedNowMs) / MS_PER_MIN
  const runningMs = record.waitFromMs === null ? 0 : Math.max(0, endMs - record.waitFromMs)
  const waitMin = Math.min(totalMin, (record.waitedMs + runningMs) / MS_PER_MIN)
  return { handsMin: totalMin - waitMin, waitMin }
}

/** A wait with hands free. */
export interface RunningWait {
  stage: StageId
  fromMs: number
  untilMs: number
}

/** The wait that runs now, by the plan's minutes. */
export function runningWait(planned: readonly PlannedStage[], visit: Visit): RunningWait | null {
  const record = underWay(visit)
  if (record === null || record.waitFromMs === null) return null
  const fromMs = record.waitFromMs - record.waitedMs
  const waitMin = planned.find(({ id }) => id === record.stage)?.waitMin ?? 0
  return { stage: record.stage, fromMs, untilMs: fromMs + waitMin * MS_PER_MIN }
}

/** What each stage took, in the order they were first started; a stage taken up twice is added up. */
export function doneByStage(visit: Visit, nowMs: number): Map<StageId, { handsMin: number; waitMin: number }> {
  const done = new Map<StageId, { handsMin: number; waitMin: number }>()
  for (const record of visit.stages) {
    const { handsMin, waitMin } = minutesOf(record, visit, nowMs)
    const before = done.get(record.stage) ?? { handsMin: 0, waitMin: 0 }
    done.set(record.stage, { handsMin: before.handsMin + handsMin, waitMin: before.waitMin + waitMin })
  }
  return done
}

/** A stage that was paused for longer than it was worked on is timed doubtfully, and counts half. Source: from memory. */
const DOUBTFUL = 0.5

/**
 * Hands-on minutes of every stage that was timed to its end, for learning. A stage that a stop cut short is none; one that
 * was taken up twice, or paused for longer than it was worked on, counts half.
 */
export function timedStages(visit: Visit, nowMs: number): { stage: StageId; actualMin: number; weight: number }[] {
  const stop = stoppedBy(visit)
  return [...doneByStage(visit, nowMs)].flatMap(([stage, { handsMin }]) => {
    const records = visit.stages.filter((each) => each.stage === stage)
    const whole = records.every(
      ({ startMs, endMs }) => endMs !== null && (stop === null || endMs <= stop.atMs || startMs > stop.atMs),
    )
    const pausedMin = records.reduce((sum, { pausedMs }) => sum + pausedMs, 0) / MS_PER_MIN
    const doubtful = records.length > 1 || pausedMin > handsMin
    return whole ? [{ stage, actualMin: handsMin, weight: doubtful ? DOUBTFUL : 1 }] : []
  })
}

/** Minutes from the first stage to the last mark, pauses included: what the slot is held against. */
export const elapsedMin = (visit: Visit, nowMs: number): number =>
  visit.startMs === null ? 0 : ((visit.finishedMs ?? nowMs) - visit.startMs) / MS_PER_MIN

/** The planned stages not done yet: not started, not left out. A groom that was stopped has only the handover to come. */
export function stagesToCome(planned: readonly PlannedStage[], visit: Visit): PlannedStage[] {
  const stopped = stoppedBy(visit) !== null
  return planned.filter(
    ({ id }) =>
      (!stopped || id === 'handover') &&
      !visit.stages.some(({ stage }) => stage === id) &&
      !visit.skipped.some(({ stage }) => stage === id),
  )
}

/** Stages passed over: planned before the latest one started, yet neither done nor left out on purpose. */
export function missedStages(planned: readonly PlannedStage[], visit: Visit): PlannedStage[] {
  const reached = Math.max(-1, ...visit.stages.map(({ stage }) => planned.findIndex(({ id }) => id === stage)))
  const toCome = stagesToCome(planned, visit)
  return planned.slice(0, reached).filter((stage) => toCome.includes(stage))
}
