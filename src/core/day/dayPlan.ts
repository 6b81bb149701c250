import { z } from 'zod'
import { StageId } from '../stages'

/** The rules of a day that can be broken, when there is no way round; in their order. */
export const DAY_RULES = [
  'hours',
  'promise',
  'groomer',
  'skill',
  'break',
  'noise',
  'bay-too-long',
  'household',
  'quiet',
  'contagious-last',
] as const
export const DayRule = z.enum(DAY_RULES)
export type DayRule = z.infer<typeof DayRule>

/** House clock; a day that runs past midnight counts on, `24:10`. */
const Clock = z.string().regex(/^\d\d:[0-5]\d$/)

/** Work that is under way or to come. Only waits have no person, only stays in a bay no stage. */
export const DayWork = z.strictObject({
  dog: z.string(),
  stage: StageId.nullable(),
  person: z.string().nullable(),
  station: z.string().nullable(),
  from: Clock,
  to: Clock,
  kind: z.enum(['hands', 'holds', 'wait']),
})
export type DayWork = z.infer<typeof DayWork>

export const DayPlan = z.strictObject({
  kovit: z.literal('dayplan/1'),
  work: z.array(DayWork),
  dogs: z.array(
    z.strictObject({
      id: z.string(),
      begins: Clock,
      done: Clock,
      doneLate: Clock,
      chance: z.number(),
      waitsMin: z.number(),
    }),
  ),
  stops: z.array(
    z.strictObject({
      dogs: z.array(z.string()),
      arrive: Clock,
      leave: Clock,
      km: z.number(),
      driveMin: z.number(),
      tankAfterLitres: z.number(),
      refillBefore: z.string().nullable(),
    }),
  ),
  end: z.strictObject({ at: Clock, driveMin: z.number(), waitingMin: z.number() }),
  bound: z.strictObject({ at: Clock, driveMin: z.number() }),
  proved: z.boolean(),
  breaks: z.array(
    z.strictObject({ rule: DayRule, dog: z.string().optional(), person: z.string().optional(), why: z.string() }),
  ),
  says: z.array(z.string()),
})
export type DayPlan = z.infer<typeof DayPlan>
