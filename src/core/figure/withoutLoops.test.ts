import { polygon } from '@turf/helpers'
import { kinks } from '@turf/kinks'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Point } from './frames'
import { area, withoutLoops } from './withoutLoops'

const p = (x: number, y: number): Point => ({ x, y })
const crossings = (points: readonly Point[]): number =>
  points.length < 4 ? 0 : kinks(polygon([[...points, points[0] as Point].map(({ x, y }) => [x, y])])).features.length

describe('area by the shoelace formula', () => {
  it('is twice the area, positive counter-clockwise', () => {
    const square = [p(0, 0), p(10, 0), p(10, 10), p(0, 10)]
    expect(area(square)).toBe(200)
    expect(area([...square].reverse())).toBe(-200)
  })
})

describe('an outline without loops', () => {
  it('stays as it is when nothing crosses', () => {
    const square = [p(0, 0), p(100, 0), p(100, 100), p(0, 100)]
    expect(withoutLoops(square)).toEqual(square)
  })
  it('loses a small loop that is turned inside out, and keeps the rest', () => {
    // Down the right side the line overshoots at the corner and comes back: a bow of 20 by 20.
    const bowed = [p(0, 0), p(100, 0), p(100, 110), p(120, 110), p(120, 90), p(90, 90), p(90, 100), p(0, 100)]
    const clean = withoutLoops(bowed)
    expect(crossings(clean)).toBe(0)
    expect(area(clean)).toBeGreaterThan(15_000)
  })
  it('keeps the larger lobe of a figure of eight', () => {
    const eight = [p(0, 0), p(100, 100), p(100, 0), p(-30, 130)]
    const clean = withoutLoops(eight)
    expect(crossings(clean)).toBe(0)
    expect(clean.length).toBeGreaterThanOrEqual(3)
  })
  it('keeps what its points carry', () => {
    const carried = [p(0, 0), p(100, 0), p(100, 100), p(0, 100)].map((point, at) => ({ ...point, lengthMm: at }))
    expect(withoutLoops(carried).map(({ lengthMm }) => lengthMm)).toEqual([0, 1, 2, 3])
  })
  it('leaves no crossing in any wobbly ring (referee: Turf’s kinks)', () => {
    const ring = fc.array(fc.integer({ min: 30, max: 160 }), { minLength: 12, maxLength: 40 })
    fc.assert(
      fc.property(
        ring,
        fc.array(fc.integer({ min: -45, max: 45 }), { minLength: 40, maxLength: 40 }),
        (radii, wobble) => {
          const points = radii.map((radius, at) => {
            const angle = ((at * 360) / radii.length + (wobble[at] ?? 0)) * (Math.PI / 180)
            return p(radius * Math.cos(angle), radius * Math.sin(angle))
          })
          expect(crossings(withoutLoops(points))).toBe(0)
        },
      ),
      { seed: 9, numRuns: 150 },
    )
  })
})
