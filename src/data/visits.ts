import { Op, literal, type Transaction } from 'sequelize'
import { Case, Plan, coatToday } from '@/core/plan'
import { refuse, type Result } from '@/core/result'
import { Verdicts, type Verdict } from '@/core/repeat'
import type { ZoneId } from '@/core/zones'
import { VisitEvent, bladeMinutes, cutCard, foldVisit, outcomes, standing, type Visit } from '@/core/visit'
import { addCard } from './cards'
import { database } from './connection'
import { learnFrom } from './pace'
import type { Row } from './models'
import type { BookingFields, EventFields, VisitFields } from './models/rows'

export interface StoredVisit {
  id: number
  bookingId: number
  dogId: number
  plannedCardId: number
  cutCardId: number | null
  plannedCase: Case
  plan: Plan
  startedMs: number
  closedMs: number | null
  liked: boolean | null
  verdicts: Verdicts
}

/** @throws when a stored row does not fit a visit */
function toVisit(row: Row<VisitFields>): StoredVisit {
  const { id, bookingId, dogId, plannedCardId, cutCardId, liked } = row
  return {
    id,
    bookingId,
    dogId,
    plannedCardId,
    cutCardId,
    plannedCase: Case.parse(JSON.parse(row.plannedCase)),
    plan: Plan.parse(JSON.parse(row.plan)),
    startedMs: row.startedAt.getTime(),
    closedMs: row.closedAt?.getTime() ?? null,
    liked: liked === null ? null : Boolean(liked),
    verdicts: Verdicts.parse(JSON.parse(row.verdicts)),
  }
}

export async function readVisit(visitId: number): Promise<StoredVisit | null> {
  const row = await database().models.visit.findByPk(visitId)
  return row && toVisit(row)
}

export async function readVisitsOfBookings(bookingIds: readonly number[]): Promise<StoredVisit[]> {
  const rows = await database().models.visit.findAll({ where: { bookingId: [...bookingIds] } })
  return rows.map(toVisit)
}

/** A dog's latest visits, newest first. @param closedBeforeMs only those wrapped up before this moment */
export async function readVisitsOfDog(dogId: number, most: number, closedBeforeMs?: number): Promise<StoredVisit[]> {
  const closed = closedBeforeMs === undefined ? {} : { closedAt: { [Op.lt]: new Date(closedBeforeMs) } }
  const rows = await database().models.visit.findAll({
    where: { dogId, ...closed },
    order: [['startedAt', 'DESC']],
    limit: most,
  })
  return rows.map(toVisit)
}

/** Of every dog the latest visit that left a card: when it was, and which card. */
export async function readLastCuts(): Promise<Map<number, { startedMs: number; cutCardId: number }>> {
  const newest = literal('(SELECT MAX(id) FROM visits WHERE cut_card_id IS NOT NULL GROUP BY dog_id)')
  const rows = await database().models.visit.findAll({
    attributes: ['dogId', 'startedAt', 'cutCardId'],
    where: { id: { [Op.in]: newest } },
  })
  return new Map(
    rows.map(({ dogId, startedAt, cutCardId }) => [
      dogId,
      { startedMs: startedAt.getTime(), cutCardId: cutCardId ?? 0 },
    ]),
  )
}

/** The latest visits that were wrapped up, oldest first. @param sinceMs started no earlier than this */
export async function readClosedVisits(sinceMs: number, most: number): Promise<StoredVisit[]> {
  const rows = await database().models.visit.findAll({
    where: { startedAt: { [Op.gte]: new Date(sinceMs) }, closedAt: { [Op.ne]: null } },
    order: [['startedAt', 'DESC']],
    limit: most,
  })
  return rows.reverse().map(toVisit)
}

export const countVisits = (dogId: number): Promise<number> =>
  database().models.visit.count({ where: { dogId, closedAt: { [Op.ne]: null } } })

