import { describe, expect, it } from 'vitest'
import type { ZoneId } from '@/core/zones'
import { placeCallouts, type Callout } from './callouts'
import { lengthColour } from './ramp'

const ROOM = { width: 600, height: 430, gap: 52 }
const DOTS: Partial<Record<ZoneId, { x: number; y: number }>> = {
  skull: { x: 180, y: 60 },
  muzzle: { x: 120, y: 100 },
  chin: { x: 130, y: 120 },
  chest: { x: 200, y: 230 },
  back: { x: 380, y: 170 },
  tail: { x: 480, y: 90 },
  thigh: { x: 450, y: 240 },
  hock: { x: 470, y: 360 },
}
const callouts = (Object.keys(DOTS) as ZoneId[]).map((zone): Callout => ({
  zone,
  name: zone,
  figure: '1',
  unit: 'mm',
  lengthMm: 1,
}))
const placed = placeCallouts(callouts, (zone) => DOTS[zone], ROOM)

describe('callouts in the margins', () => {
  it('stand on the side of their dot', () =>
    expect(placed.filter(({ side }) => side === 'left').map(({ zone }) => zone)).toEqual([
      'skull',
      'muzzle',
      'chin',
      'chest',
    ]))
  it('keep the order of their dots and their distance, inside the paper', () => {
    for (const side of ['left', 'right'] as const) {
      const column = placed.filter((each) => each.side === side)
      column.forEach((each, at) => {
        const before = column[at - 1]
        if (before) expect(each.labelY - before.labelY).toBeGreaterThanOrEqual(ROOM.gap)
        expect(each.labelY).toBeLessThan(ROOM.height)
      })
    }
  })
  it('leave out a zone that has no place on this view', () =>
    expect(placeCallouts(callouts, () => undefined, ROOM)).toEqual([]))
})

describe('the length ramp', () => {
  it('is the token at its stop and a mix between', () => {
    expect(lengthColour(10)).toBe('#D9D08A'.toLowerCase())
    expect(lengthColour(13)).toBe('#c9c681')
    expect(lengthColour(200)).toBe('#54744F')
  })
})
