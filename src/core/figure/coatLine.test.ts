import { describe, expect, it } from 'vitest'
import type { CoatId } from '../coat'
import { coatLine as line, counterClockwise } from './coatLine'
import type { SkinSample } from './lengthsAlong'
import { distance, pathOf, sampleCurve } from './curve'
import type { Point } from './frames'
import type { ZoneId } from '../zones'

/** A round body of radius 100 mm, high above the floor: its offset is known in closed form. */
const circle = (zone: SkinSample['zone'] = 'back'): SkinSample[] =>
  Array.from({ length: 360 }, (_, degree) => {
    const angle = (degree * Math.PI) / 180
    return { point: { x: 100 * Math.cos(angle), y: 500 + 100 * Math.sin(angle) }, zone }
  })
const coatLine = (samples: SkinSample[], lengthMm: (zone: ZoneId) => number, coat: CoatId, softMm: number) =>
  line(samples, { lengthAt: lengthMm, joinOf: () => 'blend', coat, softMm })
const radii = (points: Point[]) => points.map((point) => distance(point, { x: 0, y: 500 }))

describe('the coat line', () => {
  it('of 25 mm standing coat lies 25 mm outside the skin, all round', () => {
    for (const radius of radii(coatLine(circle(), () => 25, 'curly', 8)))
      expect(Math.abs(radius - 125)).toBeLessThan(0.2)
  })
  it('of hanging coat lies low on top and long below', () => {
    const line = coatLine(circle(), () => 60, 'drop', 8)
    const ys = line.map(({ y }) => y)
    expect(Math.max(...ys)).toBeLessThan(500 + 100 + 40)
    expect(Math.min(...ys)).toBeLessThan(500 - 100 - 45)
  })
  it('of bare skin is the skin', () =>
    expect(Math.max(...radii(coatLine(circle(null), () => 25, 'curly', 8)))).toBeCloseTo(100, 6))
  it('never goes under the floor', () => {
    const low = circle('foreleg').map(({ point, zone }) => ({ zone, point: { x: point.x, y: point.y - 395 } }))
    expect(Math.min(...coatLine(low, () => 60, 'drop', 8).map(({ y }) => y))).toBe(0)
  })
  it('blends between two lengths without a step', () => {
    const halves = circle().map((sample, degree) => ({
      ...sample,
      zone: degree < 180 ? ('back' as const) : ('side' as const),
    }))
    const round = radii(coatLine(halves, (zone) => (zone === 'back' ? 40 : 10), 'curly', 15))
    const steps = round.map((radius, at) => Math.abs(radius - (round[(at + 1) % round.length] as number)))
    expect(Math.max(...round)).toBeGreaterThan(138)
    expect(Math.min(...round)).toBeLessThan(112)
    expect(Math.max(...steps)).toBeLessThan(2)
  })
  it('a clockwise outline is turned round before normals are taken', () => {
    const turned = counterClockwise([...circle()].reverse())
    expect(turned[0]?.point).toEqual(circle()[0]?.point)
  })
})

describe('the curve', () => {
  const corners = [
    { x: 0, y: 0 },
    { x: 100, y: 0 },
    { x: 100, y: 50 },
    { x: 0, y: 50 },
  ]
  it('goes through its points', () => {
    const samples = sampleCurve(corners, 5, true)
    for (const corner of corners) expect(samples.some(({ point }) => distance(point, corner) < 1e-6)).toBe(true)
  })
  it('has samples about a step apart, and knows where each segment began', () => {
    const samples = sampleCurve(corners, 5, true)
    for (let at = 1; at < samples.length; at++)
      expect(
        distance((samples[at - 1] as (typeof samples)[0]).point, (samples[at] as (typeof samples)[0]).point),
      ).toBeLessThan(9)
    expect(new Set(samples.map(({ from }) => from))).toEqual(new Set([0, 1, 2, 3]))
  })
  it('two equal points do no harm', () => {
    for (const { point } of sampleCurve(
      [
        { x: 0, y: 0 },
        { x: 0, y: 0 },
        { x: 9, y: 9 },
      ],
      2,
      true,
    ))
      expect(Number.isFinite(point.x + point.y)).toBe(true)
  })
  it('a path is in screen coordinates, y downward, to a tenth', () =>
    expect(
      pathOf(
        [
          { x: 1.26, y: 2 },
          { x: 3, y: -4 },
        ],
        false,
      ),
    ).toBe('M1.3 -2L3 4'))
})
