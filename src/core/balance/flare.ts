/** Under this a top is shaved, and the flare is not possible yet, mm. Source: common practice. */
export const LEAST_TOP_MM = 3

export type Flare =
  | { possible: true; topMm: number }
  /** `lackMm` more foot coat is needed, which takes `weeks` at the dog's rate. */
  | { possible: false; lackMm: number; weeks: number }

/**
 * What the top of a leg may be for a wanted flare: the difference between foot and top over the drop of the leg.
 * Source: common practice.
 * @example flareTop(40, 25, 3) // top 15 mm or shorter
 * @example flareTop(20, 25, 3) // 8 mm too little: 2.7 weeks, rounded up to 3
 */
export function flareTop(footMm: number, flareMm: number, growthMmPerWeek: number): Flare {
  const topMm = footMm - flareMm
  if (topMm >= LEAST_TOP_MM) return { possible: true, topMm }
  const lackMm = LEAST_TOP_MM - topMm
  return { possible: false, lackMm, weeks: Math.ceil(lackMm / growthMmPerWeek - 1e-9) }
}
