import { describe, expect, it } from 'vitest'
import { FLOOR_TO_TABLE, allowedMin, noiseDose, recommendedWeightKg } from '@/core/care'

describe('the revised lifting equation (NIOSH Publication 94-110)', () => {
  it('allows 23 kg in the best place: 25 cm out, 75 cm up, 25 cm of travel', () =>
    expect(
      recommendedWeightKg({
        horizontalCm: 25,
        verticalCm: 75,
        travelCm: 25,
        asymmetryDeg: 0,
        frequency: 1,
        coupling: 1,
      }),
    ).toBeCloseTo(23, 9))
  it('meets its worked example of loading punch press stock at the origin: 16.3 lb (values from memory), within 5 %', () => {
    const inch = 2.54
    const limit = recommendedWeightKg({
      horizontalCm: 23 * inch,
      verticalCm: 15 * inch,
      travelCm: 48 * inch,
      asymmetryDeg: 0,
      frequency: 1,
      coupling: 0.95,
    })
    expect(limit / (16.3 * 0.4536)).toBeGreaterThan(0.95)
    expect(limit / (16.3 * 0.4536)).toBeLessThan(1.05)
  })
  it('from the floor to a table: 23 × 25/40 × (1 − 0.003 × 55) × (0.82 + 4.5/70), by hand 10.61 kg', () =>
    expect(recommendedWeightKg(FLOOR_TO_TABLE)).toBeCloseTo(23 * 0.625 * 0.835 * 0.884286, 3))
  it('turning 45° takes 14.4 % away', () =>
    expect(
      recommendedWeightKg({ ...FLOOR_TO_TABLE, asymmetryDeg: 45 }) / recommendedWeightKg(FLOOR_TO_TABLE),
    ).toBeCloseTo(0.856, 9))
})

describe('the noise limit (NIOSH Publication 98-126, table 1-1)', () => {
  it.each([
    [85, 480],
    [88, 240],
    [91, 120],
    [94, 60],
    [97, 30],
    [100, 15],
  ])('%s dBA may be borne %s minutes a day', (level, minutes) => expect(allowedMin(level)).toBeCloseTo(minutes, 9))
  it('48 minutes at a blower of 95 dBA use up the day', () => expect(noiseDose(48)).toBeCloseTo(1.008, 2))
})
