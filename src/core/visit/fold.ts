import type { StageId } from '../stages'
import type { BenchCut, VisitEvent } from './events'

export interface StageRecord {
  stage: StageId
  startMs: number
  /** When the hands came free and the wait began; null when no wait runs. */
  waitFromMs: number | null
  /** Waits that are over. */
  waitedMs: number
  endMs: number | null
  /** Time spent paused within this stage. */
  pausedMs: number
}

export interface Visit {
  startMs: number | null
  finishedMs: number | null
  pausedSinceMs: number | null
  /** Stages in the order they were started; the last may be under way. */
  stages: StageRecord[]
  skipped: { stage: StageId; why: string }[]
  notes: { id: string; words: string; stage: StageId | null; atMs: number; by: string }[]
  cuts: BenchCut[]
}

export const NEW_VISIT: Visit = {
  startMs: null,
  finishedMs: null,
  pausedSinceMs: null,
  stages: [],
  skipped: [],
  notes: [],
  cuts: [],
}

/** The stage under way, if any. */
export const underWay = (visit: Visit): StageRecord | null => {
  const last = visit.stages.at(-1)
  return last && last.endMs === null ? last : null
}

/** The visit that a log tells of. Order of arrival and events sent twice make no difference. */
export function foldVisit(log: readonly VisitEvent[]): Visit {
  return liveEvents(log).reduce(applyEvent, NEW_VISIT)
}

/** The log in order, each event once, without what was undone; an undo can itself be undone. */
export function liveEvents(log: readonly VisitEvent[]): VisitEvent[] {
  const once = [...new Map(log.map((event) => [event.id, event])).values()]
  once.sort((a, b) => a.atMs - b.atMs || (a.id < b.id ? -1 : 1))
  const dead = new Set<string>()
  const live: VisitEvent[] = []
  for (const event of once.reverse()) {
    if (dead.has(event.id)) continue
    if (event.kind === 'undone') dead.add(event.undoes)
    else live.push(event)
  }
  return live.reverse()
}

/** The event that undo takes back: the latest that still stands, a note included. */
export const lastLive = (log: readonly VisitEvent[]): VisitEvent | null => liveEvents(log).at(-1) ?? null

/** One step of the log. Starting a stage ends the one under way; nothing but words and cuts follows the finish. */
function applyEvent(visit: Visit, event: VisitEvent): Visit {
  if (visit.finishedMs !== null && event.kind !== 'note' && event.kind !== 'zone-cut') return visit
  switch (event.kind) {
    case 'stage-started':
      return startStage(endStage(visit, event.atMs), event.stage, event.atMs)
    case 'wait-started':
      return changeUnderWay(visit, event.stage, (record) => ({
        ...record,
        waitFromMs: record.waitFromMs ?? event.atMs,
      }))
    case 'wait-ended':
      return changeUnderWay(visit, event.stage, (record) => endWait(record, event.atMs))
    case 'stage-ended':
      return underWay(visit)?.stage === event.stage ? endStage(visit, event.atMs) : visit
    case 'stage-skipped':
      return { ...visit, skipped: [...visit.skipped, { stage: event.stage, why: event.why }] }
    case 'paused':
      return visit.pausedSinceMs === null ? { ...visit, pausedSinceMs: event.atMs } : visit
    case 'resumed':
      return resume(visit, event.atMs)
    case 'note': {
      const { id, words, stage, atMs, by } = event
      return { ...visit, notes: [...visit.notes, { id, words, stage, atMs, by }] }
    }
    case 'zone-cut':
      return { ...visit, cuts: [...visit.cuts.filter((cut) => !samePlace(cut, event.cut)), event.cut] }
    case 'finished':
      return { ...endStage(visit, event.atMs), finishedMs: event.atMs }
    case 'undone':
      return visit
    default:
      return unreachable(event)
  }
}

const samePlace = (a: BenchCut, b: BenchCut): boolean => a.zone === b.zone && (a.side === b.side || b.side === null)

function startStage(visit: Visit, stage: StageId, atMs: number): Visit {
  const record: StageRecord = { stage, startMs: atMs, waitFromMs: null, waitedMs: 0, endMs: null, pausedMs: 0 }
  const skipped = visit.skipped.filter((each) => each.stage !== stage)
  return { ...visit, startMs: visit.startMs ?? atMs, stages: [...visit.stages, record], skipped }
}

function endStage(visit: Visit, atMs: number): Visit {
  const awake = resume(visit, atMs)
  const record = underWay(awake)
  return record === null
    ? awake
    : changeUnderWay(awake, record.stage, (each) => ({ ...endWait(each, atMs), endMs: atMs }))
}

const endWait = (record: StageRecord, atMs: number): StageRecord =>
  record.waitFromMs === null
    ? record
    : { ...record, waitFromMs: null, waitedMs: record.waitedMs + atMs - record.waitFromMs }

function resume(visit: Visit, atMs: number): Visit {
  if (visit.pausedSinceMs === null) return visit
  const restedMs = atMs - visit.pausedSinceMs
  const record = underWay(visit)
  const awake = { ...visit, pausedSinceMs: null }
  if (record === null) return awake
  return changeUnderWay(awake, record.stage, (each) => ({ ...each, pausedMs: each.pausedMs + restedMs }))
}

function changeUnderWay(visit: Visit, stage: StageId, change: (record: StageRecord) => StageRecord): Visit {
  const record = underWay(visit)
  if (record === null || record.stage !== stage) return visit
  return { ...visit, stages: [...visit.stages.slice(0, -1), change(record)] }
}

function unreachable(event: never): never {
  throw new Error(`Unknown event ${JSON.stringify(event)}`)
}
