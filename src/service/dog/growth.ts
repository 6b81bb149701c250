import { learnRates, type CoatId, type LearnedRate } from '@/core/coat'
import type { GroupId } from '@/core/zones'
import { readGrowthPairs } from '@/data/growth'

/** Pairs further back than this say little about the dog of today. Source: from memory. */
const MOST_PAIRS = 400

export type Growth = Record<GroupId, LearnedRate>

/** How fast the coat of each dog grows, as far as its visits before a moment tell, with its uncertainty. */
export async function growthOf(
  dogs: readonly { id: number; coat: CoatId }[],
  beforeMs: number,
): Promise<Map<number, Growth>> {
  const pairs = await readGrowthPairs(
    beforeMs,
    dogs.map(({ id }) => id),
  )
  return new Map(dogs.map(({ id, coat }) => [id, learnRates(coat, (pairs.get(id) ?? []).slice(0, MOST_PAIRS))]))
}
