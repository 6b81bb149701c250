import { z } from 'zod'
import { MAX_WORDS, PlacedCut } from '../request'
import { CatchUpId } from '../catch-up'
import { ConsentId } from '../care'
import { Finding } from '../health'
import { LengthMm } from '../lengths'
import { StageId, Trigger } from '../stages'
import { ZoneId } from '../zones'

/**
 * A moment of a hybrid logical clock: never before what its device had seen, whatever the device's own clock says.
 * Source: Kulkarni and others, Logical Physical Clocks, 2014.
 */
export const Tick = z.strictObject({ ms: z.number().int().positive(), n: z.number().int().nonnegative() })
export type Tick = z.infer<typeof Tick>

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
  /** What the device's clock showed, and how far the server's was ahead of it when it was last heard. */
  deviceMs: z.number().int().positive().optional(),
  skewMs: z.number().int().optional(),
  /** Where it stands in the order of the log; events from before this was kept stand by their time. */
  tick: Tick.optional(),
  /** The visit on whose bench it was noted by mistake. */
  fromVisit: z.number().int().positive().optional(),
}

const words = z
  .string()
  .trim()
  .min(1, { error: 'Write the note first.' })
  .max(MAX_WORDS, { error: `Keep a note to ${MAX_WORDS} characters; what you wrote is still here.` })

const momentMs = z.number().int().positive()
const stretch = { fromMs: momentMs, toMs: momentMs }

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
  /** A stage that was done and not tapped; what was under way meanwhile rested. */
  z.strictObject({ ...base, kind: z.literal('stage-recalled'), stage: StageId, ...stretch }),
  /** The slot was brought to when the dog really begins, or left where it was booked: it is asked about once. */
  z.strictObject({ ...base, kind: z.literal('slot-set'), startMs: momentMs, bookedMs: momentMs }),
  /** A break that was not tapped. */
  z.strictObject({ ...base, kind: z.literal('rested'), ...stretch }),
  /** When an event really happened. */
  z.strictObject({ ...base, kind: z.literal('time-set'), of: z.uuid(), toMs: momentMs }),
  z.strictObject({ ...base, kind: z.literal('undone'), undoes: z.uuid() }),
  z.strictObject({ ...base, kind: z.literal('finished') }),
  /** Words that reached the books after the close; they change nothing that was cut. */
  z.strictObject({ ...base, kind: z.literal('late-note'), words }),
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
