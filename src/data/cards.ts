import { col, fn } from 'sequelize'
import { z } from 'zod'
import { honestCut } from '@/core/formats'
import { CardEntry } from '@/core/request'
import { HELD, database, inTransaction } from './connection'
import { jsonOf } from './jsonOf'
import type { CardFields } from './models/rows'

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

/** A card's zones as they stand in their column. */
export const KeptZones = z.array(z.preprocess(honestCut, CardEntry))

/**
 * Keeps a card as the dog's next version; a card is never overwritten.
 * @throws when a zone and side stands on it twice, or a zone fits no card
 */
export async function addCard(card: NewCard): Promise<{ id: number; version: number }> {
  const { models } = database()
  const { dogId, kind, madeBy, why } = card
  const { zones, blades } = cutColumns(card.zones)
  const cut = { zones: JSON.stringify(KeptZones.parse(zones)), blades }
  return inTransaction(async () => {
    // The dog's row is held, so that two who save at once get two versions.
    await models.dog.findByPk(dogId, HELD)
    const newest = await models.card.findOne({
      attributes: ['version'],
      where: { dogId },
      order: [['version', 'DESC']],
    })
    const version = (newest?.version ?? 0) + 1
    const row = await models.card.create({ dogId, version, kind, madeBy, why, madeAt: new Date(card.madeMs), ...cut })
    return { id: row.id, version }
  })
}

/** @throws when a stored zone does not fit a card entry */
export async function readCard(cardId: number): Promise<TrimCard | null> {
  return (await readCards([cardId])).get(cardId) ?? null
}

/** Several cards by their ids, in one query. */
export async function readCards(cardIds: readonly number[]): Promise<Map<number, TrimCard>> {
  if (cardIds.length === 0) return new Map()
  const rows = await database().models.card.findAll({ where: { id: [...cardIds] } })
  return new Map(rows.map((row) => [row.id, { ...headOf(row), zones: jsonOf(KeptZones, row.zones) }]))
}

/** Every version of a dog's card, newest first, without its zones. */
export async function readVersions(dogId: number): Promise<Omit<TrimCard, 'zones'>[]> {
  const rows = await database().models.card.findAll({
    attributes: { exclude: ['zones'] },
    where: { dogId },
    order: [['version', 'DESC']],
  })
  return rows.map(headOf)
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
    attributes: ['id', 'dogId', 'version'],
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
  const row = await database().models.card.findOne({ attributes: ['id'], where: { dogId, version } })
  return row && readCard(row.id)
}

const headOf = ({ id, version, kind, madeBy, why, madeAt }: CardFields): Omit<TrimCard, 'zones'> => ({
  id,
  version,
  kind,
  madeBy,
  why,
  madeMs: madeAt.getTime(),
})

/**
 * What a card's columns keep of its zones: each with its cut, and the blades among them, sorted, with commas.
 * @throws when a zone and side stands there twice
 */
export function cutColumns(zones: readonly CardEntry[]): { zones: object[]; blades: string } {
  const places = new Set(zones.map(({ zone, side }) => `${zone} ${side ?? ''}`))
  if (places.size < zones.length) throw new Error('A card has a zone and side twice.')
  const blades = new Set(zones.flatMap(({ blade }) => blade ?? []))
  return { zones: zones.map(plain), blades: [...blades].sort().join(',') }
}

/** An entry with what its column keeps, and nothing that came along. */
const plain = ({ zone, side, method, blade, comb, lay, lengthMm, shape, join, why }: CardEntry): object => ({
  zone,
  side,
  method,
  blade,
  comb,
  lay,
  lengthMm,
  shape,
  join,
  why,
})
