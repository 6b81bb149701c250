import { foldFurther, keptFoldOf, stateOf, type KeptFold, type Visit, type VisitEvent } from '@/core/visit'
import { refuse, type Result } from '@/core/result'
import { changeBooking, holdBooking } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { addEvents, readKnown, readLog, readLogFrom, readLogSince, type LogSince } from '@/data/events'
import { keepFold } from '@/data/folds'
import { readVisit, readVisitLife } from '@/data/visits'
import { noteMove } from '../booking/moveBooking'
import { inLine } from './inLine'
import { judge, type Taken } from './judge'
import { keepAsCut } from './keepAsCut'
import { wholeFold } from './visitStates'
import { tellWatchers } from './watchVisit'

export type { Taken } from './judge'

export interface Sent extends LogSince {
  /** One answer for each event that was sent. */
  answers: Taken[]
  /** The server's time, by which a device puts its own clock right. */
  nowMs: number
  /** Wrapped up: only what was cut can still be put right. */
  closed: boolean
}

/** What one screen sends at once. */
interface Sending {
  events: readonly VisitEvent[]
  nowMs: number
  /** The number of the last event that this screen has. */
  since: number
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
  if (events.length > 0) return sentIn(visitId, { events, nowMs, since })
  // A screen that only asks what is new holds nobody up.
  const visit = await readVisitLife(visitId)
  if (!visit) return NO_VISIT
  const gained = await readLogSince(visitId, since)
  return { ok: true, value: { answers: [], nowMs, closed: visit.closedMs !== null, ...gained } }
}

const NO_VISIT = refuse('visitId', 'There is no such visit.')

/** Sendings for one visit; those that come at the same moment are kept in one go. */
const sentIn = inLine<Sending, Sent>(async (visitId, sendings) => {
  const sent = await inTransaction(() => takeIn(visitId, sendings))
  const isTaken = ({ taken }: Taken) => taken === 'taken'
  if (sent.some((each) => each.ok && each.value.answers.some(isTaken))) tellWatchers(visitId)
  return sent
})

/** One sending after another, each judged as if it had come alone. */
async function takeIn(visitId: number, sendings: readonly Sending[]): Promise<Result<Sent>[]> {
  const visit = await readVisitLife(visitId, true)
  if (!visit) return sendings.map(() => NO_VISIT)
  const closed = visit.closedMs !== null
  const known = await readKnown(sendings.flatMap(({ events }) => events.map(({ id }) => id)))
  const fold = await foldOf(visitId)
  // Only after the close it matters what an undo takes back.
  const log = closed ? await readLog(visitId) : []
  const judged: { answers: Taken[]; fresh: VisitEvent[]; logged: number }[] = []
  for (const { events, nowMs } of sendings) {
    const isFinished = events.some(({ kind }) => kind === 'finished') && stateOf(await fold.now()).finishedMs !== null
    const { answers, fresh } = judge(events, { visit, isFinished, known, log }, nowMs)
    judged.push({ answers, fresh, logged: log.push(...(closed ? fresh : [])) })
    fold.add(fresh)
    for (const { id } of fresh) known.set(id, visitId)
  }
  const all = judged.flatMap(({ fresh }) => fresh)
  const kept = await fold.now()
  const nowMs = Math.max(...sendings.map((each) => each.nowMs))
  if (all.length > 0) await addEvents(visitId, all, nowMs)
  const gained = await readLogFrom(visitId, Math.min(...sendings.map(({ since }) => since)))
  if (all.length > 0) {
    await keepFold(visitId, { no: gained(0).no, kept })
    await bringSlot(visitId, all, stateOf(kept), nowMs)
  }
  if (closed) for (const { fresh, logged } of judged) await amendCard(visitId, log.slice(0, logged), fresh, nowMs)
  return sendings.map(({ since, nowMs }, at) => ({
    ok: true,
    value: { answers: judged[at]?.answers ?? [], nowMs, closed, ...gained(since) },
  }))
}

/** The fold of a visit to which events are added; it is folded only when somebody asks how the visit stands. */
async function foldOf(visitId: number) {
  let fold = await wholeFold(visitId)
  const added: VisitEvent[] = []
  let folded = 0
  const add = (fresh: readonly VisitEvent[]) => void added.push(...fresh)
  const now = async (): Promise<KeptFold> => {
    // What cannot simply go on is folded from the whole log.
    if (folded < added.length)
      fold = foldFurther(fold, added.slice(folded)) ?? keptFoldOf([...(await readLog(visitId)), ...added])
    folded = added.length
    return fold
  }
  return { add, now }
}

/** A slot that was brought to its dog on the bench is brought there in the book, and goes back when that is undone. */
async function bringSlot(
  visitId: number,
  fresh: readonly VisitEvent[],
  { slotStartMs }: Visit,
  nowMs: number,
): Promise<void> {
  const moved = fresh.findLast(({ kind }) => kind === 'slot-set' || kind === 'undone')
  if (!moved) return
  const set = (await readLog(visitId)).filter((event) => event.kind === 'slot-set')
  const [first] = set
  const stored = first && (await readVisit(visitId))
  const booking = stored && (await holdBooking(stored.bookingId))
  const startMs = slotStartMs ?? first?.bookedMs
  if (!booking || startMs === undefined || booking.startMs === startMs) return
  const { staffId, slotMin } = booking
  await changeBooking(booking.id, { moved: { startMs, atMs: nowMs } })
  await noteMove(booking, { startMs, staffId, slotMin }, moved.by, nowMs)
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
