import { BLOWER_DBA, allowedMin } from '../care'

/** After a dog leaves a table or a tub it is cleaned so long, min; longer after a contagious finding. From memory. */
export const CLEAN_MIN = 3
export const CLEAN_CONTAGIOUS_MIN = 5
/** Whoever works longer than this without one takes a break, min. Common practice; local law decides. */
export const BREAK_AFTER_MIN = 360
export const BREAK_MIN = 30
/** Old, very young and panicking dogs wait no longer in a bay, min. From memory. */
export const FRAIL_BAY_MIN = 30
/** Dogs of one household begin and are done within so many minutes of each other. Common practice. */
export const HOUSEHOLD_BEGIN_MIN = 30
export const HOUSEHOLD_DONE_MIN = 45
/** From this grade on a dog minds other dogs or people, and from this one it panics. Common practice. */
export const MINDS_GRADE = 2
export const PANIC_GRADE = 4
/** Whole minutes a day that hands may be at the blower. */
export const NOISE_MIN = Math.floor(allowedMin(BLOWER_DBA))
