import { z } from 'zod'
import { LengthMm, Tool } from '../lengths'
import { EarsShape, FeetShape, PatternId, SEASONS, TailShape } from '../patterns'
import { ZoneId, ZoneKey } from '../zones'
import { LastEntry } from './card'

export const MAX_WORDS = 4000
const words = z.string().max(MAX_WORDS, { error: `Keep the words to ${MAX_WORDS} characters.` })

/** What the owner asks for. Every key may be missing. Lengths in mm. */
export const Request = z.strictObject({
  sameAsLast: z.boolean().optional(),
  pattern: PatternId.optional(),
  /** A house's own pattern, as it stood when it was chosen; it lies over the library's. */
  ownPattern: z.strictObject({ name: z.string().min(1).max(80), card: z.array(LastEntry).max(100) }).optional(),
  purpose: z.enum(['pet', 'show']).optional(),
  season: z.enum(SEASONS).optional(),
  lengthsMm: z.partialRecord(ZoneKey, LengthMm).optional(),
  tools: z.partialRecord(ZoneKey, Tool).optional(),
  keep: z.array(ZoneKey).optional(),
  /** Wishes of earlier visits that no longer count. */
  letGo: z.array(ZoneId).optional(),
  tail: TailShape.optional(),
  feet: FeetShape.optional(),
  ears: EarsShape.optional(),
  words: words.optional(),
  /** What was chosen when words were asked back: in place of these words, those are read. */
  answers: z
    .array(z.strictObject({ asked: words, said: words }))
    .max(100, { error: 'Keep the answers to 100.' })
    .optional(),
})
export type Request = z.infer<typeof Request>
