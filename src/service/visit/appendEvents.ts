import { foldFurther, keptFoldOf, type KeptFold, type Visit, type VisitEvent } from '@/core/visit'
import { refuse, type Result } from '@/core/result'
import { changeBooking, holdBooking } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { addEvents, readKnown, readLog, readLogSince, type LogSince } from '@/data/events'
import { keepFold } from '@/data/folds'
import { readVisit, readVisitLife, type VisitLife } from '@/data/visits'
import { noteMove } from '../booking/moveBooking'
import { believed } from './believed'
import { keepAsCut } from './keepAsCut'
import { wholeFold } from './visitStates'
import { tellWatchers } from './watchVisit'

/** What became of one event that was sent. */
export type Taken = { id: string; taken: 'taken' | 'known' } | { id: string; taken: 'refused'; why: string }

export interface Sent extends LogSince {
  /** One answer for each event that was sent. */
  answers: Taken[]
  /** The server's time, by which a device puts its own clock right. */
  nowMs: number
  /** Wrapped up: only what was cut can still be put right. */
  closed: boolean
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
  // A screen that only asks what is new holds nobody up.
  if (events.length === 0) {
    const visit = await readVisitLife(visitId)
    if (!visit) return refuse('visitId', 'There is no such visit.')
    const closed = visit.closedMs !== null
    return { ok: true, value: { answers: [], nowMs, closed, ...(await readLogSince(visitId, since)) } }
  }
  const sent = await inTransaction(() => takeIn(visitId, events, nowMs, since))
  if (sent.ok && sent.value.answers.some(({ taken }) => taken === 'taken')) tellWatchers(visitId)
  return sent
}

async function takeIn(
  visitId: number,
  events: readonly VisitEvent[],
  nowMs: number,
  since: number,
): Promise<Result<Sent>> {
  const visit = await readVisitLife(visitId, true)
  if (!visit) return refuse('visitId', 'There is no such visit.')
  const known = await readKnown(events.map(({ id }) => id))
  const fold = await wholeFold(visitId)
  // Only after the close it matters what an undo takes back.
  const log = visit.closedMs === null ? [] : await readLog(visitId)
  const fresh: VisitEvent[] = []
  const answers = events.map((event): Taken => {
    const { id } = event
    if (known.get(id) === visitId || fresh.some((each) => each.id === id)) return { id, taken: 'known' }
    const why = known.has(id)
      ? 'An event of another visit was sent here.'
      : whyNot(event, visit, fold, [...log, ...fresh])
    if (why !== null) return { id, taken: 'refused', why }
    fresh.push(believed(event, visit, nowMs, fresh.length))
    return { id, taken: 'taken' }
  })
  if (fresh.length > 0) await addEvents(visitId, fresh, nowMs)
  const gained = await readLogSince(visitId, since)
  const closed = visit.closedMs !== null
  if (fresh.length > 0) {
    const now = await foldOnward(visitId, fold, fresh, gained.no)
    await bringSlot(visitId, fresh, now.visit, nowMs)
    if (closed) await amendCard(visitId, [...log, ...fresh], fresh, nowMs)
  }
  return { ok: true, value: { answers, nowMs, closed, ...gained } }
}

/** Keeps the fold beside the log; one that cannot simply go on is made from the whole log. */
async function foldOnward(
  visitId: number,
  fold: KeptFold,
  fresh: readonly VisitEvent[],
  no: number,
): Promise<KeptFold> {
  const kept = foldFurther(fold, fresh) ?? keptFoldOf(await readLog(visitId))
  await keepFold(visitId, { no, kept })
  return kept
}

/** A slot that was brought to its dog on the bench is brought there in the book, and goes back when that is undone. */
async function bringSlot(
  visitId: number,
  fresh: readonly VisitEvent[],
  { slotStartMs }: Visit,
  nowMs: number,
): Promise<void> {
  if (!fresh.some(({ kind }) => kind === 'slot-set' || kind === 'undone')) return
  const set = (await readLog(visitId)).filter((event) => event.kind === 'slot-set')
  const [first] = set
  const stored = first && (await readVisit(visitId))
  const booking = stored && (await holdBooking(stored.bookingId))
  const startMs = slotStartMs ?? first?.bookedMs
  if (!booking || startMs === undefined || booking.startMs === startMs) return
  const { staffId, slotMin } = booking
  await changeBooking(booking.id, { moved: { startMs, atMs: nowMs } })
  await noteMove(booking, { startMs, staffId, slotMin }, fresh.at(-1)?.by, nowMs)
}

/** A late note changes nothing that was cut; anything else after the close makes a new version of the card. */
async function amendCard(
  visitId: number,
  log: readonly VisitEvent[],
  fresh: readonly VisitEvent[],
  nowMs: number,
): Promise<void> {
  const stored = fresh.some(({ kind }) => kind !== 'late-note') ? await readVisit(visitId) : null
  if (stored) await keepAsCut(stored, log, nowMs, 'Amended')
}

/** Why an event cannot be taken in as the log stands; null when it can. */
function whyNot(event: VisitEvent, { closedMs }: VisitLife, fold: KeptFold, log: readonly VisitEvent[]): string | null {
  if (event.kind === 'late-note') return null
  if (closedMs === null) {
    if (event.kind === 'amended') return 'This visit is still open: correct the zone on the bench.'
    const twice = event.kind === 'finished' && fold.visit.finishedMs !== null
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
