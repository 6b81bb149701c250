import { cutCard, outcomes } from '@/core/visit'
import { inTransaction } from '@/data/connection'
import { readVisitsWithoutDue, readVisitsWithoutFacts } from '@/data/visits'
import { keepDue, keepLearned } from '../visit/keepAsCut'
import { visitFile } from '../visit/visitFile'

/** Writes what the house learns from grooms that were closed before this was written at the close. @returns how many */
export async function rebuildFacts(): Promise<number> {
  const missing = await readVisitsWithoutFacts()
  for (const visitId of missing) {
    const file = await visitFile(visitId)
    if (!file) continue
    const cut = cutCard(outcomes(file.now, file.visit))
    await inTransaction(() => keepLearned(file.stored, file.visit, file.now, cut))
  }
  for (const visitId of await readVisitsWithoutDue()) {
    const file = await visitFile(visitId)
    if (file) await keepDue(file.stored, file.now)
  }
  return missing.length
}
