import { UniqueConstraintError } from 'sequelize'
import { z } from 'zod'
import { refuse, type Result } from '@/core/result'
import { CardEntry } from '@/core/request'
import { database } from './connection'
import { jsonOf } from './jsonOf'

export interface HousePattern {
  id: number
  name: string
  words: string
  card: CardEntry[]
  madeBy: string
  madeMs: number
}

/** The house's own patterns in use, by name. @throws when a stored card does not fit */
export async function readHousePatterns(): Promise<HousePattern[]> {
  const rows = await database().models.housePattern.findAll({ where: { retiredAt: null }, order: [['name', 'ASC']] })
  return rows.map(({ id, name, words, card, madeBy, madeAt }) => ({
    id,
    name,
    words,
    madeBy,
    madeMs: madeAt.getTime(),
    card: jsonOf(z.array(CardEntry), card),
  }))
}

/** Keeps a card as a pattern of the house; a name is used once. */
export async function addHousePattern(pattern: Omit<HousePattern, 'id'>): Promise<Result<{ id: number }>> {
  const { name, words, card, madeBy, madeMs } = pattern
  try {
    const row = await database().models.housePattern.create({
      name,
      words,
      madeBy,
      madeAt: new Date(madeMs),
      card: JSON.stringify(card),
    })
    return { ok: true, value: { id: row.id } }
  } catch (error) {
    if (!(error instanceof UniqueConstraintError)) throw error
    return refuse('name', 'A pattern of this name is there already. Choose another name.')
  }
}

/** Takes a pattern out of use; bookings that chose it keep what they chose. */
export async function retireHousePattern(id: number, nowMs: number): Promise<Result<null>> {
  const [changed] = await database().models.housePattern.update(
    { retiredAt: new Date(nowMs) },
    { where: { id, retiredAt: null } },
  )
  return changed === 0 ? refuse('patternId', 'This pattern is not in use.') : { ok: true, value: null }
}
