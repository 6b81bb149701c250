import { z } from 'zod'
import { MAX_WORDS, PlacedCut } from '../request'
import { CatchUpId } from '../catch-up'
import { ConsentId } from '../care'
import { Finding } from '../health'
import { LengthMm } from '../lengths'
import { StageId, Trigger } from '../stages'
import { ZoneId } from '../zones'

const base = {
  /** Made on the device, so that sending twice is harmless. */
  id: z.uuid({ error: 'An event needs an id of its own.' }),
  atMs: z.number().int().positive(),
  by: z.string().min(1).max(60),
  /** The person's id in the house, and the device it was recorded on; older events know neither. */
  byId: z.number().int().positive().optional(),
  device: z.string().min(1).max(40).optional(),
  /** What the device's clock said, where that could not be true and the server's time stands in its place. */
  stampedMs: z.number().int().positive().optional(),
}

const words = z
  .string()
  .trim()
  .min(1, { error: 'Write the note first.' })
  .max(MAX_WORDS, { error: `Keep a note to ${MAX_WORDS} characters; what you wrote is still here.` })

/** What can happen on the bench. The log of these is the visit; nothing is ever changed or taken out of it. */
export const VisitEvent = z.discriminatedUnion('kind', [
  z.strictObject({ ...base, kind: z.literal('stage-started'), stage: StageId }),
  z.strictObject({ ...base, kind: z.literal('wait-started'), stage: StageId }),
  z.strictObject({ ...base, kind: z.literal('wait-ended'), stage: StageId }),
  z.strictObject({ ...base, kind: z.literal('stage-ended'), stage: StageId }),
  z.strictObject({ ...base, kind: z.literal('stage-skipped'), stage: StageId, why: z.string().max(400) }),
  z.strictObject({ ...base, kind: z.literal('paused') }),
  z.strictObject({ ...base, kind: z.literal('resumed') }),
  z.strictObject({ ...base, kind: z.literal('note'), words, stage: StageId.nullable() }),
  z.strictObject({ ...base, kind: z.literal('zone-cut'), cut: PlacedCut }),
  z.strictObject({
    ...base,
    kind: z.literal('cautions-seen'),
    stage: StageId,
    cautions: z.array(z.string().max(40)).max(40),
  }),
  z.strictObject({
    ...base,
    kind: z.literal('behaviour'),
    trigger: Trigger,
    grade: z.number().int().min(0).max(4),
    worked: z.string().trim().max(200),
  }),
  z.strictObject({
    ...base,
    kind: z.literal('weighed'),
    weightKg: z
      .number()
      .min(0.3, { error: 'The weight must be 0.3 to 120 kg.' })
      .max(120, { error: 'The weight must be 0.3 to 120 kg.' }),
  }),
  z.strictObject({ ...base, kind: z.literal('measured'), zone: ZoneId, lengthMm: LengthMm }),
  z.strictObject({ ...base, kind: z.literal('matted'), zone: ZoneId, grade: z.number().int().min(0).max(4) }),
  z.strictObject({ ...base, kind: z.literal('facial-on') }),
  z.strictObject({ ...base, kind: z.literal('caught-up'), option: CatchUpId }),
  z.strictObject({ ...base, kind: z.literal('owner-told'), words }),
  z.strictObject({ ...base, kind: z.literal('finding'), finding: Finding }),
  z.strictObject({
    ...base,
    kind: z.literal('consent'),
    consent: ConsentId,
    shown: z.string().min(20).max(2000),
    signed: z.string().trim().min(2, { error: 'Write the name of who signs.' }).max(80),
  }),
  z.strictObject({ ...base, kind: z.literal('undone'), undoes: z.uuid() }),
  z.strictObject({ ...base, kind: z.literal('finished') }),
  /** After the close: what was really cut somewhere, and why that is known only now. */
  z.strictObject({
    ...base,
    kind: z.literal('amended'),
    cut: PlacedCut,
    why: z
      .string()
      .trim()
      .min(1, { error: 'Say in a few words why the card is changed after the close.' })
      .max(200, { error: 'Keep the reason to 200 characters.' }),
  }),
])
export type VisitEvent = z.infer<typeof VisitEvent>
export type VisitEventKind = VisitEvent['kind']
export type BenchCut = PlacedCut
