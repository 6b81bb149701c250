import { Op } from 'sequelize'
import { z } from 'zod'
import type { GrowthPair } from '@/core/coat'
import { GROUPS } from '@/core/zones'
import { database } from './connection'

/** Writes what a visit found against what the one before had left; what was written for it before is replaced. */
export async function keepGrowthPairs(
  visit: { visitId: number; dogId: number; foundMs: number },
  pairs: readonly GrowthPair[],
): Promise<void> {
  const { growthPair } = database().models
  const { visitId, dogId, foundMs } = visit
  await growthPair.destroy({ where: { visitId } })
  await growthPair.bulkCreate(
    pairs.map(({ group, ...rest }) => ({ ...rest, bodyPart: group, visitId, dogId, foundAt: new Date(foundMs) })),
  )
}

/** Growth pairs found before a moment, newest first, by dog. @param dogIds all dogs when left out */
export async function readGrowthPairs(
  beforeMs: number,
  dogIds?: readonly number[],
): Promise<Map<number, GrowthPair[]>> {
  const rows = await database().models.growthPair.findAll({
    where: { foundAt: { [Op.lt]: new Date(beforeMs) }, ...(dogIds ? { dogId: [...dogIds] } : {}) },
    order: [
      ['foundAt', 'DESC'],
      ['id', 'ASC'],
    ],
    raw: true,
  })
  const byDog = new Map<number, GrowthPair[]>()
  for (const { dogId, bodyPart, leftMm, foundMm, weeks } of rows) {
    const pair = {
      group: z.enum(GROUPS).parse(bodyPart),
      leftMm: Number(leftMm),
      foundMm: Number(foundMm),
      weeks: Number(weeks),
    }
    byDog.set(dogId, [...(byDog.get(dogId) ?? []), pair])
  }
  return byDog
}
