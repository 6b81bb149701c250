import { col, fn } from 'sequelize'
import { honestCut } from '@/core/formats'
import { CardEntry } from '@/core/request'
import { HELD, database, inTransaction } from './connection'

export interface TrimCard {
  id: number
  version: number
  /** Planned for a visit, cut at one, or saved from the card's own desk. */
  kind: 'planned' | 'cut' | 'saved'
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

/** Keeps a card as the dog's next version; a card is never overwritten. */
export function addCard(card: NewCard): Promise<{ id: number; version: number }> {
  const { models } = database()
  const { dogId, kind, madeBy, why } = card
  return inTransaction(async () => {
    // The dog's row is held, so that two who save at once get two versions.
    await models.dog.findByPk(dogId, HELD)
    const newest = await models.card.findOne({ where: { dogId }, order: [['version', 'DESC']] })
    const version = (newest?.version ?? 0) + 1
    const row = await models.card.create({ dogId, version, kind, madeBy, why, madeAt: new Date(card.madeMs) })
    await models.cardZone.bulkCreate(card.zones.map((entry) => ({ ...entry, cardId: row.id })))
    return { id: row.id, version }
  })
}

/** @throws when a stored zone does not fit a card entry */
export async function readCard(cardId: number): Promise<TrimCard | null> {
  return (await readCards([cardId])).get(cardId) ?? null
}

/** Several cards by their ids, in two queries. */
export async function readCards(cardIds: readonly number[]): Promise<Map<number, TrimCard>> {
  if (cardIds.length === 0) return new Map()
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

/** Every version of a dog's card, newest first, without its zones. */
export async function readVersions(dogId: number): Promise<Omit<TrimCard, 'zones'>[]> {
  const rows = await database().models.card.findAll({ where: { dogId }, order: [['version', 'DESC']] })
  return rows.map(({ id, version, kind, madeBy, why, madeAt }) => ({
    id,
    version,
    kind,
    madeBy,
    why,
    madeMs: madeAt.getTime(),
  }))
}

/** The newest version of each dog that has a card. */
export async function readLatestVersions(dogIds: readonly number[]): Promise<Map<number, number>> {
  const rows = await database().models.card.findAll({
    attributes: ['dogId', [fn('MAX', col('version')), 'version']],
    where: { dogId: [...dogIds] },
    group: ['dogId'],
  })
  return new Map(rows.map(({ dogId, version }) => [dogId, version]))
}

/** Of dogs the newest card that was saved after a version, if any: what *same as last time* then means. */
export async function readSavedSince(after: ReadonlyMap<number, number>): Promise<Map<number, TrimCard>> {
  const dogIds = [...after.keys()]
  const saved = await database().models.card.findAll({
    where: { dogId: dogIds, kind: 'saved' },
    order: [['version', 'ASC']],
  })
  const newest = new Map(saved.map(({ id, dogId, version }) => [dogId, { id, version }]))
  const since = [...newest].filter(([dogId, { version }]) => version > (after.get(dogId) ?? 0))
  const cards = await readCards(since.map(([, { id }]) => id))
  return new Map(
    since.flatMap(([dogId, { id }]) => {
      const card = cards.get(id)
      return card ? [[dogId, card] as const] : []
    }),
  )
}

/** One version of a dog's card; null when there is none. */
export async function readVersion(dogId: number, version: number): Promise<TrimCard | null> {
  const row = await database().models.card.findOne({ where: { dogId, version } })
  return row && readCard(row.id)
}

function toEntry(row: object): CardEntry {
  const { zone, side, method, blade, comb, lay, shape, join, why } = row as CardEntry
  // Decimals come as text from the driver.
  const lengthMm = Number((row as CardEntry).lengthMm)
  return CardEntry.parse(honestCut({ zone, side, method, blade, comb, lay, lengthMm, shape, join, why }))
}
