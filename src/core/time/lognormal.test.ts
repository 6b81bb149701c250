import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { normalQuantile, normalShare, stageP90Min, sumOfLognormals } from './lognormal'

const someTerms = fc.array(
  fc.record({
    medianMin: fc.double({ min: 0.5, max: 120, noNaN: true }),
    sigma: fc.double({ min: 0.05, max: 0.6, noNaN: true }),
  }),
  { minLength: 1, maxLength: 30 },
)

describe('the normal distribution (published tables)', () => {
  it.each([
    [0, 0.5],
    [1, 0.8413447],
    [1.959964, 0.975],
    [-1.2815516, 0.1],
    [3, 0.9986501],
  ])('share below %s is %s', (z, share) => expect(normalShare(z)).toBeCloseTo(share, 6))
  it('the quantile is its inverse', () => {
    for (const share of [0.01, 0.1, 0.5, 0.85, 0.9, 0.999])
      expect(normalShare(normalQuantile(share))).toBeCloseTo(share, 7)
  })
})

describe('a sum of stages', () => {
  it('of one stage is that lognormal itself', () => {
    const one = sumOfLognormals([{ medianMin: 20, sigma: 0.25 }])
    expect(one.percentileMin(0.5)).toBeCloseTo(20, 3)
    expect(one.percentileMin(0.9)).toBeCloseTo(stageP90Min(20), 2)
  })
  it('percentiles and chances agree with each other', () => {
    fc.assert(
      fc.property(someTerms, fc.double({ min: 0.02, max: 0.98, noNaN: true }), (terms, share) => {
        const sum = sumOfLognormals(terms)
        expect(sum.chanceWithin(sum.percentileMin(share))).toBeCloseTo(share, 5)
      }),
    )
  })
  it('waits move all of it by as much', () => {
    fc.assert(
      fc.property(someTerms, fc.nat(60), (terms, waitMin) => {
        expect(sumOfLognormals(terms, waitMin).percentileMin(0.9)).toBeCloseTo(
          sumOfLognormals(terms).percentileMin(0.9) + waitMin,
          5,
        )
      }),
    )
  })
  it('one more stage never makes a slot likelier', () => {
    fc.assert(
      fc.property(someTerms, fc.double({ min: 1, max: 600, noNaN: true }), (terms, slotMin) => {
        const more = sumOfLognormals([...terms, { medianMin: 5, sigma: 0.25 }])
        expect(more.chanceWithin(slotMin)).toBeLessThanOrEqual(sumOfLognormals(terms).chanceWithin(slotMin) + 0.002)
      }),
    )
  })
})
