import { z } from 'zod'
import { HealthKind } from '../../health'
import { Trigger } from '../../stages'
import { Side, ZoneId, ZoneKey } from '../../zones'

/** Words of the owner's, and where they stand: from and to count characters. Older plans did not say where. */
const place = { words: z.string(), from: z.number().default(0), to: z.number().default(0) }

/** What was taken from some words, to be said back by zone. */
export const Understood = z.strictObject({
  ...place,
  zones: z.array(ZoneKey),
  side: Side.optional(),
  /** When all these zones come to one length, mm. */
  lengthMm: z.number().nonnegative().optional(),
  /** What it comes to, in the groomer's words. */
  means: z.string().default(''),
})
export type Understood = z.infer<typeof Understood>

/** Words that were not taken in, what to ask, and what may be meant, in words that are understood. */
export const Question = z.strictObject({
  ...place,
  question: z.string(),
  readings: z.array(z.string()),
  zones: z.array(ZoneKey),
})
export type Question = z.infer<typeof Question>

/** What is no wish: a greeting, the dog's day, words that the speaker took back. */
export const Chatter = z.strictObject({ ...place, why: z.enum(['chatter', 'taken-back']) })
export type Chatter = z.infer<typeof Chatter>

/** A word on health or temper: it changes no length, and is offered for the file. */
export const Remark = z.strictObject({
  ...place,
  about: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('health'), health: HealthKind, zone: ZoneId.nullable(), side: Side.nullable() }),
    z.strictObject({ kind: z.literal('temper'), trigger: Trigger, grade: z.number().int().min(1).max(4) }),
    z.strictObject({ kind: z.literal('mats'), zone: ZoneKey.nullable() }),
    z.strictObject({ kind: z.literal('care'), zone: ZoneKey.nullable() }),
  ]),
})
export type Remark = z.infer<typeof Remark>

/** A question as one sentence, with what may be meant. */
export function questionWords({ words, question, readings }: Question): string {
  const maybe = readings.length > 0 ? ` (${readings.join('; ')})` : ''
  return `"${words}": ${question}${maybe}`
}
