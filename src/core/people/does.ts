import type { StageId } from '../stages'

/** What a bather may do alone. Source: common practice. */
const BATHERS: ReadonlySet<StageId> = new Set([
  'arrive',
  'brush-out',
  'ears',
  'nails',
  'wash',
  'second-wash',
  'condition',
  'rinse',
  'towel',
  'dry',
  'comb-through',
  'handover',
])
export const isBathers = (stage: StageId): boolean => BATHERS.has(stage)

/** A groomer's, and the same one's through the trim: all that is not a bather's but the look-over, which is any groomer's. */
export const isTrim = (stage: StageId): boolean => !BATHERS.has(stage) && stage !== 'look-over'

/** From this grade on somebody who can do difficult dogs has to. Source: common practice. */
export const DIFFICULT_GRADE = 3
