import { Op, QueryTypes, col, fn, literal } from 'sequelize'
import { z } from 'zod'
import { VISIT_FORMAT, readStoredCase, readStoredPlan } from '@/core/formats'
import { LengthMm } from '@/core/lengths'
import { PatternId } from '@/core/patterns'
import { Plan, type Case } from '@/core/plan'
import { Verdicts } from '@/core/repeat'
import { Side, ZoneId } from '@/core/zones'
import { AtHand } from './atHand'
import { HELD, database } from './connection'
import { jsonOf } from './jsonOf'
import type { Row } from './models'
import type { VisitFields } from './models/rows'

/** What a groom left for the next one: wishes that still wait for coat, by the plan as it stood at the end. */
export const LeftBehind = z.strictObject({
  growing: z.array(z.strictObject({ zone: ZoneId, side: Side.optional(), wantedMm: LengthMm })),
})
export type LeftBehind = z.infer<typeof LeftBehind>

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
  /** Null until the close, and for visits closed before this was kept. */
  leftBehind: LeftBehind | null
}

/** What of a visit is short. */
function lifeIn({ id, bookingId, dogId, cutCardId, startedAt, closedAt, liked, verdicts }: Row<VisitFields>) {
  return {
    id,
    bookingId,
    dogId,
    cutCardId,
    startedMs: startedAt.getTime(),
    closedMs: closedAt?.getTime() ?? null,
    liked,
    verdicts: jsonOf(Verdicts, verdicts),
  }
}

/** Cases and plans as they were read, by what is stored: a bench reads the same ones again with every look. Each about 100 kB. */
const cases = new AtHand<Case>(120)
const plans = new AtHand<Plan>(120)
const readOnce = <T>(hand: AtHand<T>, json: string, format: number, read: (json: string, format: number) => T): T => {
  const key = `${format} ${json}`
  return hand.get(key) ?? hand.keep(key, read(json, format))
}

/** @throws when a stored row does not fit a visit */
function toVisit(row: Row<VisitFields>): StoredVisit {
  const { plannedCardId, format, leftBehind } = row
  return {
    ...lifeIn(row),
    plannedCardId,
    plannedCase: readOnce(cases, row.plannedCase, format, readStoredCase),
    plan: readOnce(plans, row.plan, format, readStoredPlan),
    leftBehind: leftBehind === null ? null : jsonOf(LeftBehind, leftBehind),
  }
}

export async function readVisit(visitId: number): Promise<StoredVisit | null> {
  const row = await database().models.visit.findByPk(visitId)
  return row && toVisit(row)
}

/** A visit whose row is held until the transaction ends. */
export async function holdVisit(visitId: number): Promise<StoredVisit | null> {
  const row = await database().models.visit.findByPk(visitId, HELD)
  return row && toVisit(row)
}

/** When a visit was begun and wrapped up; without its case and plan, which are long. */
export type VisitLife = Pick<StoredVisit, 'id' | 'startedMs' | 'closedMs'>

/** @param held its row is held until the transaction ends */
export async function readVisitLife(visitId: number, held = false): Promise<VisitLife | null> {
  const attributes = ['id', 'startedAt', 'closedAt']
  const row = await database().models.visit.findByPk(visitId, { attributes, ...(held ? HELD : {}) })
  return row && { id: row.id, startedMs: row.startedAt.getTime(), closedMs: row.closedAt?.getTime() ?? null }
}

export async function readVisitsOfBookings(bookingIds: readonly number[]): Promise<StoredVisit[]> {
  const rows = await database().models.visit.findAll({ where: { bookingId: [...bookingIds] } })
  return rows.map(toVisit)
}

/** Those of them that are not wrapped up. */
export async function readOpenVisitsOf(bookingIds: readonly number[]): Promise<StoredVisit[]> {
  const rows = await database().models.visit.findAll({ where: { bookingId: [...bookingIds], closedAt: null } })
  return rows.map(toVisit)
}

const NEWEST_FIRST: [string, string][] = [
  ['startedAt', 'DESC'],
  ['id', 'DESC'],
]

/** A dog's latest visits, newest first. */
export async function readVisitsOfDog(dogId: number, most: number): Promise<StoredVisit[]> {
  const rows = await database().models.visit.findAll({ where: { dogId }, order: NEWEST_FIRST, limit: most })
  return rows.map(toVisit)
}

