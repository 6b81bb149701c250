import { openWait } from '../plan'
import type { PlannedStage } from '../stages'
import type { StageId } from '../stages'
import type { ZoneId } from '../zones'
import { stagesToCome } from './minutes'
import { stoppedBy, underWay } from './fold'
import { waitOf, type Visit } from './state'

/** What one tap on the bench does next. */
export type Step =
  | { do: 'start'; stage: StageId; done: StageId | null }
  | { do: 'wait'; stage: StageId; waitMin: number }
  | { do: 'end-wait'; stage: StageId }
  | { do: 'finish'; done: StageId | null }
  | { do: 'resume' }
  | { do: 'wrap-up' }

/** The next step of a visit: forward through the plan; what was passed over is asked for before the finish. */
export function nextStep(planned: readonly PlannedStage[], visit: Visit): Step {
  if (visit.finishedMs !== null) return { do: 'wrap-up' }
  if (visit.pausedSinceMs !== null) return { do: 'resume' }
  const record = underWay(visit)
  const at = planned.findIndex(({ id }) => id === record?.stage)
  if (record !== null && at >= 0 && stoppedBy(visit) === null) {
    const waitMin = openWait(planned, at)
    if (waitMin > 0 && record.waits.length === 0) return { do: 'wait', stage: record.stage, waitMin }
    if (waitOf(record) !== null && record.stage === 'dry') return { do: 'end-wait', stage: record.stage }
  }
  const toCome = stagesToCome(planned, visit)
  const next = toCome.find((stage) => planned.indexOf(stage) > at) ?? toCome[0]
  const done = record?.stage ?? null
  return next ? { do: 'start', stage: next.id, done } : { do: 'finish', done }
}

/** Zones that the stages which are over have been at. */
export function zonesDone(planned: readonly PlannedStage[], visit: Visit): ZoneId[] {
  const over = new Set(visit.stages.filter(({ endMs }) => endMs !== null).map(({ stage }) => stage))
  return planned.flatMap(({ id, zones }) => (over.has(id) ? zones : []))
}