/** Opens the visit of a booking with the plan as it stands; a second start gives the visit that is already there. */
export async function startVisit(
  bookingId: number,
  dogId: number,
  planned: Case,
  plan: Plan,
  by: string,
  nowMs: number,
): Promise<number> {
  const { sequelize, models } = database()
  return sequelize.transaction(async (transaction) => {
    await models.booking.findByPk(bookingId, { lock: transaction.LOCK.UPDATE, transaction })
    const there = await models.visit.findOne({ where: { bookingId }, transaction })
    if (there) return there.id
    const why = planned.request.sameAsLast ? 'Same as last time, planned' : 'Planned'
    const card = await addCard(
      { dogId, kind: 'planned', madeMs: nowMs, madeBy: by, why, zones: plan.card },
      transaction,
    )
    const row = await models.visit.create(
      {
        bookingId,
        dogId,
        plannedCardId: card.id,
        plannedCase: JSON.stringify(planned),
        plan: JSON.stringify(plan),
        startedAt: new Date(nowMs),
      },
      { transaction },
    )
    return row.id
  })
}

/** One visit's log, oldest first; empty, never null. @throws when a stored row does not fit an event */
export async function readLog(visitId: number, transaction?: Transaction): Promise<VisitEvent[]> {
  return (await readLogs([visitId], transaction)).get(visitId) ?? []
}

/** The logs of several visits in one query. */
export async function readLogs(
  visitIds: readonly number[],
  transaction?: Transaction,
): Promise<Map<number, VisitEvent[]>> {
  const rows = await database().models.event.findAll({
    where: { visitId: [...visitIds] },
    order: [
      ['visitId', 'ASC'],
      ['atMs', 'ASC'],
      ['id', 'ASC'],
    ],
    transaction: transaction ?? null,
  })
  const logs = new Map<number, VisitEvent[]>(visitIds.map((id) => [id, []]))
  for (const row of rows) logs.get(row.visitId)?.push(toEvent(row))
  return logs
}

const toEvent = (row: Row<EventFields>): VisitEvent => VisitEvent.parse(JSON.parse(row.payload))

/**
 * Adds events to a visit's log and gives the whole log as it then stands. Sent twice, it answers the same.
 * Refused whole: an event of another visit, and a second finish.
 */
export async function appendEvents(
  visitId: number,
  events: readonly VisitEvent[],
  nowMs: number,
): Promise<Result<VisitEvent[]>> {
  const { sequelize, models } = database()
  return sequelize.transaction(async (transaction): Promise<Result<VisitEvent[]>> => {
    const visit = await models.visit.findByPk(visitId, { lock: transaction.LOCK.UPDATE, transaction })
    if (!visit) return refuse('visitId', 'There is no such visit.')
    const known = await models.event.findAll({ where: { id: events.map(({ id }) => id) }, transaction })
    if (known.some((row) => row.visitId !== visitId))
      return refuse('events', 'An event of another visit was sent here.')
    const log = await readLog(visitId, transaction)
    const fresh = events.filter(({ id }) => !known.some((row) => row.id === id))
    if (fresh.some(({ kind }) => kind === 'finished') && foldVisit(log).finishedMs !== null)
      return refuse('events', 'This visit is finished already; it was finished on another screen.')
    const once = [...new Map(fresh.map((event) => [event.id, event])).values()]
    await models.event.bulkCreate(
      once.map((event) => toRow(visitId, event, nowMs)),
      { transaction },
    )
    return { ok: true, value: [...log, ...once].sort((a, b) => a.atMs - b.atMs || (a.id < b.id ? -1 : 1)) }
  })
}

const toRow = (visitId: number, event: VisitEvent, nowMs: number): EventFields => ({
  id: event.id,
  visitId,
  atMs: event.atMs,
  kind: event.kind,
  payload: JSON.stringify(event),
  receivedAt: new Date(nowMs),
})