/** A visit as the next one needs it: what was asked for and what came of it, without its case and plan, which are long. */
export interface PastVisit extends Omit<StoredVisit, 'plannedCase' | 'plan' | 'plannedCardId'> {
  leftBehind: LeftBehind
  pattern: PatternId | null
  /** The wish in the owner's words. */
  words: string
}

const PAST_COLUMNS: (string | [ReturnType<typeof literal>, string])[] = [
  ...['id', 'bookingId', 'dogId', 'cutCardId', 'startedAt', 'closedAt', 'liked', 'verdicts', 'leftBehind'],
  [literal(`JSON_VALUE(planned_case, '$.request.pattern')`), 'pattern'],
  [literal(`JSON_VALUE(planned_case, '$.request.words')`), 'words'],
  [literal(`IF(left_behind IS NULL, JSON_EXTRACT(plan, '$.growing'), NULL)`), 'growing'],
]

interface PastRow extends Row<VisitFields> {
  pattern: string | null
  words: string | null
  growing: string | null
}

/** What waits for coat; where that was not kept at the close, by the plan as it was made. */
function leftBehindIn({ leftBehind, growing }: PastRow): LeftBehind {
  if (leftBehind !== null) return jsonOf(LeftBehind, leftBehind)
  const waits = jsonOf(Plan.shape.growing, growing ?? '[]').filter(({ readyOn }) => readyOn !== null)
  return { growing: waits.map(({ zone, wantedMm }) => ({ zone, wantedMm })) }
}

/** @throws when a stored row does not fit a visit */
function toPast(row: Row<VisitFields>): PastVisit {
  const past = row as PastRow
  return {
    ...lifeIn(row),
    leftBehind: leftBehindIn(past),
    pattern: PatternId.nullable().parse(past.pattern),
    words: past.words ?? '',
  }
}

/** A dog's latest visits that were wrapped up, newest first. @param beforeMs only those wrapped up before this moment */
export async function readPastVisits(dogId: number, most: number, beforeMs?: number): Promise<PastVisit[]> {
  const closedAt = beforeMs === undefined ? { [Op.ne]: null } : { [Op.lt]: new Date(beforeMs) }
  const where = { dogId, closedAt }
  const rows = await database().models.visit.findAll({
    attributes: PAST_COLUMNS,
    where,
    order: NEWEST_FIRST,
    limit: most,
  })
  return rows.map(toPast)
}

/** Of each of these dogs the latest visit that was wrapped up before a moment. */
export async function readLastVisits(
  closedBeforeMs: number,
  dogIds: readonly number[],
): Promise<Map<number, PastVisit>> {
  if (dogIds.length === 0) return new Map()
  const { sequelize, models } = database()
  const newest = newestOf(`closed_at < ${sequelize.escape(new Date(closedBeforeMs))}`, dogIds)
  const rows = await models.visit.findAll({ attributes: PAST_COLUMNS, where: { id: { [Op.in]: newest } } })
  return new Map(rows.map((row) => [row.dogId, toPast(row)]))
}

/** The newest by start, and by id where two began together: the same one that a dog's own visits begin with. */
const newestOf = (where: string, dogIds: readonly number[]) =>
  literal(`(SELECT id FROM (SELECT id, ROW_NUMBER() OVER
    (PARTITION BY dog_id ORDER BY started_at DESC, id DESC) AS place
    FROM visits WHERE ${where} AND dog_id IN (${dogIds.map(Number).join()})) AS ranked WHERE place = 1)`)

export interface LastCut {
  dogId: number
  startedMs: number
  cutCardId: number
}

/** Of each of these dogs the latest visit that was closed before a moment and left a card. */
export async function readLastCuts(closedBeforeMs: number, dogIds: readonly number[]): Promise<LastCut[]> {
  if (dogIds.length === 0) return []
  const { sequelize, models } = database()
  const before = sequelize.escape(new Date(closedBeforeMs))
  const newest = newestOf(`cut_card_id IS NOT NULL AND closed_at < ${before}`, dogIds)
  const rows = await models.visit.findAll({
    attributes: ['dogId', 'startedAt', 'cutCardId'],
    where: { id: { [Op.in]: newest } },
  })
  return rows.flatMap(({ dogId, startedAt, cutCardId }) =>
    cutCardId === null ? [] : [{ dogId, startedMs: startedAt.getTime(), cutCardId }],
  )
}

