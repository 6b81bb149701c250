/** Mats 0 to 4 in words. Source: common practice. */
export const MAT_WORDS = ['none', 'loose tangles', 'separate mats', 'tight at the skin', 'felted'] as const
