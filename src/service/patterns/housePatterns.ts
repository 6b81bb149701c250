import { z } from 'zod'
import { WholeCard } from '@/core/card'
import type { Result } from '@/core/result'
import { addHousePattern, retireHousePattern } from '@/data/housePatterns'
import { Who } from '../dog/saveCard'

export const PatternAsked = z.strictObject({
  name: z
    .string()
    .trim()
    .min(1, { error: 'Give the pattern a name.' })
    .max(80, { error: 'Keep the name to 80 characters.' }),
  words: z.string().trim().max(200, { error: 'Keep the words to 200 characters.' }),
  by: Who,
  card: WholeCard,
})

/** Keeps a card as a pattern of the house. */
export async function savePattern({ by, ...rest }: z.infer<typeof PatternAsked>, nowMs: number): Promise<Result<null>> {
  const kept = await addHousePattern({ ...rest, madeBy: by, madeMs: nowMs })
  return kept.ok ? { ok: true, value: null } : kept
}

/** Takes a pattern of the house out of use. */
export const retirePattern = (patternId: number, nowMs: number): Promise<Result<null>> =>
  retireHousePattern(patternId, nowMs)
