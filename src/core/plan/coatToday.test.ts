import { describe, expect, it } from 'vitest'
import { coatToday } from '.'

const DOG = { name: 'Any', coat: 'curly', build: 'square', weightKg: 10 } as const
const LAST = {
  date: '2027-01-19',
  card: [
    { zone: 'back' as const, lengthMm: 9.5 },
    { zone: 'lashes' as const, lengthMm: 20 },
    { zone: 'ear-edge' as const, side: 'left' as const, lengthMm: 24 },
    { zone: 'ear-edge' as const, side: 'right' as const, lengthMm: 21 },
  ],
}

describe('the coat on the day', () => {
  const today = coatToday({ dog: DOG, date: '2027-03-02', coatNowMm: { bridge: 2 }, last: LAST })
  it('is what was measured', () => expect(today.get('bridge')).toBe(2))
  it('else what the last card left, grown six weeks at 3 mm', () => expect(today.get('back')).toBe(27.5))
  it('of two sides the shorter one', () => expect(today.get('ear-edge')).toBe(39))
  it('hair that wears off stops there', () => expect(today.get('lashes')).toBe(25))
  it('else the longest that was measured', () => expect(today.get('tail')).toBe(2))
  it('a guess of 30 mm when nobody knows anything', () =>
    expect(coatToday({ dog: DOG, date: '2027-03-02', coatNowMm: {} }).get('back')).toBe(30))
  it('never more than a card can hold, however long ago', () => {
    const old = { ...LAST, date: '2020-01-19' }
    expect(coatToday({ dog: DOG, date: '2027-03-02', coatNowMm: {}, last: old }).get('back')).toBe(300)
  })
  it('a spaniel’s face stays short by itself', () => {
    const silky = coatToday({
      dog: { ...DOG, coat: 'silky' },
      date: '2027-12-02',
      coatNowMm: {},
      last: { date: '2027-01-19', card: [{ zone: 'muzzle', lengthMm: 8 }] },
    })
    expect(silky.get('muzzle')).toBe(10)
  })
})
