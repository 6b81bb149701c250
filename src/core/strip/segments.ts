import { openWait, type Plan } from '../plan'
import type { PlannedStage } from '../stages'
import { familyOf, type StageId } from '../stages'
import { hasWaited, minutesOf, stagesToCome, underWay, waitOf, type StageRecord, type Visit } from '../visit'

/** A stretch of the groom strip, in minutes from the start of the slot. */
export interface Segment {
  stage: StageId
  /** In a wait the hands are free. */
  kind: 'hands' | 'wait'
  state: 'planned' | 'now' | 'done'
  fromMin: number
  toMin: number
  /** The likely rest of the stage under way. */
  rest?: true
}

const MS_PER_MIN = 60_000

/** The strip of a plan: its stages one behind another, medians and open waits. */
export function plannedSegments(stages: readonly PlannedStage[], fromMin = 0): Segment[] {
  const segments: Segment[] = []
  let at = fromMin
  stages.forEach((stage, index) => {
    const hands = { kind: 'hands' as const, min: stage.p50 }
    const wait = { kind: 'wait' as const, min: openWait(stages, index) }
    for (const { kind, min } of waitsFirst(stage.id) ? [wait, hands] : [hands, wait]) {
      if (min <= 0) continue
      segments.push({ stage: stage.id, kind, state: 'planned', fromMin: at, toMin: at + min })
      at += min
    }
  })
  return segments
}

/** The cabinet comes before the hand dryer; conditioner works after it is on. */
export const waitsFirst = (stage: StageId): boolean => stage === 'dry'

/** The strip of a visit: what has happened as it happened, what is under way, what is to come behind it. */
export function visitSegments(plan: Pick<Plan, 'stages'>, visit: Visit, slotStartMs: number, nowMs: number): Segment[] {
  const min = (ms: number) => (ms - slotStartMs) / MS_PER_MIN
  const done = drawnApart(visit, (record) => recordSegments(record, visit, min, nowMs))
  if (visit.finishedMs !== null) return done
  const nowMin = min(nowMs)
  const rest = restOfNow(plan, visit, nowMs, nowMin)
  const from = rest.at(-1)?.toMin ?? (visit.startMs === null ? Math.max(0, nowMin) : nowMin)
  return [...done, ...rest, ...plannedSegments(stagesToCome(plan.stages, visit), from)]
}

/** A stage that was put in afterwards may stand inside another: that one is drawn around it. */
function drawnApart({ stages }: Visit, draw: (record: StageRecord) => Segment[]): Segment[] {
  const recalled = stages.filter((record) => record.recalled).flatMap(draw)
  const others = stages.filter((record) => !record.recalled).flatMap(draw)
  const apart = recalled.reduce((parts, each) => parts.flatMap((part) => around(part, each)), others)
  return [...apart, ...recalled].sort((a, b) => a.fromMin - b.fromMin)
}

const around = (part: Segment, { fromMin, toMin }: Segment): Segment[] =>
  [
    { ...part, toMin: Math.min(part.toMin, fromMin) },
    { ...part, fromMin: Math.max(part.fromMin, toMin) },
  ].filter((piece) => piece.toMin - piece.fromMin > 0.01)

function recordSegments(record: StageRecord, visit: Visit, min: (ms: number) => number, nowMs: number): Segment[] {
  const state = record.endMs === null ? ('now' as const) : ('done' as const)
  const toMin = min(record.endMs ?? nowMs)
  const fromMin = min(record.startMs)
  const { waitMin } = minutesOf(record, visit, nowMs)
  const { stage } = record
  if (waitMin < 0.05) return [{ stage, kind: 'hands', state, fromMin, toMin }]
  const waitFirst = waitsFirst(stage)
  const split = waitFirst ? fromMin + waitMin : toMin - waitMin
  const kinds = waitFirst ? (['wait', 'hands'] as const) : (['hands', 'wait'] as const)
  return [
    { stage, kind: kinds[0], state: waitFirst && waitOf(record) !== null ? state : 'done', fromMin, toMin: split },
    { stage, kind: kinds[1], state, fromMin: split, toMin },
  ].filter((segment) => segment.toMin - segment.fromMin > 0.01)
}

/** What is likely left of the stage under way, hands and wait in their order. */
function restOfNow(plan: Pick<Plan, 'stages'>, visit: Visit, nowMs: number, nowMin: number): Segment[] {
  const record = underWay(visit)
  const at = plan.stages.findIndex(({ id }) => id === record?.stage)
  const planned = plan.stages[at]
  if (record === null || !planned) return []
  const { handsMin, waitMin } = minutesOf(record, visit, nowMs)
  const waited = hasWaited(record)
  const wait = { kind: 'wait' as const, min: waited ? 0 : openWait(plan.stages, at) - waitMin }
  const handsDone = !waitsFirst(planned.id) && record.waits.length > 0
  const hands = { kind: 'hands' as const, min: handsDone ? 0 : planned.p50 - handsMin }
  const rest: Segment[] = []
  let from = nowMin
  for (const { kind, min } of waitsFirst(planned.id) ? [wait, hands] : [hands, wait]) {
    if (min <= 0) continue
    rest.push({ stage: planned.id, kind, state: 'planned', fromMin: from, toMin: from + min, rest: true })
    from += min
  }
  return rest
}

/** For a strip too small to name stages: neighbours of one family, kind and state become one stretch. */
export function byFamily(segments: readonly Segment[]): Segment[] {
  const merged: Segment[] = []
  for (const segment of segments) {
    const before = merged.at(-1)
    const joins =
      before !== undefined &&
      familyOf(before.stage) === familyOf(segment.stage) &&
      before.kind === segment.kind &&
      before.state === segment.state &&
      segment.fromMin - before.toMin < 0.5
    if (joins) merged[merged.length - 1] = { ...before, toMin: segment.toMin }
    else merged.push(segment)
  }
  return merged
}
