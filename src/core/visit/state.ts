import { z } from 'zod'
import { CatchUpId } from '../catch-up'
import { ConsentId } from '../care'
import { Finding } from '../health'
import { LengthMm } from '../lengths'
import { PlacedCut } from '../request'
import { StageId, Trigger } from '../stages'
import { ZoneId } from '../zones'

const momentMs = z.number()

/** From one moment to another; null while it runs. */
export const Stretch = z.strictObject({ fromMs: momentMs, toMs: momentMs.nullable() })
export type Stretch = z.infer<typeof Stretch>

export const StageRecord = z.strictObject({
  stage: StageId,
  startMs: momentMs,
  endMs: momentMs.nullable(),
  /** Stretches in which the hands were free, in order; the last may be running. */
  waits: z.array(Stretch).readonly(),
  /** Stretches in which the work rested. What of them lies inside a wait is wait: its clock went on. */
  pauses: z.array(Stretch).readonly(),
  /** Put in afterwards: it may stand inside another. */
  recalled: z.literal(true).optional(),
})
export type StageRecord = z.infer<typeof StageRecord>

/** The wait that runs in a stage now, if any. */
export const waitOf = ({ waits }: StageRecord): Stretch | null => {
  const last = waits.at(-1)
  return last && last.toMs === null ? last : null
}

/** Whether a stage has waited and its wait is over. */
export const hasWaited = (record: StageRecord): boolean => record.waits.length > 0 && waitOf(record) === null

/** What a log tells of, as far as it goes. It is stored beside the log, so that a long one need not be read again. */
export const Visit = z.strictObject({
  startMs: momentMs.nullable(),
  finishedMs: momentMs.nullable(),
  pausedSinceMs: momentMs.nullable(),
  /** The latest moment that moved a clock of this visit. */
  clockMs: momentMs,
  /** Stages in the order they were started; the last may be under way. */
  stages: z.array(StageRecord),
  skipped: z.array(z.strictObject({ stage: StageId, why: z.string() })),
  notes: z.array(
    z.strictObject({ id: z.string(), words: z.string(), stage: StageId.nullable(), atMs: momentMs, by: z.string() }),
  ),
  /** What was cut otherwise than planned: the last word on each place. */
  cuts: z.array(PlacedCut),
  /** Cuts put right after the close, oldest first. */
  amended: z.array(z.strictObject({ cut: PlacedCut, why: z.string(), atMs: momentMs, by: z.string() })),
  /** Ids of cautions that were seen once today. */
  seen: z.array(z.string()).readonly(),
  /** How the dog took it today, the last word on each trigger. */
  behaviour: z.partialRecord(Trigger, z.strictObject({ grade: z.number(), worked: z.string() })),
  /** Of today, in the order they were found. */
  findings: z.array(Finding.extend({ atMs: momentMs, by: z.string() })),
  consents: z.array(z.strictObject({ consent: ConsentId, shown: z.string(), signed: z.string(), atMs: momentMs })),
  weightKg: z.number().nullable(),
  /** Coat as measured on the bench before it was cut, mm. */
  measuredMm: z.partialRecord(ZoneId, LengthMm),
  /** Mats as graded on the bench, 0 to 4. */
  mats: z.partialRecord(ZoneId, z.number()),
  /** What was made simpler or left out to catch up, as it was taken. */
  caughtUp: z.array(CatchUpId).readonly(),
  /** Where the slot was said to begin; null while nobody was asked. */
  slotStartMs: momentMs.nullable(),
  /** When the facial was put on. */
  facialMs: momentMs.nullable(),
  /** Messages to the owner, oldest first. */
  told: z.array(z.strictObject({ words: z.string(), atMs: momentMs, by: z.string() })),
})
export type Visit = z.infer<typeof Visit>

export const NEW_VISIT: Visit = {
  startMs: null,
  finishedMs: null,
  pausedSinceMs: null,
  clockMs: 0,
  stages: [],
  skipped: [],
  notes: [],
  cuts: [],
  amended: [],
  seen: [],
  behaviour: {},
  findings: [],
  consents: [],
  weightKg: null,
  measuredMm: {},
  mats: {},
  caughtUp: [],
  slotStartMs: null,
  facialMs: null,
  told: [],
}
