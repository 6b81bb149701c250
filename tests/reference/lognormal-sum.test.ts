import { describe, expect, it } from 'vitest'
import { sumOfLognormals } from '@/core/time'
import reference from './lognormal-sum.json'

/*
 * Source: the five-term sum in lognormal-sum.json, computed by numerical convolution (fast Fourier transform, step
 * 0.0025) and confirmed there by Monte Carlo with 5 000 000 and 100 000 000 draws.
 */
describe('a sum of five lognormal stages against numerical convolution', () => {
  const sum = sumOfLognormals(reference.inputs.terms.map(({ median, sigma }) => ({ medianMin: median, sigma })))
  const exact = reference.deterministic_values

  it('has the mean and deviation of the closed form', () => {
    expect(sum.meanMin).toBeCloseTo(exact.mean, 5)
    expect(sum.sdMin).toBeCloseTo(exact.sd, 5)
  })
  it.each([
    [0.5, exact.P50],
    [0.85, exact.P85],
    [0.9, exact.P90],
    [0.95, exact.P95],
  ])('%s percentile is within 0.1 min of %s', (share, min) =>
    expect(Math.abs(sum.percentileMin(share) - min)).toBeLessThan(0.1),
  )
  it('has the chance of 95 min within 0.001', () =>
    expect(Math.abs(sum.chanceWithin(reference.inputs.threshold) - exact.prob_le_95)).toBeLessThan(0.001))
})
