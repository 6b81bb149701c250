import { describe, expect, it } from 'vitest'
import type { Join } from '../patterns'
import type { ZoneId } from '../zones'
import { arcsOf, lengthsAlong, type SkinSample } from './lengthsAlong'

/** A square of 400 mm a side, sampled every 10 mm, one zone a side. */
const SIDES: readonly ZoneId[] = ['back', 'rump', 'skirt', 'chest']
const square: SkinSample[] = SIDES.flatMap((zone, side) =>
  Array.from({ length: 40 }, (_, step): SkinSample => {
    const along = step * 10
    const corner = [
      { x: along, y: 0 },
      { x: 400, y: along },
      { x: 400 - along, y: 400 },
      { x: 0, y: 400 - along },
    ][side]
    return { point: corner ?? { x: 0, y: 0 }, zone }
  }),
)
const LENGTHS: Partial<Record<ZoneId, number>> = { back: 10, rump: 30, skirt: 10, chest: 30 }
const lengths = (join: Join, softMm = 20) =>
  lengthsAlong(
    square,
    (zone) => LENGTHS[zone] ?? 0,
    () => join,
    softMm,
  )

describe('arc lengths', () => {
  it('are walked from the first sample, and all the way round', () => {
    const { arcs, perimeterMm } = arcsOf(square)
    expect(arcs.slice(0, 3)).toEqual([0, 10, 20])
    expect(perimeterMm).toBe(1600)
  })
})

describe('lengths along an outline', () => {
  it.each(['blend', 'taper', 'line'] as const)('the middle of every zone has its own length, joined by %s', (join) => {
    const along = lengths(join)
    expect([along[20], along[60], along[100], along[140]]).toEqual([10, 30, 10, 30])
  })
  it('at a border both zones are half of each other', () => {
    for (const join of ['blend', 'taper', 'line'] as const) expect(lengths(join)[40]).toBeCloseTo(20, 6)
  })
  it('a line is crisp: 10 mm from the border nothing is left of the neighbour', () => {
    const along = lengths('line')
    expect([along[39], along[41]]).toEqual([10, 30])
  })
  it('a blend of 20 mm reaches 40 mm to each side and no further', () => {
    const along = lengths('blend')
    expect(along[37]).toBeGreaterThan(10)
    expect(along[36]).toBe(10)
    expect(along[43]).toBeLessThan(30)
    expect(along[44]).toBe(30)
  })
  it('a taper runs over almost half of each zone, in equal steps', () => {
    const along = lengths('taper')
    const steps = [42, 44, 46, 48, 50].map((at) => (along[at + 2] ?? 0) - (along[at] ?? 0))
    for (const step of steps) expect(step).toBeCloseTo(steps[0] ?? 0, 6)
    expect(along[57]).toBeLessThan(30)
    expect(along[59]).toBe(30)
  })
  it('a crisp neighbour makes the border crisp, whatever the other wants', () => {
    const along = lengthsAlong(
      square,
      (zone) => LENGTHS[zone] ?? 0,
      (zone) => (zone === 'rump' ? 'line' : 'blend'),
      20,
    )
    expect([along[39], along[41]]).toEqual([10, 30])
    expect(along[119]).toBeGreaterThan(10)
  })
  it('bare skin is bare up to its edge', () => {
    const nosed = square.map((sample, at) => (at >= 50 && at < 60 ? { ...sample, zone: null } : sample))
    const along = lengthsAlong(
      nosed,
      () => 20,
      () => 'blend',
      20,
    )
    expect(along[55]).toBe(0)
    expect(along[48]).toBe(20)
  })
  it('one zone all round has one length all round', () => {
    const whole = square.map((sample): SkinSample => ({ ...sample, zone: 'back' }))
    expect(
      new Set(
        lengthsAlong(
          whole,
          () => 12,
          () => 'blend',
          20,
        ),
      ),
    ).toEqual(new Set([12]))
  })
  it('left and right of a pair are zones of their own', () => {
    const sided = square.map((sample, at): SkinSample => ({
      ...sample,
      zone: 'thigh',
      side: at < 80 ? 'left' : 'right',
    }))
    const along = lengthsAlong(
      sided,
      (_, side) => (side === 'left' ? 10 : 30),
      () => 'line',
      20,
    )
    expect([along[40], along[120]]).toEqual([10, 30])
  })
  it('does not mind where the outline begins', () => {
    const turned = [...square.slice(17), ...square.slice(0, 17)]
    const along = lengthsAlong(
      turned,
      (zone) => LENGTHS[zone] ?? 0,
      () => 'blend',
      20,
    )
    const straight = lengths('blend')
    for (let at = 0; at < square.length; at++)
      expect(along[at]).toBeCloseTo(straight[(at + 17) % square.length] ?? -1, 6)
  })
})
