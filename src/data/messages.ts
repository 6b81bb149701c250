import { Op, UniqueConstraintError } from 'sequelize'
import { MessageKind } from '@/core/messages'
import { database } from './connection'
import type { Row } from './models'
import type { SaidWordsFields } from './models/rows'

/** Something that was said to the people of a dog. */
export interface SaidWords {
  id: number
  about: string
  kind: MessageKind
  bookingId: number | null
  dogId: number
  /** The start that was named; null where none was. */
  startMs: number | null
  words: string
  /** How: `sms`, `mail`, or told by mouth. */
  way: string
  saidMs: number
  saidBy: string
}

const toSaid = (row: Row<SaidWordsFields>): SaidWords => ({
  id: row.id,
  about: row.about ?? '',
  kind: MessageKind.parse(row.kind),
  bookingId: row.bookingId,
  dogId: row.dogId,
  startMs: row.startAt && row.startAt.getTime(),
  words: row.words,
  way: row.way,
  saidMs: row.saidAt.getTime(),
  saidBy: row.saidBy,
})

/** What was said of some bookings and not taken back. */
export async function readSaidOfBookings(bookingIds: readonly number[]): Promise<SaidWords[]> {
  const where = { bookingId: [...bookingIds], about: { [Op.ne]: null } }
  return (await database().models.saidWords.findAll({ where })).map(toSaid)
}

/** What was said since a moment, the latest first. */
export async function readSaidSince(fromMs: number): Promise<SaidWords[]> {
  const where = { saidAt: { [Op.gte]: new Date(fromMs) }, about: { [Op.ne]: null } }
  return (await database().models.saidWords.findAll({ where, order: [['id', 'DESC']] })).map(toSaid)
}

/** Which of these were said already. */
export async function readSaidAbout(abouts: readonly string[]): Promise<Set<string>> {
  const rows = await database().models.saidWords.findAll({ where: { about: [...abouts] }, attributes: ['about'] })
  return new Set(rows.flatMap(({ about }) => about ?? []))
}

/** Marks something as said. @returns false when it was said already */
export async function addSaid({ startMs, saidMs, ...said }: Omit<SaidWords, 'id'>): Promise<boolean> {
  const row = { ...said, startAt: startMs === null ? null : new Date(startMs), saidAt: new Date(saidMs) }
  try {
    await database().models.saidWords.create(row)
    return true
  } catch (error) {
    if (error instanceof UniqueConstraintError) return false
    throw error
  }
}

/** Says that something was not said after all; its line stays. @returns whether there was one */
export async function takeBackSaid(about: string): Promise<boolean> {
  const [changed] = await database().models.saidWords.update({ about: null }, { where: { about } })
  return changed > 0
}

/** The house's own words, where it has some. */
export async function readHouseWords(): Promise<Map<MessageKind, string>> {
  const rows = await database().models.houseWords.findAll()
  return new Map(rows.map(({ kind, words }) => [MessageKind.parse(kind), words]))
}

/** @param words null goes back to the usual ones */
export async function keepHouseWords(kind: MessageKind, words: string | null): Promise<void> {
  if (words === null) await database().models.houseWords.destroy({ where: { kind } })
  else await database().models.houseWords.upsert({ kind, words })
}
