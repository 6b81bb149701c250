import { z } from 'zod'
import { LengthMm, Tool } from '../lengths'
import { EarsShape, FeetShape, PatternId, TailShape } from '../patterns'
import { ZoneKey } from '../zones'

export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const
export const MAX_WORDS = 4000

/** What the owner asks for. Every key may be missing. Lengths in mm. */
export const Request = z.strictObject({
  sameAsLast: z.boolean().optional(),
  pattern: PatternId.optional(),
  purpose: z.enum(['pet', 'show']).optional(),
  season: z.enum(SEASONS).optional(),
  lengthsMm: z.partialRecord(ZoneKey, LengthMm).optional(),
  tools: z.partialRecord(ZoneKey, Tool).optional(),
  keep: z.array(ZoneKey).optional(),
  tail: TailShape.optional(),
  feet: FeetShape.optional(),
  ears: EarsShape.optional(),
  words: z
    .string()
    .max(MAX_WORDS, { error: `Keep the words to ${MAX_WORDS} characters.` })
    .optional(),
})
export type Request = z.infer<typeof Request>
