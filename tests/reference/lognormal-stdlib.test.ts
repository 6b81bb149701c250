import cdf from '@stdlib/stats-base-dists-lognormal-cdf'
import quantile from '@stdlib/stats-base-dists-lognormal-quantile'
import { describe, expect, it } from 'vitest'
import { lognormalLeft, sumOfLognormals, sumOverDays } from '@/core/time'

/*
 * Source: the lognormal distribution of stdlib, a general-purpose statistics library for JavaScript, which shares no
 * line with ours.
 */
const SHARES = [0.05, 0.1, 0.5, 0.85, 0.9, 0.99]

describe('one stage against a statistics library', () => {
  it.each([
    [14, 0.25],
    [60, 0.1],
    [3, 0.5],
  ])('median %d min, sigma %d: percentiles and chances', (medianMin, sigma) => {
    const one = sumOfLognormals([{ medianMin, sigma }])
    for (const share of SHARES)
      expect(one.percentileMin(share) / quantile(share, Math.log(medianMin), sigma)).toBeCloseTo(1, 4)
    for (const min of [0.6, 1, 1.4])
      expect(one.chanceWithin(medianMin * min)).toBeCloseTo(cdf(medianMin * min, Math.log(medianMin), sigma), 4)
  })
})

describe('a day that slows all stages alike', () => {
  it('makes one stage as wide as both spreads together', () => {
    const [medianMin, sigma, daySigma] = [40, 0.2, 0.12]
    const sum = sumOverDays([{ medianMin, sigma }], 0, daySigma)
    for (const share of SHARES)
      expect(sum.percentileMin(share) / quantile(share, Math.log(medianMin), Math.hypot(sigma, daySigma))).toBeCloseTo(
        1,
        2,
      )
  })
  it('makes many sure stages a lognormal of the day alone', () => {
    const sum = sumOverDays(
      Array.from({ length: 20 }, () => ({ medianMin: 6, sigma: 0.0001 })),
      0,
      0.1,
    )
    for (const share of [0.1, 0.5, 0.9])
      expect(sum.percentileMin(share) / quantile(share, Math.log(120), 0.1)).toBeCloseTo(1, 1)
  })
})

describe('a stage that has lasted a while', () => {
  it.each([8, 14, 20, 30])(
    '%d min: the median of what is left is the one of the distribution cut off there',
    (spentMin) => {
      const left = lognormalLeft({ medianMin: 14, sigma: 0.3 }, spentMin)
      const gone = cdf(spentMin, Math.log(14), 0.3)
      expect(left.medianMin).toBeCloseTo(
        Math.max(1, quantile(gone + 0.5 * (1 - gone), Math.log(14), 0.3) - spentMin),
        2,
      )
    },
  )
})
