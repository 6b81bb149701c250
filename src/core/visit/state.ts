import type { CatchUpId } from '../catch-up'
import type { ConsentId } from '../care'
import type { Finding } from '../health'
import type { StageId, Trigger } from '../stages'
import type { ZoneId } from '../zones'
import type { BenchCut } from './events'

export interface StageRecord {
  stage: StageId
  startMs: number
  endMs: number | null
  /** Stretches in which the hands were free, in order; the last may be running. */
  waits: readonly Stretch[]
  /** Stretches in which the work rested. What of them lies inside a wait is wait: its clock went on. */
  pauses: readonly Stretch[]
}

/** From one moment to another; null while it runs. */
export interface Stretch {
  fromMs: number
  toMs: number | null
}

/** The wait that runs in a stage now, if any. */
export const waitOf = ({ waits }: StageRecord): Stretch | null => {
  const last = waits.at(-1)
  return last && last.toMs === null ? last : null
}

/** Whether a stage has waited and its wait is over. */
export const hasWaited = (record: StageRecord): boolean => record.waits.length > 0 && waitOf(record) === null

export interface Visit {
  startMs: number | null
  finishedMs: number | null
  pausedSinceMs: number | null
  /** Stages in the order they were started; the last may be under way. */
  stages: StageRecord[]
  skipped: { stage: StageId; why: string }[]
  notes: { id: string; words: string; stage: StageId | null; atMs: number; by: string }[]
  /** What was cut otherwise than planned: the last word on each place. */
  cuts: BenchCut[]
  /** Cuts put right after the close, oldest first. */
  amended: { cut: BenchCut; why: string; atMs: number; by: string }[]
  /** Ids of cautions that were seen once today. */
  seen: readonly string[]
  /** How the dog took it today, the last word on each trigger. */
  behaviour: Partial<Record<Trigger, { grade: number; worked: string }>>
  /** Of today, in the order they were found. */
  findings: (Finding & { atMs: number; by: string })[]
  consents: { consent: ConsentId; shown: string; signed: string; atMs: number }[]
  weightKg: number | null
  /** Coat as measured on the bench before it was cut, mm. */
  measuredMm: Partial<Record<ZoneId, number>>
  /** Mats as graded on the bench, 0 to 4. */
  mats: Partial<Record<ZoneId, number>>
  /** What was made simpler or left out to catch up, as it was taken. */
  caughtUp: readonly CatchUpId[]
  /** When the facial was put on. */
  facialMs: number | null
  /** Messages to the owner, oldest first. */
  told: { words: string; atMs: number; by: string }[]
}

export const NEW_VISIT: Visit = {
  startMs: null,
  finishedMs: null,
  pausedSinceMs: null,
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
  facialMs: null,
  told: [],
}
