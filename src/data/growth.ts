import { Op, QueryTypes } from 'sequelize'
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

/** How fast the body of a dog grows by all that was measured, beside its coat's table, mm a week. */
export interface DogGrowth {
  dogId: number
  pairs: number
  mmPerWeek: number
  tableMm: number
}

export async function keepDogGrowth(growth: DogGrowth): Promise<void> {
  await database().models.dogGrowth.upsert({ ...growth })
}

/** The dogs that differ most from their coat's table, and how many are measured. @param fewest pairs for a dog to count */
export async function readGrowths(
  fewest: number,
  most: number,
): Promise<{ shown: (DogGrowth & { name: string; coat: string })[]; measured: number }> {
  const { sequelize, models } = database()
  const [shown, measured] = await Promise.all([
    sequelize.query<DogGrowth & { name: string; coat: string }>(
      `SELECT growth.dog_id AS dogId, pairs, mm_per_week AS mmPerWeek, table_mm AS tableMm, dogs.name, dogs.coat
       FROM (SELECT *, ABS(LN(mm_per_week / table_mm)) AS off FROM dog_growth WHERE pairs >= :fewest AND mm_per_week > 0
         ORDER BY off DESC, dog_id LIMIT :most) AS growth
       JOIN dogs ON dogs.id = growth.dog_id ORDER BY off DESC, growth.dog_id`,
      { type: QueryTypes.SELECT, replacements: { fewest, most } },
    ),
    models.dogGrowth.count({ where: { pairs: { [Op.gte]: fewest } } }),
  ])
  return { shown, measured }
}

/** Dogs that were measured and of which it is not written how fast they grow. */
export async function readDogsWithoutGrowth(most: number): Promise<number[]> {
  const rows = await database().sequelize.query<{ id: number }>(
    `SELECT DISTINCT dog_id AS id FROM growth_pairs WHERE dog_id NOT IN (SELECT dog_id FROM dog_growth) LIMIT :most`,
    { type: QueryTypes.SELECT, replacements: { most } },
  )
  return rows.map(({ id }) => id)
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
  })
  const byDog = new Map<number, GrowthPair[]>()
  for (const { dogId, bodyPart, leftMm, foundMm, weeks } of rows) {
    const pair = {
      group: z.enum(GROUPS).parse(bodyPart),
      leftMm: Number(leftMm),
      foundMm: Number(foundMm),
      weeks: Number(weeks),
    }
    const known = byDog.get(dogId)
    if (known) known.push(pair)
    else byDog.set(dogId, [pair])
  }
  return byDog
}
