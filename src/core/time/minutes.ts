import { COAT_FACTS, type CoatId } from '../coat'
import { STAGE_FACTS, behaviourAt, type StageId, type Trigger } from '../stages'
import type { ZoneId } from '../zones'

/** The dog that the stages' minutes are written for, kg. Source: from memory. */
const REFERENCE_KG = 7
/** How minutes grow with weight: coat-area stages and the others. Source: from memory. */
const AREA_POWER = 0.5
const OTHER_POWER = 0.2
/** Behaviour 0 to 4 at a stage. Source: from memory. */
const BEHAVIOUR_FACTOR = [1, 1.05, 1.2, 1.5, 2] as const
/** Minutes a mat of grade 0 to 3 adds to the brush-out, per zone, a pair counted once. Source: from memory. */
const MAT_MIN = [0, 2, 5, 12] as const
/** Scissored legs against combed ones. Source: common practice. */
const SCISSORED_LEGS = 2
/** Feet for a show against a pet's: most of an hour a dog. Source: common practice. */
const SHOW_FEET = 6
/** In the cabinet the dog waits this long, warm, and the hand dryer finishes the rest. Source: common practice (15 to 20 min); share from memory. */
export const CABINET_MIN = 15
/** A dog in the cabinet is looked in on this often, minutes. Source: common practice. */
export const CABINET_CHECK_MIN = 5
const CABINET_LEAVES = 0.6

/** @param grade 0 relaxed to 4 bites or panics */
export const behaviourFactor = (grade: number): number => BEHAVIOUR_FACTOR[grade] ?? 1

export interface StageWork {
  coat: CoatId
  weightKg: number
  behaviour: Partial<Record<Trigger, number>>
  /** Minutes of mats to work out, unscaled. */
  matMin: number
  legsScissored: boolean
  show: boolean
  cabinet: boolean
}

/**
 * Prior median of a stage's hands-on minutes.
 * @example a calm 28 kg drop coat washes in 8 min: 4 × (28 / 7)^0.5
 */
export function stageMedianMin(stage: StageId, work: StageWork): number {
  const { handsOnMin, byCoatArea } = STAGE_FACTS[stage]
  const size = (work.weightKg / REFERENCE_KG) ** (byCoatArea ? AREA_POWER : OTHER_POWER)
  const coat = byCoatArea ? COAT_FACTS[work.coat].workFactor : 1
  const behaviour = behaviourFactor(behaviourAt(stage, work.behaviour))
  const mats = stage === 'brush-out' ? work.matMin : 0
  return handsOnMin * size * coat * behaviour * styleFactor(stage, work) + mats
}

function styleFactor(stage: StageId, work: StageWork): number {
  if (stage === 'legs' && work.legsScissored) return SCISSORED_LEGS
  if (stage === 'feet' && work.show) return SHOW_FEET
  if (stage === 'dry' && work.cabinet) return CABINET_LEAVES
  return 1
}

/** Minutes to work out mats of grades 1 to 3; a pair is one zone here, and felted coat is never combed out. */
export function matMinutes(mats: ReadonlyMap<ZoneId, number>): number {
  return [...mats.values()].reduce((sum, grade) => sum + (MAT_MIN[grade] ?? 0), 0)
}
