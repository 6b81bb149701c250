import type { PlannedStage, StageId } from '../stages'
import { underWay } from './fold'
import { minutesOf } from './minutes'
import { waitOf, type Visit } from './state'

/** A stage that has run far beyond its plan and without a tap for long. */
export interface Overlong {
  stage: StageId
  ranMin: number
  plannedMin: number
  /** The last tap in it, or its start: a break may have begun there. */
  quietSinceMs: number
}

/** Beyond twice its late end and this many minutes a stage is asked about. Source: from memory. */
const BEYOND_MIN = 20

/**
 * A stage that was probably left running over a break: hands for longer than twice its late end and 20 min more, and no tap
 * for 20 min. It is asked about, never changed by itself.
 */
export function overlong(
  planned: readonly PlannedStage[],
  visit: Visit,
  lastTapMs: number,
  nowMs: number,
): Overlong | null {
  const record = underWay(visit)
  const plan = planned.find(({ id }) => id === record?.stage)
  if (!record || !plan || visit.pausedSinceMs !== null || waitOf(record) !== null) return null
  const { handsMin } = minutesOf(record, visit, nowMs)
  const quietSinceMs = Math.max(record.startMs, lastTapMs)
  const isLong = handsMin > 2 * plan.p90 + BEYOND_MIN && nowMs - quietSinceMs > BEYOND_MIN * 60_000
  return isLong ? { stage: record.stage, ranMin: handsMin, plannedMin: plan.p50, quietSinceMs } : null
}
