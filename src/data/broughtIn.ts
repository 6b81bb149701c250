import { Op, QueryTypes, literal } from 'sequelize'
import { z } from 'zod'
import { BroughtRow, type KnownHome } from '@/core/bring-in'
import { database } from './connection'
import { jsonOf } from './jsonOf'
import type { Row } from './models'
import type { BroughtInFields } from './models/rows'

/** What a list made, by id. */
export const Made = z.strictObject({
  households: z.array(z.int()),
  owners: z.array(z.int()),
  dogs: z.array(z.int()),
  /** Of lists that were brought in before there were any. */
  bookings: z.array(z.int()).default([]),
})
export type Made = z.infer<typeof Made>

export interface BroughtList {
  id: string
  file: string
  madeMs: number
  madeBy: string
  made: Made
  takenBackMs: number | null
}

/** Keeps a piece of a list that is on its way; sent twice it is kept once. */
export async function keepPiece(listId: string, no: number, rows: readonly BroughtRow[], nowMs: number): Promise<void> {
  await database().models.broughtPiece.upsert({
    listId,
    no,
    madeAt: new Date(nowMs),
    pieceRows: JSON.stringify(rows),
  })
}

/** A list that came in pieces, as a whole. */
export async function readPieces(listId: string): Promise<BroughtRow[]> {
  const pieces = await database().models.broughtPiece.findAll({ where: { listId }, order: [['no', 'ASC']] })
  return pieces.flatMap(({ pieceRows }) => jsonOf(z.array(BroughtRow), pieceRows))
}

/** Lets go of the pieces of a list, and of all that nobody went on with since a moment. */
export async function dropPieces(listId: string, olderMs: number): Promise<void> {
  await database().models.broughtPiece.destroy({
    where: { [Op.or]: [{ listId }, { madeAt: { [Op.lt]: new Date(olderMs) } }] },
  })
}

/** By what every household of the house is known again. */
export async function readKnownHomes(): Promise<KnownHome[]> {
  const ask = <T extends object>(sql: string) => database().sequelize.query<T>(sql, { type: QueryTypes.SELECT })
  const [homes, owners, dogs] = await Promise.all([
    ask<{ id: number; place: string }>('SELECT id, place FROM households WHERE joined_into IS NULL'),
    ask<{ h: number; name: string; tail: string | null }>(
      'SELECT household_id AS h, name, phone_tail AS tail FROM owners WHERE NOT gone',
    ),
    ask<{ h: number; name: string }>('SELECT household_id AS h, name FROM dogs'),
  ])
  const known = new Map(homes.map(({ id, place }) => [id, { id, place, names: [], tails: [], dogs: [] } as Growing]))
  for (const { h, name, tail } of owners) {
    known.get(h)?.names.push(name)
    if (tail) known.get(h)?.tails.push(tail)
  }
  for (const { h, name } of dogs) known.get(h)?.dogs.push(name)
  return [...known.values()]
}
interface Growing extends KnownHome {
  names: string[]
  tails: string[]
  dogs: string[]
}

/** Rows a statement. */
const AT_ONCE = 500

export async function addBroughtIn(
  list: Omit<BroughtList, 'takenBackMs' | 'madeMs'> & { madeMs: number },
): Promise<void> {
  const { madeMs, made, ...rest } = list
  await database().models.broughtIn.create({ ...rest, madeAt: new Date(madeMs), made: JSON.stringify(made) })
}

/** A list by its id, held until the transaction ends; null when it never was brought in. */
export async function holdBroughtIn(id: string): Promise<BroughtList | null> {
  const row = await database().models.broughtIn.findByPk(id, { lock: true })
  return row && toList(row)
}

/** The lists that were brought in, the latest first. */
export async function readBroughtIn(): Promise<BroughtList[]> {
  const rows = await database().models.broughtIn.findAll({ order: [['madeAt', 'DESC']], limit: 50 })
  return rows.map(toList)
}

const toList = (row: Row<BroughtInFields>): BroughtList => ({
  id: row.id,
  file: row.file,
  madeMs: row.madeAt.getTime(),
  madeBy: row.madeBy,
  made: jsonOf(Made, row.made),
  takenBackMs: row.takenBackAt?.getTime() ?? null,
})

/**
 * Takes away what a list made, as far as nobody has worked with it since: dogs that were never changed, booked or groomed,
 * then people and households that nothing stands in any more.
 * @returns what stays
 */
export async function takeAwayMade(made: Made): Promise<{ dogs: number; households: number }> {
  const { models } = database()
  const used = literal(
    `(${['bookings', 'visits', 'trim_cards', 'waiting', 'repeats', 'said_words'].map((t) => `SELECT dog_id FROM ${t}`).join(' UNION ')})`,
  )
  let [dogs, households] = [0, 0]
  for (const ids of piecesOf(made.dogs))
    dogs += await models.dog.destroy({ where: { id: { [Op.in]: ids, [Op.notIn]: used }, rowVersion: 1 } })
  const lived = literal('(SELECT household_id FROM dogs UNION SELECT id FROM households WHERE row_version > 1)')
  for (const ids of piecesOf(made.owners))
    await models.owner.destroy({
      where: { id: ids, householdId: { [Op.or]: [{ [Op.notIn]: made.households }, { [Op.notIn]: lived }] } },
    })
  const peopled = literal('(SELECT household_id FROM owners)')
  for (const ids of piecesOf(made.households))
    households += await models.household.destroy({
      where: { id: { [Op.in]: ids, [Op.notIn]: lived }, [Op.and]: [{ id: { [Op.notIn]: peopled } }] },
    })
  return { dogs: made.dogs.length - dogs, households: made.households.length - households }
}

const piecesOf = (ids: readonly number[]): number[][] =>
  Array.from({ length: Math.ceil(ids.length / AT_ONCE) }, (_, at) => ids.slice(at * AT_ONCE, (at + 1) * AT_ONCE))

export async function markTakenBack(id: string, by: string, nowMs: number): Promise<void> {
  await database().models.broughtIn.update({ takenBackAt: new Date(nowMs), takenBackBy: by }, { where: { id } })
}
