import { Op } from 'sequelize'
import { database } from './connection'

/** The whole house, where a feed is not one person's. */
export const WHOLE_HOUSE = 0

export interface Feed {
  /** Whose days; 0 is the whole house. */
  staffId: number
  /** What stands in its address: who has it can read the days. */
  secret: string
}

export async function readFeeds(): Promise<Feed[]> {
  return (await database().models.calendarFeed.findAll()).map(({ staffId, secret }) => ({ staffId, secret }))
}

export async function readFeedBySecret(secret: string): Promise<Feed | null> {
  const row = await database().models.calendarFeed.findOne({ where: { secret } })
  return row && { staffId: row.staffId, secret: row.secret }
}

/** Gives a feed an address, or another one: the address before it leads nowhere from then on. */
export async function keepFeed({ staffId, secret }: Feed, madeMs: number): Promise<void> {
  await database().models.calendarFeed.upsert({ staffId, secret, madeAt: new Date(madeMs) })
}

/** Takes an address away. */
export async function endFeed(staffId: number): Promise<void> {
  await database().models.calendarFeed.destroy({ where: { staffId } })
}

/** A time that is somebody's own. */
export interface StoredBusy {
  id: number
  staffId: number
  /** By this a calendar knows it. */
  uid: string
  fromMs: number
  toMs: number
  why: string
}

/** Times of their own that lie within [fromMs, toMs). */
export async function readBusy(fromMs: number, toMs: number): Promise<StoredBusy[]> {
  const where = { fromAt: { [Op.lt]: new Date(toMs) }, toAt: { [Op.gt]: new Date(fromMs) }, goneAt: null }
  const rows = await database().models.busyTime.findAll({ where, order: [['fromAt', 'ASC']] })
  return rows.map(({ id, staffId, uid, fromAt, toAt, why }) => ({
    id,
    staffId,
    uid,
    why,
    fromMs: fromAt.getTime(),
    toMs: toAt.getTime(),
  }))
}

/** Keeps times as a calendar tells them; one that is there already is told anew. */
export async function keepBusy(times: readonly Omit<StoredBusy, 'id'>[], readMs: number): Promise<void> {
  const rows = times.map(({ staffId, uid, fromMs, toMs, why }) => ({
    staffId,
    uid,
    why,
    fromAt: new Date(fromMs),
    toAt: new Date(toMs),
    readAt: new Date(readMs),
    goneAt: null,
  }))
  await database().models.busyTime.bulkCreate(rows, { updateOnDuplicate: ['toAt', 'why', 'readAt', 'goneAt'] })
}

/** Says that a time is free again; its line stays. @returns whether there was one */
export async function freeBusy(id: number, goneMs: number): Promise<boolean> {
  const [changed] = await database().models.busyTime.update(
    { goneAt: new Date(goneMs) },
    { where: { id, goneAt: null } },
  )
  return changed > 0
}
