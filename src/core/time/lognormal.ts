/** Spread of one stage's minutes on the log scale. Source: from memory, until a house's own visits say otherwise. */
export const STAGE_SIGMA = 0.25

/** 90th percentile of the standard normal. Source: published tables of the normal distribution. */
const Z90 = 1.2815515655446004

/** Minutes that nine of ten such stages stay within. */
export const stageP90Min = (medianMin: number, sigma = STAGE_SIGMA): number => medianMin * Math.exp(Z90 * sigma)

export interface Term {
  medianMin: number
  sigma: number
}

/** A sum of lognormal minutes: mean and deviation are exact, percentiles come from a shifted lognormal. */
export interface MinutesSum {
  meanMin: number
  sdMin: number
  percentileMin: (share: number) => number
  /** Chance, 0 to 1, that the sum stays within these minutes. */
  chanceWithin: (min: number) => number
}

/**
 * Sum of independent lognormal terms and fixed minutes.
 *
 * The Fenton-Wilkinson method (L. F. Fenton, 1960, IRE Transactions on Communications Systems) matches mean and
 * variance with one lognormal; here a shift is added so that the third central moment is matched as well.
 */
export function sumOfLognormals(terms: readonly Term[], fixedMin = 0): MinutesSum {
  let mean = fixedMin
  let variance = 0
  let third = 0
  for (const { medianMin, sigma } of terms) {
    const w = Math.exp(sigma * sigma)
    const termVariance = medianMin ** 2 * w * (w - 1)
    mean += medianMin * Math.sqrt(w)
    variance += termVariance
    third += termVariance ** 1.5 * (w + 2) * Math.sqrt(w - 1)
  }
  const sd = Math.sqrt(variance)
  if (sd < 1e-9) return certain(mean)
  const w = widthForSkewness(third / sd ** 3)
  const sigma = Math.sqrt(Math.log(w))
  const scale = sd / Math.sqrt(w * (w - 1))
  const shift = mean - scale * Math.sqrt(w)
  return {
    meanMin: mean,
    sdMin: sd,
    percentileMin: (share) => shift + scale * Math.exp(sigma * normalQuantile(share)),
    chanceWithin: (min) => (min <= shift ? 0 : normalShare(Math.log((min - shift) / scale) / sigma)),
  }
}

const certain = (min: number): MinutesSum => ({
  meanMin: min,
  sdMin: 0,
  percentileMin: () => min,
  chanceWithin: (slotMin) => (slotMin >= min ? 1 : 0),
})

/** A stage that has used up its minutes is taken to need this much more, min. Source: from memory. */
const LEAST_LEFT_MIN = 1

/**
 * What is left of a lognormal that has lasted some minutes already, as a lognormal of the same median and nine-tenths:
 * both are exact quantiles of the distribution cut off at what is spent.
 */
export function lognormalLeft({ medianMin, sigma }: Term, spentMin: number): Term {
  if (spentMin <= 0) return { medianMin, sigma }
  const gone = normalShare(Math.log(spentMin / medianMin) / sigma)
  if (gone > 0.9999) return { medianMin: Math.max(LEAST_LEFT_MIN, spentMin * sigma * LATE_SHARE), sigma: 1 }
  const at = (share: number) => medianMin * Math.exp(sigma * normalQuantile(gone + share * (1 - gone))) - spentMin
  const left = Math.max(LEAST_LEFT_MIN, at(0.5))
  return { medianMin: left, sigma: Math.max(sigma, Math.log(Math.max(1, at(0.9) / left)) / Z90) }
}

/** Of a stage far beyond its minutes nothing is known but that it goes on: this share of sigma of what was spent. Source: from memory. */
const LATE_SHARE = 0.3

/** Solves (w + 2)·√(w − 1) = skewness for w = exp(σ²), by halving; the left side grows with w. */
function widthForSkewness(skewness: number): number {
  let low = 1
  let high = 2 + skewness
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2
    if ((middle + 2) * Math.sqrt(middle - 1) < skewness) low = middle
    else high = middle
  }
  return Math.max(high, 1 + 1e-12)
}

/** Standard normal distribution function. Source: Abramowitz and Stegun (1964), 26.2.17, error below 7.5e-8. */
export function normalShare(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const poly = t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  const tail = (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * poly
  return z >= 0 ? 1 - tail : tail
}

/** Its inverse, by halving; shares of 0 and 1 give the ends of the searched range, ±10. */
export function normalQuantile(share: number): number {
  let low = -10
  let high = 10
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2
    if (normalShare(middle) < share) low = middle
    else high = middle
  }
  return (low + high) / 2
}
