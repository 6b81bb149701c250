import type { Transaction } from 'sequelize'
import { CardEntry } from '@/core/request'
import { database } from './connection'

export interface TrimCard {
  id: number
  version: number
  kind: 'planned' | 'cut'
  madeMs: number
  madeBy: string
  why: string
  zones: CardEntry[]
}

export interface NewCard {
  dogId: number
  kind: TrimCard['kind']
  madeMs: number
  madeBy: string
  why: string
  zones: readonly CardEntry[]
}

/** Saves a card as the dog's next version; a card is never overwritten. Runs inside the caller's transaction. */
export async function addCard(card: NewCard, transaction: Transaction): Promise<{ id: number; version: number }> {
  const { models } = database()
  const { dogId, kind, madeBy, why } = card
  // The dog's row is held, so that two tablets saving at once get two versions.
  await models.dog.findByPk(dogId, { lock: transaction.LOCK.UPDATE, transaction })
  const newest = await models.card.max<number, (typeof models.card)['prototype']>('version', {
    where: { dogId },
    transaction,
  })
  const version = (newest ?? 0) + 1
  const row = await models.card.create(
    { dogId, version, kind, madeBy, why, madeAt: new Date(card.madeMs) },
    { transaction },
  )
  await models.cardZone.bulkCreate(card.zones.map((entry) => ({ ...entry, cardId: row.id })), { transaction }) // prettier-ignore
  return { id: row.id, version }
}

/** @throws when a stored zone does not fit a card entry */
export async function readCard(cardId: number): Promise<TrimCard | null> {
  return (await readCards([cardId])).get(cardId) ?? null
}

/** Several cards by their ids, in two queries. */
export async function readCards(cardIds: readonly number[]): Promise<Map<number, TrimCard>> {
  const { models } = database()
  const [rows, zones] = await Promise.all([
    models.card.findAll({ where: { id: [...cardIds] } }),
    models.cardZone.findAll({ where: { cardId: [...cardIds] }, order: [['id', 'ASC']] }),
  ])
  const byCard = new Map<number, CardEntry[]>(cardIds.map((id) => [id, []]))
  for (const row of zones) byCard.get(row.cardId)?.push(toEntry(row))
  return new Map(
    rows.map(({ id, version, kind, madeBy, why, madeAt }) => [
      id,
      { id, version, kind, madeBy, why, madeMs: madeAt.getTime(), zones: byCard.get(id) ?? [] },
    ]),
  )
}

function toEntry(row: object): CardEntry {
  const { zone, side, method, blade, comb, lay, lengthMm, shape, join, why } = row as CardEntry
  return CardEntry.parse({ zone, side, method, blade, comb, lay, lengthMm, shape, join, why })
}