/** Ids of closed visits whose facts were never written, oldest first. */
export async function readVisitsWithoutFacts(): Promise<number[]> {
  const rows = await database().models.visit.findAll({
    attributes: ['id'],
    where: {
      closedAt: { [Op.ne]: null },
      id: { [Op.notIn]: literal('(SELECT visit_id FROM groom_facts)') },
    },
    order: [['id', 'ASC']],
  })
  return rows.map(({ id }) => id)
}

/** The latest closed visit of each dog beside which nothing is written yet. */
export async function readVisitsWithoutDue(): Promise<number[]> {
  const rows = await database().models.visit.findAll({
    attributes: ['id'],
    where: {
      closedAt: { [Op.ne]: null },
      dogId: { [Op.in]: literal('(SELECT id FROM dogs WHERE groomed_on IS NULL)') },
      id: {
        [Op.in]: literal(`(SELECT id FROM (SELECT id, ROW_NUMBER() OVER
        (PARTITION BY dog_id ORDER BY started_at DESC, id DESC) AS place
        FROM visits WHERE closed_at IS NOT NULL) AS ranked WHERE place = 1)`),
      },
    },
  })
  return rows.map(({ id }) => id)
}

/** How often each of some dogs was here. */
export async function countVisitsOf(dogIds: readonly number[]): Promise<Map<number, number>> {
  const rows = await database().models.visit.findAll({
    attributes: ['dogId', [fn('COUNT', col('id')), 'n']],
    where: { dogId: [...dogIds], closedAt: { [Op.ne]: null } },
    group: ['dogId'],
  })
  return new Map((rows as unknown as { dogId: number; n: number }[]).map(({ dogId, n }) => [dogId, Number(n)]))
}

export interface NewVisit {
  bookingId: number
  dogId: number
  plannedCardId: number
  plannedCase: Case
  plan: Plan
  startedMs: number
}

/** @returns the id of the new visit */
export async function addVisit({ plannedCase, plan, startedMs, ...ids }: NewVisit): Promise<number> {
  const row = await database().models.visit.create({
    ...ids,
    plannedCase: JSON.stringify(plannedCase),
    plan: JSON.stringify(plan),
    format: VISIT_FORMAT,
    startedAt: new Date(startedMs),
  })
  return row.id
}

/** What of a visit changes after it was begun. */
export type VisitChange = Partial<Pick<StoredVisit, 'cutCardId' | 'closedMs' | 'liked' | 'verdicts' | 'leftBehind'>>

export async function changeVisit(visitId: number, change: VisitChange): Promise<void> {
  const { closedMs, verdicts, leftBehind, ...rest } = change
  await database().models.visit.update(
    {
      ...rest,
      ...(closedMs === undefined ? {} : { closedAt: closedMs === null ? null : new Date(closedMs) }),
      ...(verdicts === undefined ? {} : { verdicts: JSON.stringify(verdicts) }),
      ...(leftBehind === undefined ? {} : { leftBehind: JSON.stringify(leftBehind) }),
    },
    { where: { id: visitId } },
  )
}

/** Which of some bookings the bench has begun, and whether it has finished them. */
export async function readVisitMarks(
  bookingIds: readonly number[],
): Promise<Map<number, { visitId: number; finished: boolean }>> {
  if (bookingIds.length === 0) return new Map()
  const rows = await database().sequelize.query<{ bookingId: number; visitId: number; finished: number }>(
    `SELECT booking_id AS bookingId, id AS visitId, closed_at IS NOT NULL OR EXISTS (
       SELECT 1 FROM visit_events WHERE visit_id = visits.id AND kind = 'finished') AS finished
     FROM visits WHERE booking_id IN (:ids)`,
    { type: QueryTypes.SELECT, replacements: { ids: [...bookingIds] } },
  )
  return new Map(rows.map(({ bookingId, visitId, finished }) => [bookingId, { visitId, finished: Boolean(finished) }]))
}
