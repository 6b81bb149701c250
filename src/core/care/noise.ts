/** A blower at the ear, dB(A). Source: from memory. */
export const BLOWER_DBA = 95

/** The limit for a day of eight hours, and the step that halves the time. Source: NIOSH Publication 98-126. */
export const LIMIT_DBA = 85
const EXCHANGE_DB = 3
const DAY_HOURS = 8

/**
 * How long a day a level may be borne without ear protection, minutes. Source: NIOSH Publication 98-126.
 * @example allowedMin(95) // 47.6
 */
export const allowedMin = (levelDba: number): number => (DAY_HOURS * 60) / 2 ** ((levelDba - LIMIT_DBA) / EXCHANGE_DB)

/** The share of a day's noise that so many minutes at the blower make; 1 is all of it. */
export const noiseDose = (dryerMin: number, levelDba: number = BLOWER_DBA): number => dryerMin / allowedMin(levelDba)
