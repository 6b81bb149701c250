import { z } from 'zod'
import { ConsentId } from '../care'
import { HealthKind } from '../health'
import { CardEntry, Chatter, Question, Remark, Understood } from '../request'
import { PlannedStage, StageId } from '../stages'
import { Day } from '../units'
import { Side, ZoneId } from '../zones'

const minutes = z.number().nonnegative()
const lengthMm = z.number().nonnegative()

/** A wish that waits for coat; `side` only where the two sides are wished apart. */
export const Growing = z.strictObject({
  zone: ZoneId,
  side: Side.optional(),
  wantedMm: lengthMm,
  presentMm: lengthMm,
  readyOn: Day.nullable(),
  why: z.string(),
})
export type Growing = z.infer<typeof Growing>

/** What a case comes to. Minutes, millimetres, millilitres, °C. */
export const Plan = z.strictObject({
  kovit: z.literal('plan/1'),
  understood: z.array(Understood),
  unclear: z.array(z.string()),
  questions: z.array(Question).default([]),
  chatter: z.array(Chatter).default([]),
  remarks: z.array(Remark).default([]),
  card: z.array(CardEntry),
  growing: z.array(Growing),
  changes: z.array(z.strictObject({ zone: ZoneId, side: Side.optional(), fromMm: lengthMm, toMm: lengthMm })),
  stages: z.array(PlannedStage),
  left: z.array(z.strictObject({ id: StageId, why: z.string() })),
  breaks: z.array(
    z.strictObject({ before: StageId, after: StageId, strength: z.enum(['must', 'should', 'house']), why: z.string() }),
  ),
  cautions: z.array(
    z.strictObject({
      id: z.string(),
      level: z.enum(['must', 'should', 'info']),
      stage: StageId,
      zone: ZoneId.nullable(),
      why: z.string(),
    }),
  ),
  refer: z.array(z.strictObject({ kind: HealthKind, zone: ZoneId.nullable(), why: z.string() })),
  consents: z.array(ConsentId),
  bath: z.strictObject({
    waterMaxC: z.number(),
    waterLitres: z.number(),
    mixes: z.array(z.strictObject({ stage: StageId, ratio: z.number(), productMl: z.number(), waterMl: z.number() })),
  }),
  fit: z.strictObject({
    slotMin: minutes,
    p50: minutes,
    p90: minutes,
    chance: z.number(),
    shortestSlotMin: minutes,
    catchUp: z.array(z.strictObject({ id: z.string(), savesMin: minutes, costs: z.string() })),
  }),
  return: z.strictObject({ weeks: z.number(), on: Day, because: z.string() }).nullable(),
})
export type Plan = z.infer<typeof Plan>
