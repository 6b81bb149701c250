import { Op } from 'sequelize'
import type { Day } from '@/core/units'
import { HELD, database } from './connection'
import type { Row } from './models'
import type { WaitingFields } from './models/rows'

/** A dog whose people would come earlier than it is booked, or at all. */
export interface WaitingLine {
  id: number
  dogId: number
  from: Day
  to: Day
  note: string
  madeMs: number
  madeBy: string
}

const toLine = ({ id, dogId, fromDay, toDay, note, madeAt, madeBy }: Row<WaitingFields>): WaitingLine => ({
  id,
  dogId,
  from: fromDay,
  to: toDay,
  note,
  madeMs: madeAt.getTime(),
  madeBy,
})

/** Those who wait still, the longest first. */
export async function readWaiting(): Promise<WaitingLine[]> {
  const rows = await database().models.waiting.findAll({ where: { settledAt: null }, order: [['id', 'ASC']] })
  return rows.map(toLine)
}

/** @returns the id of the new line */
export async function addWaiting({ dogId, from, to, note, madeMs, madeBy }: Omit<WaitingLine, 'id'>): Promise<number> {
  const said = { dogId, fromDay: from, toDay: to, note, madeAt: new Date(madeMs), madeBy }
  return (await database().models.waiting.create(said)).id
}

/** Takes a line off the list, or puts it back on; the line stays. @returns whether there is such a line */
export async function settleWaiting(id: number, settled: { atMs: number; as: string } | null): Promise<boolean> {
  const { waiting } = database().models
  const row = await waiting.findByPk(id, HELD)
  const how = { settledAt: settled && new Date(settled.atMs), settledAs: settled?.as ?? null }
  if (row) await waiting.update(how, { where: { id } })
  return row !== null
}

/** Takes the open lines of a dog off the list that waited for a day like this one. */
export async function settleWaitingOfDog(
  dogId: number,
  day: Day,
  settled: { atMs: number; as: string },
): Promise<void> {
  const change = { settledAt: new Date(settled.atMs), settledAs: settled.as }
  await database().models.waiting.update(change, {
    where: { dogId, settledAt: null, fromDay: { [Op.lte]: day }, toDay: { [Op.gte]: day } },
  })
}
