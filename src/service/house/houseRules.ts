import { z } from 'zod'
import { House } from '@/core/order'
import { problemsOf, refuse, type Result } from '@/core/result'
import { StageId } from '@/core/stages'
import { addHouseCaution, decideRule, retireHouseCaution } from '@/data/houseRules'
import { Who } from '../dog/saveCard'
import type { OpenHouse } from './openHouse'

export const RulesAsked = z.partialRecord(House.keyof(), z.unknown())
type RuleId = keyof typeof House.shape

/** Decides schools or limits of the house; plans made from now on follow. What is not sent stays as it is; null gives a limit back to the usual. */
export async function saveRules(asked: z.infer<typeof RulesAsked>): Promise<Result<null>> {
  const ids = Object.keys(asked) as RuleId[]
  const forgotten = ids.filter((id) => asked[id] === null)
  const decided = Object.fromEntries(ids.filter((id) => asked[id] !== null).map((id) => [id, asked[id]]))
  const checked = House.safeParse(decided)
  if (!checked.success) return { ok: false, problems: problemsOf(checked.error) }
  const kept = Object.entries(checked.data).filter(([id]) => id in decided)
  await decideRule(Object.fromEntries([...kept, ...forgotten.map((id) => [id, null])]))
  return { ok: true, value: null }
}

export const CautionAsked = z.strictObject({
  stage: StageId,
  words: z
    .string()
    .trim()
    .min(8, { error: 'Say it in a few words.' })
    .max(200, { error: 'Keep it to 200 characters: one line where the hand is.' }),
  by: Who,
})

/** Adds a caution in the house's own words. */
export async function addCaution(
  { stage, words, by }: z.infer<typeof CautionAsked>,
  { nowMs, staff }: Pick<OpenHouse, 'nowMs' | 'staff'>,
): Promise<Result<null>> {
  if (!staff.some(({ name }) => name === by)) return refuse('by', 'Nobody of that name works here.')
  await addHouseCaution({ stage, words, madeBy: by, madeMs: nowMs })
  return { ok: true, value: null }
}

export const RetireAsked = z.strictObject({ id: z.number().int().positive(), retired: z.boolean() })

/** Takes a caution out of use, or puts it back. */
export const retireCaution = ({ id, retired }: z.infer<typeof RetireAsked>, nowMs: number): Promise<Result<null>> =>
  retireHouseCaution(id, retired ? nowMs : null)
