import type { CatchUpId } from '../catch-up'
import type { ConsentId, Finding } from '../care'
import type { StageId, Trigger } from '../stages'
import type { ZoneId } from '../zones'
import type { BenchCut } from './events'

export interface StageRecord {
  stage: StageId
  startMs: number
  /** When the hands came free and the wait began; null when no wait runs. */
  waitFromMs: number | null
  /** Waits that are over. */
  waitedMs: number
  endMs: number | null
  /** Time spent paused within this stage. */
  pausedMs: number
}

export interface Visit {
  startMs: number | null
  finishedMs: number | null
  pausedSinceMs: number | null
  /** Stages in the order they were started; the last may be under way. */
  stages: StageRecord[]
  skipped: { stage: StageId; why: string }[]
  notes: { id: string; words: string; stage: StageId | null; atMs: number; by: string }[]
  cuts: BenchCut[]
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
