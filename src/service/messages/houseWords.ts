import { z } from 'zod'
import { HouseWords, MessageKind } from '@/core/messages'
import type { Result } from '@/core/result'
import { keepHouseWords } from '@/data/messages'

export const WordsAsked = z.strictObject({
  kind: MessageKind,
  /** Null goes back to the usual words. */
  words: HouseWords.nullable(),
})

/** Keeps the house's own words for a message; placeholders were checked. */
export async function saveWords({ kind, words }: z.infer<typeof WordsAsked>): Promise<Result<null>> {
  await keepHouseWords(kind, words)
  return { ok: true, value: null }
}
