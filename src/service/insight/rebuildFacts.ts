import { cutCard, outcomes } from '@/core/visit'
import { inTransaction } from '@/data/connection'
import { readDogsById } from '@/data/dogs'
import { keepPattern, readWithoutPattern, sumMissing } from '@/data/groomFacts'
import { readDogsWithoutGrowth } from '@/data/growth'
import { readVisitsWithoutDue, readVisitsWithoutFacts } from '@/data/visits'
import { houseTime } from '../house/houseTime'
import { keepDue, keepLearned, patternOf } from '../visit/keepAsCut'
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
  await namePatterns()
  const { day } = houseTime(timeZone)
  while ((await sumMissing((ms) => day(ms).slice(0, 7))) > 0);
  for (;;) {
    const ids = await readDogsWithoutGrowth(DOGS_AT_ONCE)
    if (ids.length === 0) return
    await keepGrowthOf([...(await readDogsById(ids)).values()])
  }
}

/** Says of grooms from before that was kept in which pattern they were, each dog's in order: as last time is the one before. */
async function namePatterns(): Promise<void> {
  for (;;) {
    const grooms = await readWithoutPattern(DOGS_AT_ONCE)
    if (grooms.length === 0) return
    const last = new Map<number, string | null>()
    const inPattern = new Map<string | null, number[]>()
    for (const { visitId, dogId, dog, request } of grooms) {
      const pattern = patternOf(request, dog, last.get(dogId) ?? null)
      last.set(dogId, pattern)
      inPattern.set(pattern, [...(inPattern.get(pattern) ?? []), visitId])
    }
    for (const [pattern, visitIds] of inPattern) await keepPattern(pattern, visitIds)
  }
}
