import fc from 'fast-check'
import { expect, it } from 'vitest'
import { COATS, grownMm, readyOn } from '.'

it('a curly coat of 9.5 mm has 27.5 after six weeks', () => expect(grownMm(9.5, 6, 'curly')).toBeCloseTo(27.5))
it('stops at the terminal length, and never shrinks one that is longer', () => {
  expect(grownMm(50, 52, 'wire')).toBe(60)
  expect(grownMm(80, 52, 'wire')).toBe(80)
})
it('counts whole days, rounded up: 10 mm at 3 a week are 23.3 days', () =>
  expect(readyOn(12, 2, 'curly', '2027-03-02')).toBe('2027-03-26'))
it('an exact number of days is not rounded up: 3 mm are 7 days', () =>
  expect(readyOn(5, 2, 'curly', '2027-03-02')).toBe('2027-03-09'))
it('says null beyond the terminal length', () => expect(readyOn(61, 2, 'wire', '2027-03-02')).toBeNull())
it('more weeks never mean less coat', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...COATS),
      fc.double({ min: 0, max: 200, noNaN: true }),
      fc.nat(60),
      (coat, mm, weeks) => {
        expect(grownMm(mm, weeks + 1, coat)).toBeGreaterThanOrEqual(grownMm(mm, weeks, coat))
      },
    ),
  )
})
