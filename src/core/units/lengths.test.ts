import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { figureMm, inchFraction, inchFromMm, mmFromInch, mmFromInchFraction, showLength } from '.'

describe('lengths in inches', () => {
  it('come back the same from inches', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 300, noNaN: true }), (mm) => {
        expect(mmFromInch(inchFromMm(mm))).toBeCloseTo(mm, 9)
      }),
    )
  })

  it.each([
    [9.525, '3/8'],
    [9.5, '3/8'],
    [11, '7/16'],
    [25.4, '1'],
    [38.1, '1 1/2'],
    [0, '0'],
  ])('%s mm are written %s', (mm, words) => expect(inchFraction(mm)).toBe(words))

  it.each([
    ['1/2', 12.7],
    ['1 1/2 in', 38.1],
    ['0.5', 12.7],
    ['3/4"', 19.05],
  ])('%s is read as %s mm', (words, mm) => expect(mmFromInchFraction(words)).toBeCloseTo(mm, 9))

  it.each(['', 'half', '1/0', '3/', 'a finger'])('refuses %j', (words) => expect(mmFromInchFraction(words)).toBeNull())

  it('shows no more figures than a tool table tells', () => {
    expect(figureMm(0.25)).toBe('0.25')
    expect(figureMm(12.7)).toBe('12.7')
    expect(figureMm(41.3)).toBe('41')
    expect(showLength(9.5, 'mm')).toBe('9.5 mm')
    expect(showLength(12.7, 'inch')).toBe('1/2 in')
  })
})
