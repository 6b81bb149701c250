import fc from 'fast-check'
import { expect, it } from 'vitest'
import { freeStretches, without, type Taken } from '.'

const HOURS = { from: 540, to: 1020 }
const anyStretch = fc
  .tuple(fc.integer({ min: 300, max: 1200 }), fc.integer({ min: 0, max: 240 }))
  .map(([from, min]) => ({
    from,
    to: from + min,
  }))

it('what is free and what is given away make up the hours, and never lie across each other', () => {
  fc.assert(
    fc.property(fc.array(anyStretch, { maxLength: 12 }), (given) => {
      const free = without(HOURS, given)
      const minutes = Array.from({ length: HOURS.to - HOURS.from }, (_, at) => HOURS.from + at)
      const isGiven = (min: number) => given.some(({ from, to }) => from <= min && min < to)
      const isFree = (min: number) => free.some(({ from, to }) => from <= min && min < to)
      for (const min of minutes) expect(isFree(min)).toBe(!isGiven(min))
      // Each stands apart from the next: two that touch would be one.
      free.forEach(({ from, to }, at) => {
        expect(to).toBeGreaterThan(from)
        expect(from).toBeGreaterThan(free[at - 1]?.to ?? -1)
      })
    }),
  )
})

it('a day has its person’s hours without dogs, the break and what is their own', () => {
  const hand = { id: 7, work: { rest: { from: '12:30', to: '13:00' } } }
  const taken: Taken[] = [
    { staffId: 7, day: '2026-11-25', from: 600, to: 700, dogId: 1, dog: 'Rook', householdId: 1 },
    { staffId: 8, day: '2026-11-25', from: 700, to: 800, dogId: 2, dog: 'Clover', householdId: 2 },
    { staffId: 7, day: '2026-11-26', from: 540, to: 600, dogId: 3, dog: 'Tansy', householdId: 3 },
  ]
  const busy = [{ staffId: 7, day: '2026-11-25', from: 960, to: 1100, why: 'dentist' }]
  expect(freeStretches('2026-11-25', { opening: {}, hand, taken, busy })).toEqual([
    { from: 540, to: 600 },
    { from: 700, to: 750 },
    { from: 780, to: 960 },
  ])
  expect(freeStretches('2026-11-25', { opening: { days: {} }, hand, taken, busy })).toEqual([])
})
