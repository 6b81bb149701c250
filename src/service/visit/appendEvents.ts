import { refuse, type Result } from '@/core/result'
import { foldVisit, type VisitEvent } from '@/core/visit'
import { inTransaction } from '@/data/connection'
import { addEvents, readKnown, readLog, readLogSince, type LogSince } from '@/data/events'
import { holdVisit, type StoredVisit } from '@/data/visits'
import { DAY_MS } from '../house/houseTime'
import { keepAsCut } from './keepAsCut'
import { tellWatchers } from './watchVisit'

/** What became of one event that was sent. */
export type Taken = { id: string; taken: 'taken' | 'known' } | { id: string; taken: 'refused'; why: string }

export interface Sent extends LogSince {
  /** One answer for each event that was sent. */
  answers: Taken[]
  /** The server's time, by which a device puts its own clock right. */
  nowMs: number
}

/**
 * Adds events to a visit's log, each taken or refused by itself, and gives what the log has gained since a number. Sent
 * twice, it answers the same. An amendment after the close makes a new version of the card as cut.
 */
export async function appendEvents(
  visitId: number,
  events: readonly VisitEvent[],
  nowMs: number,
  since = 0,
): Promise<Result<Sent>> {
  const sent = await inTransaction(async (): Promise<Result<Sent>> => {
    const visit = await holdVisit(visitId)
    if (!visit) return refuse('visitId', 'There is no such visit.')
    const known = await readKnown(events.map(({ id }) => id))
    const log = await readLog(visitId)
    const fresh: VisitEvent[] = []
    const answers = events.map((event): Taken => {
      const { id } = event
      if (known.get(id) === visitId || fresh.some((each) => each.id === id)) return { id, taken: 'known' }
      const why = known.has(id) ? 'An event of another visit was sent here.' : whyNot(event, visit, [...log, ...fresh])
      if (why !== null) return { id, taken: 'refused', why }
      fresh.push(believed(event, visit, nowMs))
      return { id, taken: 'taken' }
    })
    await addEvents(visitId, fresh, nowMs)
    if (visit.closedMs !== null && fresh.length > 0) await keepAsCut(visit, [...log, ...fresh], nowMs, 'Amended')
    return { ok: true, value: { answers, nowMs, ...(await readLogSince(visitId, since)) } }
  })
  if (sent.ok && sent.value.answers.some(({ taken }) => taken === 'taken')) tellWatchers(visitId)
  return sent
}

/** Further outside a visit's life than this a stamp is not believed. */
const DOUBT_MS = DAY_MS

/** An event with a stamp that can be true; a stamp from outside the visit's life becomes the server's time, and is marked. */
function believed(event: VisitEvent, { startedMs, closedMs }: StoredVisit, nowMs: number): VisitEvent {
  const until = Math.max(nowMs, closedMs ?? startedMs) + DOUBT_MS
  if (event.atMs >= startedMs - DOUBT_MS && event.atMs <= until) return event
  return { ...event, atMs: Math.max(nowMs, startedMs), stampedMs: event.atMs }
}

/** Why an event cannot be taken in as the log stands; null when it can. */
function whyNot(event: VisitEvent, { closedMs }: StoredVisit, log: readonly VisitEvent[]): string | null {
  if (closedMs === null) {
    if (event.kind === 'amended') return 'This visit is still open: correct the zone on the bench.'
    const twice = event.kind === 'finished' && foldVisit(log).finishedMs !== null
    return twice ? 'This visit is finished already; it was finished on another screen.' : null
  }
  if (event.kind === 'amended' || undoesAmendment(event, log)) return null
  return 'This visit was wrapped up on another screen. Only what was cut can be put right now, as an amendment.'
}

/** Whether an event takes back an amendment, or takes such a taking back: what was before the close stays as it was. */
function undoesAmendment(event: VisitEvent, log: readonly VisitEvent[]): boolean {
  if (event.kind !== 'undone') return false
  const undone = log.find(({ id }) => id === event.undoes)
  if (undone === undefined) return false
  // Each is looked at once: two that name each other lead nowhere.
  return (
    undone.kind === 'amended' ||
    undoesAmendment(
      undone,
      log.filter(({ id }) => id !== undone.id),
    )
  )
}
