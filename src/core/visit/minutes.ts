import type { PlannedStage } from '../stages'
import type { StageId } from '../stages'
import { stoppedBy, underWay } from './fold'
import { waitOf, type StageRecord, type Stretch, type Visit } from './state'

const MS_PER_MIN = 60_000

/** What one stage took, minutes: hands, waits and pauses are stretches that never overlap. */
export interface StageMinutes {
  handsMin: number
  waitMin: number
  pausedMin: number
}

/**
 * Minutes of one stage up to `nowMs`. A pause inside a wait is wait: the wait's clock went on, and the hands rested.
 * @example dry from 0 to 26, wait 1 to 16, pause 5 to 12: 11 min of hands, 15 of wait, none of pause
 */
export function minutesOf(record: StageRecord, visit: Visit, nowMs: number): StageMinutes {
  const endMs = record.endMs ?? nowMs
  const within = (stretches: readonly Stretch[]) =>
    stretches.map(({ fromMs, toMs }) => ({
      fromMs: Math.max(record.startMs, fromMs),
      toMs: Math.min(endMs, toMs ?? endMs),
    }))
  const runs = record.endMs === null && visit.pausedSinceMs !== null
  const pauses = runs ? [...record.pauses, { fromMs: visit.pausedSinceMs ?? endMs, toMs: null }] : record.pauses
  const waitMs = coveredMs(within(record.waits))
  const restMs = coveredMs([...within(record.waits), ...within(pauses)])
  const totalMs = Math.max(0, endMs - record.startMs)
  return {
    handsMin: Math.max(0, totalMs - restMs) / MS_PER_MIN,
    waitMin: waitMs / MS_PER_MIN,
    pausedMin: (restMs - waitMs) / MS_PER_MIN,
  }
}

/** How much time some stretches cover together, what they share counted once. */
function coveredMs(stretches: readonly { fromMs: number; toMs: number }[]): number {
  let [covered, until] = [0, -Infinity]
  for (const { fromMs, toMs } of [...stretches].sort((a, b) => a.fromMs - b.fromMs)) {
    if (toMs <= until) continue
    covered += Math.max(0, toMs - Math.max(fromMs, until))
    until = toMs
  }
  return covered
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
  const running = record && waitOf(record)
  if (!record || !running) return null
  const waitedMs = record.waits.reduce((sum, { fromMs, toMs }) => sum + (toMs === null ? 0 : toMs - fromMs), 0)
  const fromMs = running.fromMs - waitedMs
  const waitMin = planned.find(({ id }) => id === record.stage)?.waitMin ?? 0
  return { stage: record.stage, fromMs, untilMs: fromMs + waitMin * MS_PER_MIN }
}

/** What each stage took, in the order they were first started; a stage taken up twice is added up. */
export function doneByStage(visit: Visit, nowMs: number): Map<StageId, StageMinutes> {
  const done = new Map<StageId, StageMinutes>()
  for (const record of visit.stages) {
    const { handsMin, waitMin, pausedMin } = minutesOf(record, visit, nowMs)
    const before = done.get(record.stage) ?? { handsMin: 0, waitMin: 0, pausedMin: 0 }
    done.set(record.stage, {
      handsMin: before.handsMin + handsMin,
      waitMin: before.waitMin + waitMin,
      pausedMin: before.pausedMin + pausedMin,
    })
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
  return [...doneByStage(visit, nowMs)].flatMap(([stage, { handsMin, pausedMin }]) => {
    const records = visit.stages.filter((each) => each.stage === stage)
    const whole = records.every(
      ({ startMs, endMs }) => endMs !== null && (stop === null || endMs <= stop.atMs || startMs > stop.atMs),
    )
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
  return planned.slice(0, Math.max(0, reached)).filter((stage) => toCome.includes(stage))
}
