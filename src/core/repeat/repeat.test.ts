import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { LastEntry } from '../request'
import { ZONES, type ZoneId } from '../zones'
import { bent, repeatScore } from '.'

const cut = (zone: ZoneId, lengthMm: number, rest: Partial<LastEntry> = {}): LastEntry => ({
  zone,
  lengthMm,
  method: 'scissor',
  side: null,
  ...rest,
})

describe('how close one trim came to another', () => {
  it('is 100 for the same, and stays so within what no eye sees', () => {
    expect(repeatScore([cut('back', 13), cut('skull', 25)], [cut('back', 13), cut('skull', 25)])).toBe(100)
    expect(repeatScore([cut('back', 13)], [cut('back', 14)])).toBe(100)
  })
  it('falls with the distance, down to 0', () => {
    const at = (mm: number) => repeatScore([cut('back', 13)], [cut('back', mm)]) ?? 0
    expect(at(18)).toBeLessThan(at(16))
    expect(at(60)).toBe(0)
  })
  it('three millimetres on the bridge count more than three on the tail, where no eye sees them', () => {
    const card = [cut('bridge', 2), cut('tail', 60)]
    expect(repeatScore(card, [cut('bridge', 5), cut('tail', 60)])).toBe(90)
    expect(repeatScore(card, [cut('bridge', 2), cut('tail', 63)])).toBe(100)
  })
  it('one ear 6 mm off is what a careful owner sees, however many zones are right: 90', () => {
    const card = ZONES.map((zone) => cut(zone, 40))
    const oneEar = [
      ...card.filter(({ zone }) => zone !== 'ear-edge'),
      cut('ear-edge', 40, { side: 'left' }),
      cut('ear-edge', 34, { side: 'right' }),
    ]
    expect(repeatScore(card, oneEar)).toBe(90)
  })
  it('is under 75 where anyone would see it: the whole topline twice as long', () => {
    const card = [cut('back', 12), cut('rump', 12), cut('neck', 12), cut('skull', 25)]
    expect(repeatScore(card, [cut('back', 24), cut('rump', 24), cut('neck', 24), cut('skull', 25)])).toBe(0)
    expect(repeatScore(card, [cut('back', 16), cut('rump', 16), cut('neck', 16), cut('skull', 25)])).toBeLessThan(75)
  })
  it('what is hidden hardly counts', () =>
    expect(repeatScore([cut('belly', 3)], [cut('belly', 6)])).toBeGreaterThan(95))
  it('takes the side that is further off', () =>
    expect(
      repeatScore([cut('foreleg', 25)], [cut('foreleg', 25, { side: 'left' }), cut('foreleg', 40, { side: 'right' })]),
    ).toBeLessThan(70))
  it('is none where nothing that was to be cut is shared', () => {
    expect(repeatScore([], [cut('back', 3)])).toBeNull()
    expect(repeatScore([cut('back', 13, { method: 'leave' })], [cut('back', 3)])).toBeNull()
  })
  it('is always 0 to 100', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.constantFrom(...ZONES),
            fc.double({ min: 0, max: 300, noNaN: true }),
            fc.double({ min: 0, max: 300, noNaN: true }),
          ),
        ),
        (zones) => {
          const score = repeatScore(
            zones.map(([zone, mm]) => cut(zone, mm)),
            zones.map(([zone, , mm]) => cut(zone, mm)),
          )
          if (score !== null) expect(score >= 0 && score <= 100).toBe(true)
        },
      ),
    ))
})

describe('the owner’s word', () => {
  it('makes longer what was too short and shorter what was too long, tools chosen anew', () => {
    const [ears, back, tail] = bent(
      [cut('ear-edge', 20), cut('back', 5.5, { method: 'clip', blade: '4F', lay: 'against' }), cut('tail', 45)],
      { 'ear-edge': 'too short', back: 'too long' },
    )
    expect(ears?.lengthMm).toBe(24)
    expect(back).toMatchObject({ lengthMm: 3.5, blade: null })
    expect(tail?.lengthMm).toBe(45)
  })
  it('never bends below the skin', () => expect(bent([cut('pads', 1)], { pads: 'too long' })[0]?.lengthMm).toBe(0))
})