/** What today says about the dog is what the next plan starts from: how it took each thing, and its weight. */
async function rememberDog(dogId: number, { behaviour, weightKg }: Visit, transaction: Transaction): Promise<void> {
  const dog = await database().models.dog.findByPk(dogId, { transaction })
  if (!dog) return
  const grades = Object.fromEntries(Object.entries(behaviour).map(([trigger, { grade }]) => [trigger, grade]))
  const known = JSON.parse(dog.behaviour) as Record<string, number>
  await dog.update(
    { behaviour: JSON.stringify({ ...known, ...grades }), ...(weightKg === null ? {} : { weightKg }) },
    { transaction },
  )
}

/** Coat measured on the bench joins what the booking knows, from which growth is learned; `tail` there means all of it. */
async function keepMeasured(
  booking: Row<BookingFields> | null,
  { measuredMm }: Visit,
  transaction: Transaction,
): Promise<void> {
  const { tail: _, ...zones } = measuredMm
  if (!booking || Object.keys(zones).length === 0) return
  const known = JSON.parse(booking.coatNow) as Record<string, number>
  await booking.update({ coatNow: JSON.stringify({ ...known, ...zones }) }, { transaction })
}

/** Keeps the owner's word on a zone of a visit; null takes it back. */
export async function keepVerdict(visitId: number, zone: ZoneId, verdict: Verdict | null): Promise<Result<null>> {
  const { sequelize, models } = database()
  return sequelize.transaction(async (transaction): Promise<Result<null>> => {
    const row = await models.visit.findByPk(visitId, { lock: transaction.LOCK.UPDATE, transaction })
    if (!row) return refuse('visitId', 'There is no such visit.')
    const { [zone]: _, ...others } = Verdicts.parse(JSON.parse(row.verdicts))
    await row.update(
      { verdicts: JSON.stringify(verdict === null ? others : { ...others, [zone]: verdict }) },
      { transaction },
    )
    return { ok: true, value: null }
  })
}

/** Wraps a visit up: the card as cut becomes the dog's next version. Closing twice changes nothing more. */
export async function closeVisit(visitId: number, liked: boolean | null, nowMs: number): Promise<Result<StoredVisit>> {
  const { sequelize, models } = database()
  return sequelize.transaction(async (transaction): Promise<Result<StoredVisit>> => {
    const row = await models.visit.findByPk(visitId, { lock: transaction.LOCK.UPDATE, transaction })
    if (!row) return refuse('visitId', 'There is no such visit.')
    if (row.closedAt !== null) return refuse('visitId', 'This visit is closed already; its card is kept.')
    const log = await readLog(visitId, transaction)
    const folded = foldVisit(log)
    if (folded.finishedMs === null) return refuse('visitId', 'Finish the groom on the bench first.')
    const begun = toVisit(row)
    const { plan, case: known } = standing(begun.plannedCase, begun.plan, folded)
    const cut = cutCard(outcomes(plan.card, plan.stages, folded, coatToday(known)))
    const card = await addCard(
      {
        dogId: row.dogId,
        kind: 'cut',
        madeMs: nowMs,
        madeBy: log.at(-1)?.by ?? 'bench',
        why: 'As cut',
        zones: cut,
      },
      transaction,
    )
    const worked = [...bladeMinutes(plan.stages, cut, folded)].map(([blade, minutes]) => ({
      visitId,
      blade,
      minutes,
      workedAt: new Date(nowMs),
    }))
    await models.bladeUse.bulkCreate(worked, { transaction })
    await rememberDog(row.dogId, folded, transaction)
    const booking = await models.booking.findByPk(row.bookingId, { transaction })
    await keepMeasured(booking, folded, transaction)
    await learnFrom(
      { planned: begun.plannedCase, visit: folded, dogId: row.dogId, staffId: booking?.staffId ?? 0, nowMs },
      transaction,
    )
    await row.update({ cutCardId: card.id, closedAt: new Date(nowMs), liked }, { transaction })
    return { ok: true, value: toVisit(row) }
  })
}
