import { endsGroom, openFindings } from '../health'
import type { StageId } from '../stages'
import type { VisitEvent } from './events'
import { orderedLog } from './order'
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
export const foldVisit = (log: readonly VisitEvent[]): Visit => foldOn(NEW_VISIT, liveEvents(log))

/** Goes on with a fold where it stood. Only for events that stand behind all it knew and name none of them. */
export const foldOn = (visit: Visit, events: readonly VisitEvent[]): Visit => events.reduce(applyEvent, visit)

/**
 * The log in order, each event once, without what was undone, each at the time at which it is said to have happened. An
 * undo can itself be undone, a signature never.
 */
export function liveEvents(log: readonly VisitEvent[]): VisitEvent[] {
  const ordered = orderedLog(log)
  const signed = new Set(ordered.filter(({ kind }) => kind === 'consent').map(({ id }) => id))
  const dead = new Set<string>()
  const live: VisitEvent[] = []
  for (const event of ordered.reverse()) {
    if (dead.has(event.id)) continue
    if (event.kind === 'undone') {
      if (!signed.has(event.undoes)) dead.add(event.undoes)
    } else live.push(event)
  }
  return withTimesSet(live.reverse())
}

function withTimesSet(live: readonly VisitEvent[]): VisitEvent[] {
  const times = new Map(live.flatMap((event) => (event.kind === 'time-set' ? [[event.of, event.toMs]] : [])))
  return live.map((event) => ({ ...event, atMs: times.get(event.id) ?? event.atMs }))
}

/** Who taps: undo takes back one's own, from this device or from another that knows the person. */
export interface Hand {
  device: string
  byId?: number
}

const NOT_BY_UNDO: readonly VisitEvent['kind'][] = ['consent', 'cautions-seen']

/**
 * The event that undo takes back: the latest of this hand that still stands, a note included; a signature stands. Where
 * this hand has none left it is the latest of all, and not one's own.
 */
export function lastLive(log: readonly VisitEvent[], hand?: Hand): { event: VisitEvent; own: boolean } | null {
  const live = liveEvents(log).filter(({ kind }) => !NOT_BY_UNDO.includes(kind))
  const own = hand && live.findLast((event) => isBy(event, hand))
  const event = own ?? live.at(-1)
  return event ? { event, own: own !== undefined || hand === undefined } : null
}

const isBy = ({ device, byId }: VisitEvent, hand: Hand): boolean =>
  device === hand.device || (byId !== undefined && byId === hand.byId)

const AFTER_THE_FINISH: readonly VisitEvent['kind'][] = [
  'note',
  'late-note',
  'zone-cut',
  'finding',
  'behaviour',
  'amended',
]
const MOVES_THE_CLOCK: readonly VisitEvent['kind'][] = [
  'stage-started',
  'stage-ended',
  'wait-started',
  'wait-ended',
  'paused',
  'resumed',
  'finished',
]

/** One step of the log; nothing but words and cuts follows the finish. The clock of a visit never runs back. */
function applyEvent(visit: Visit, event: VisitEvent): Visit {
  if (visit.finishedMs !== null && !AFTER_THE_FINISH.includes(event.kind)) return visit
  if (!MOVES_THE_CLOCK.includes(event.kind)) return step(visit, event)
  const atMs = Math.max(event.atMs, visit.clockMs)
  return { ...step(visit, { ...event, atMs }), clockMs: atMs }
}

/** Starting a stage ends the one under way. */
function step(visit: Visit, event: VisitEvent): Visit {
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
    case 'stage-recalled':
      return recallStage(visit, event)
    case 'rested':
      return { ...visit, stages: rested(visit.stages, event) }
    case 'time-set':
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

/** A stage of long ago goes in where it was done; whatever was under way meanwhile rested. */
function recallStage(visit: Visit, { stage, fromMs, toMs }: Stretch & { stage: StageId }): Visit {
  const stages = rested(visit.stages, { fromMs, toMs })
  const later = stages.findIndex((each) => each.startMs > fromMs || each.endMs === null)
  const record: StageRecord = { stage, startMs: fromMs, endMs: toMs, waits: [], pauses: [], recalled: true }
  return {
    ...visit,
    startMs: Math.min(visit.startMs ?? fromMs, fromMs),
    stages: later < 0 ? [...stages, record] : stages.toSpliced(later, 0, record),
    skipped: visit.skipped.filter((each) => each.stage !== stage),
  }
}

/** Stages with a rest put in afterwards; its part outside a stage counts for nothing. */
const rested = (stages: readonly StageRecord[], { fromMs, toMs }: Stretch): StageRecord[] =>
  stages.map((each) =>
    each.startMs < (toMs ?? Infinity) && (each.endMs ?? Infinity) > fromMs
      ? { ...each, pauses: [...each.pauses, { fromMs, toMs }] }
      : each,
  )

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
