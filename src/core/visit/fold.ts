import { endsGroom, openFindings } from '../health'
import type { StageId } from '../stages'
import type { VisitEvent } from './events'
import { recorded } from './recorded'
import { NEW_VISIT, waitOf, type StageRecord, type Stretch, type Visit } from './state'

/** The stage under way, if any. */
export const underWay = (visit: Visit): StageRecord | null => {
  const last = visit.stages.at(-1)
  return last && last.endMs === null ? last : null
}

/** What ended this groom before its time; null when it goes on. A finding taken back or gone lets it go on. */
export const stoppedBy = (visit: Visit): Visit['findings'][number] | null =>
  openFindings(visit.findings).find(endsGroom) ?? null

/** The visit that a log tells of. Order of arrival and events sent twice make no difference. */
export function foldVisit(log: readonly VisitEvent[]): Visit {
  return liveEvents(log).reduce(applyEvent, NEW_VISIT)
}

/** The log in order, each event once, without what was undone; an undo can itself be undone, a signature never. */
export function liveEvents(log: readonly VisitEvent[]): VisitEvent[] {
  const once = [...new Map(log.map((event) => [event.id, event])).values()]
  once.sort((a, b) => a.atMs - b.atMs || (a.id < b.id ? -1 : 1))
  const signed = new Set(once.filter(({ kind }) => kind === 'consent').map(({ id }) => id))
  const dead = new Set<string>()
  const live: VisitEvent[] = []
  for (const event of once.reverse()) {
    if (dead.has(event.id)) continue
    if (event.kind === 'undone') {
      if (!signed.has(event.undoes)) dead.add(event.undoes)
    } else live.push(event)
  }
  return live.reverse()
}

/** The event that undo takes back: the latest that still stands, a note included; a signature stands. */
export const lastLive = (log: readonly VisitEvent[]): VisitEvent | null =>
  liveEvents(log).findLast(({ kind }) => kind !== 'consent' && kind !== 'cautions-seen') ?? null

const AFTER_THE_FINISH: readonly VisitEvent['kind'][] = ['note', 'zone-cut', 'finding', 'behaviour', 'amended']

/** One step of the log. Starting a stage ends the one under way; nothing but words and cuts follows the finish. */
function applyEvent(visit: Visit, event: VisitEvent): Visit {
  if (visit.finishedMs !== null && !AFTER_THE_FINISH.includes(event.kind)) return visit
  switch (event.kind) {
    case 'stage-started':
      return startStage(endStage(visit, event.atMs), event.stage, event.atMs)
    case 'wait-started':
      return changeUnderWay(visit, event.stage, (record) => ({
        ...record,
        waits: waitOf(record) ? record.waits : [...record.waits, { fromMs: event.atMs, toMs: null }],
      }))
    case 'wait-ended':
      return changeUnderWay(visit, event.stage, (record) => ({
        ...record,
        waits: closed(record.waits, event.atMs),
      }))
    case 'stage-ended':
      return underWay(visit)?.stage === event.stage ? endStage(visit, event.atMs) : visit
    case 'stage-skipped':
      return { ...visit, skipped: [...visit.skipped, { stage: event.stage, why: event.why }] }
    case 'paused':
      return visit.pausedSinceMs === null ? { ...visit, pausedSinceMs: event.atMs } : visit
    case 'resumed':
      return resume(visit, event.atMs)
    case 'finished':
      return { ...endStage(visit, event.atMs), finishedMs: event.atMs }
    case 'undone':
      return visit
    default:
      return recorded(visit, event)
  }
}

function startStage(visit: Visit, stage: StageId, atMs: number): Visit {
  const record: StageRecord = { stage, startMs: atMs, endMs: null, waits: [], pauses: [] }
  const skipped = visit.skipped.filter((each) => each.stage !== stage)
  return { ...visit, startMs: visit.startMs ?? atMs, stages: [...visit.stages, record], skipped }
}

function endStage(visit: Visit, atMs: number): Visit {
  const awake = resume(visit, atMs)
  const record = underWay(awake)
  return record === null
    ? awake
    : changeUnderWay(awake, record.stage, (each) => ({ ...each, waits: closed(each.waits, atMs), endMs: atMs }))
}

/** Ends the stretch that runs, if one does. */
const closed = (stretches: readonly Stretch[], atMs: number): Stretch[] =>
  stretches.map((each) => (each.toMs === null ? { ...each, toMs: atMs } : each))

function resume(visit: Visit, atMs: number): Visit {
  const { pausedSinceMs } = visit
  if (pausedSinceMs === null) return visit
  const record = underWay(visit)
  const awake = { ...visit, pausedSinceMs: null }
  if (record === null) return awake
  const pause = { fromMs: pausedSinceMs, toMs: atMs }
  return changeUnderWay(awake, record.stage, (each) => ({ ...each, pauses: [...each.pauses, pause] }))
}

function changeUnderWay(visit: Visit, stage: StageId, change: (record: StageRecord) => StageRecord): Visit {
  const record = underWay(visit)
  if (record === null || record.stage !== stage) return visit
  return { ...visit, stages: [...visit.stages.slice(0, -1), change(record)] }
}
