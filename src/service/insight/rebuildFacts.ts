import { cutCard, outcomes } from '@/core/visit'
import { inTransaction } from '@/data/connection'
import { readDogsById } from '@/data/dogs'
import { sumMissing } from '@/data/groomFacts'
import { readDogsWithoutGrowth } from '@/data/growth'
import { readVisitsWithoutDue, readVisitsWithoutFacts } from '@/data/visits'
import { houseTime } from '../house/houseTime'
import { keepDue, keepLearned } from '../visit/keepAsCut'
import { visitFile } from '../visit/visitFile'
import { keepGrowthOf } from './growths'

/** Dogs that are looked at together. */
const DOGS_AT_ONCE = 200

/** Writes what is written at the close today, of grooms that were closed before, or came with a house that was brought back. */
export async function rebuildFacts(timeZone: string): Promise<void> {
  for (const visitId of await readVisitsWithoutFacts()) {
    const file = await visitFile(visitId)
    if (!file) continue
    const cut = cutCard(outcomes(file.now, file.visit))
    await inTransaction(() => keepLearned(file.stored, file.visit, file.now, cut))
  }
  for (const visitId of await readVisitsWithoutDue()) {
    const file = await visitFile(visitId)
    if (file) await keepDue(file.stored, file.now)
  }
  await rebuildSums(timeZone)
}

/** The same of what Insight asks alone: quick, also of a house of ten years. */
export async function rebuildSums(timeZone: string): Promise<void> {
  const { day } = houseTime(timeZone)
  while ((await sumMissing((ms) => day(ms).slice(0, 7))) > 0);
  for (;;) {
    const ids = await readDogsWithoutGrowth(DOGS_AT_ONCE)
    if (ids.length === 0) return
    await keepGrowthOf([...(await readDogsById(ids)).values()])
  }
}
