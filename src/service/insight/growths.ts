import { COAT_FACTS, learnRates, type CoatId } from '@/core/coat'
import { keepDogGrowth, readGrowthPairs } from '@/data/growth'

/** After every groom. */
const FOR_EVER_MS = Date.UTC(9999, 0)

/** Writes how fast the bodies of these dogs grow, by all that was measured of them. */
export async function keepGrowthOf(dogs: readonly { id: number; coat: CoatId }[]): Promise<void> {
  const pairs = await readGrowthPairs(
    FOR_EVER_MS,
    dogs.map(({ id }) => id),
  )
  for (const { id, coat } of dogs) {
    const { body } = learnRates(coat, pairs.get(id) ?? [])
    const { mmPerWeek } = body
    await keepDogGrowth({ dogId: id, pairs: body.pairs, mmPerWeek, tableMm: COAT_FACTS[coat].growthMmPerWeek })
  }
}
