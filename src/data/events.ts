import { Op, QueryTypes, col, fn, literal } from 'sequelize'
import type { Result } from '@/core/result'
import { EVENT_FORMAT, tryStoredEvent } from '@/core/formats'
import type { VisitEvent } from '@/core/visit'
import { database } from './connection'
import type { Row } from './models'
import type { EventFields } from './models/rows'

const readable = (rows: readonly Row<EventFields>[]): VisitEvent[] =>
  rows.flatMap((row) => {
    const read = tryStoredEvent(row.payload, row.format)
    return read.ok ? [read.value] : []
  })

/** One visit's log, oldest first; empty, never null. A row that cannot be read is left out; readLines names it. */
export async function readLog(visitId: number): Promise<VisitEvent[]> {
  return (await readLogs([visitId])).get(visitId) ?? []
}

/** The logs of several visits in one query. */
export async function readLogs(visitIds: readonly number[]): Promise<Map<number, VisitEvent[]>> {
  const logs = new Map<number, VisitEvent[]>(visitIds.map((id) => [id, []]))
  if (visitIds.length === 0) return logs
  const rows = await database().models.event.findAll({
    where: { visitId: [...visitIds] },
    order: [
      ['visitId', 'ASC'],
      ['atMs', 'ASC'],
      ['id', 'ASC'],
    ],
  })
  for (const row of rows) logs.get(row.visitId)?.push(...readable([row]))
  return logs
}

/**
 * Events of some kinds from all visits of a dog, visit by visit, the oldest first.
 * @param before only visits begun before this one; all when left out
 */
export async function readDogLogs(
  dogId: number,
  kinds: readonly VisitEvent['kind'][],
  before = Number.MAX_SAFE_INTEGER,
): Promise<VisitEvent[][]> {
  const ofDog = literal(`(SELECT id FROM visits WHERE dog_id = ${Number(dogId)})`)
  const rows = await database().models.event.findAll({
    where: { visitId: { [Op.in]: ofDog, [Op.lt]: before }, kind: [...kinds] },
    order: [
      ['visitId', 'ASC'],
      ['atMs', 'ASC'],
      ['id', 'ASC'],
    ],
  })
  const logs = new Map<number, VisitEvent[]>()
  for (const row of rows) logs.set(row.visitId, [...(logs.get(row.visitId) ?? []), ...readable([row])])
  return [...logs.values()]
}

/** Events of a visit in the order in which the server took them in, and the number of the last. */
export interface LogSince {
  events: VisitEvent[]
  no: number
  /** Stored lines among these that cannot be read. */
  unread: number
}

/** What a visit's log has gained since a number; from 0 all of it. */
export const readLogSince = async (visitId: number, since: number): Promise<LogSince> =>
  (await readLogFrom(visitId, since))(since)

/** A visit's log behind a number, to be told since that one or any later. */
export async function readLogFrom(visitId: number, first: number): Promise<(since: number) => LogSince> {
  const rows = await database().models.event.findAll({
    where: { visitId, no: { [Op.gt]: first } },
    order: [['no', 'ASC']],
  })
  const lines = rows.map((row) => ({ no: row.no, events: readable([row]) }))
  return (since) => {
    const gained = lines.filter(({ no }) => no > since)
    const events = gained.flatMap((line) => line.events)
    return { events, no: gained.at(-1)?.no ?? since, unread: gained.length - events.length }
  }
}

/** One line of a visit's log, as it lies in the books. */
export interface LogLine {
  no: number
  receivedMs: number
  /** The event; what is wrong with it where it cannot be read, and then the stored text. */
  read: Result<VisitEvent>
  stored: string
}

/** A visit's raw log in the order in which it came in, unreadable lines too. */
export async function readLines(visitId: number): Promise<LogLine[]> {
  const rows = await database().models.event.findAll({ where: { visitId }, order: [['no', 'ASC']] })
  return rows.map(({ no, receivedAt, payload, format }) => ({
    no,
    receivedMs: receivedAt.getTime(),
    read: tryStoredEvent(payload, format),
    stored: payload,
  }))
}

/** The server's number of the last event of each of these visits; 0 where there is none. */
export async function lastNumbers(visitIds: readonly number[]): Promise<Map<number, number>> {
  if (visitIds.length === 0) return new Map()
  const rows = await database().models.event.findAll({
    attributes: ['visitId', [fn('MAX', col('no')), 'no']],
    where: { visitId: [...visitIds] },
    group: ['visitId'],
  })
  return new Map(rows.map(({ visitId, no }) => [visitId, no]))
}

/** By visit what changes whenever its log grows or it is wrapped up, whoever did it. */
export async function readNewsMarks(visitIds: readonly number[]): Promise<Map<number, string>> {
  if (visitIds.length === 0) return new Map()
  const rows = await database().sequelize.query<{ id: number; mark: string }>(
    `SELECT visit.id, CONCAT_WS(' ', visit.closed_at, visit.cut_card_id,
       (SELECT MAX(no) FROM visit_events WHERE visit_id = visit.id)) AS mark
     FROM visits AS visit WHERE visit.id IN (:visitIds)`,
    { type: QueryTypes.SELECT, replacements: { visitIds: [...visitIds] } },
  )
  return new Map(rows.map(({ id, mark }) => [id, mark]))
}

/** Which of these ids are taken, and by which visit. */
export async function readKnown(ids: readonly string[]): Promise<Map<string, number>> {
  const rows = await database().models.event.findAll({ attributes: ['id', 'visitId'], where: { id: [...ids] } })
  return new Map(rows.map(({ id, visitId }) => [id, visitId]))
}

export async function addEvents(visitId: number, events: readonly VisitEvent[], nowMs: number): Promise<void> {
  await database().models.event.bulkCreate(
    events.map((event) => ({
      id: event.id,
      visitId,
      atMs: event.atMs,
      kind: event.kind,
      payload: JSON.stringify(event),
      receivedAt: new Date(nowMs),
      device: event.device ?? null,
      authorId: event.byId ?? null,
      format: EVENT_FORMAT,
    })),
  )
}
