import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUILDS } from '../build'
import type { ZoneId } from '../zones'
import { balance, boundedLeastSquares, hemClearanceMm, longestClearMm, targetsOf } from '.'

const DOG = { build: 'square', heightCm: 52, lengthCm: 52 } as const
const all = (mm: number) => () => mm

describe('hem and plume', () => {
  it('a relaxed tail tip hangs at 0.93 × 520 − 190 = 293.6 mm; an inch clear leaves 268', () =>
    expect(longestClearMm(DOG, 'tail', 25.4)).toBe(268))
  it('the skirt hangs from the underline: 520 − 235 = 285; 200 mm of skirt are 85 off the floor', () =>
    expect(hemClearanceMm(DOG, 'skirt', 200)).toBe(85))
  it('coat that does not reach down has no hem', () => expect(longestClearMm(DOG, 'skull', 25)).toBeNull())
  it('a hem never sinks under the floor', () => expect(hemClearanceMm({ build: 'toy' }, 'skirt', 300)).toBe(0))
})

describe('least squares in a box', () => {
  it('is the plain answer where the box does not bind: x + y = 10, x − y = 2', () => {
    const rows = [
      { a: [1, 1], b: 10 },
      { a: [1, -1], b: 2 },
    ]
    const [x, y] = boundedLeastSquares(
      rows,
      [
        { low: 0, high: 99 },
        { low: 0, high: 99 },
      ],
      [0, 0],
    )
    expect(x).toBeCloseTo(6, 6)
    expect(y).toBeCloseTo(4, 6)
  })
  it('stops at the wall and mends with the other: x at most 3 gives y = 4, half way between 7 and 1', () => {
    const rows = [
      { a: [1, 1], b: 10 },
      { a: [1, -1], b: 2 },
    ]
    const solved = boundedLeastSquares(
      rows,
      [
        { low: 0, high: 3 },
        { low: 0, high: 99 },
      ],
      [0, 0],
    )
    expect(solved[0]).toBe(3)
    expect(solved[1]).toBeCloseTo(4, 6)
  })
  it('no point of the box does better, by brute force', () => {
    const rowsOf = fc.array(
      fc.record({
        a: fc.tuple(fc.integer({ min: -3, max: 3 }), fc.integer({ min: -3, max: 3 })),
        b: fc.integer({ min: -20, max: 20 }),
      }),
      { minLength: 2, maxLength: 4 },
    )
    const cost = (rows: { a: readonly number[]; b: number }[], x: readonly number[]) =>
      rows.reduce((sum, { a, b }) => sum + (a.reduce((dot, each, at) => dot + each * (x[at] ?? 0), 0) - b) ** 2, 0)
    fc.assert(
      fc.property(rowsOf, (rows) => {
        const solved = boundedLeastSquares(
          rows,
          [
            { low: 0, high: 5 },
            { low: 0, high: 5 },
          ],
          [1, 1],
        )
        const best = cost(rows, solved)
        for (let x = 0; x <= 5; x += 0.25)
          for (let y = 0; y <= 5; y += 0.25) expect(best).toBeLessThanOrEqual(cost(rows, [x, y]) + 1e-6)
      }),
      { seed: 11 },
    )
  })
})

describe('advice on proportion', () => {
  const square = targetsOf('one-length', DOG)
  it('asks nothing of a style without a proportion', () => expect(targetsOf('long-drop', DOG)).toEqual([]))
  it('a square dog with 40 mm of chest and rump looks 600 long and 530 high: chest and rump tighter, back longer', () => {
    const card = (zone: ZoneId) => (zone === 'chest' || zone === 'rump' ? 40 : 10)
    const made = balance(DOG, square, card, all(60))
    expect(made.targets[0]?.before).toBeCloseTo(600 / 530, 6)
    const to = new Map(made.advice.map(({ zone, toMm }) => [zone, toMm]))
    expect(to.get('chest')).toBeLessThan(40)
    expect(to.get('rump')).toBeLessThan(40)
    expect(to.get('back')).toBeGreaterThan(10)
    expect(made.targets[0]).toMatchObject({ reached: true })
  })
  it('never advises more than the coat that is there, and says what it cannot reach', () => {
    const long = { build: 'square', heightCm: 40, lengthCm: 55 } as const
    const made = balance(long, targetsOf('one-length', long), all(10), all(20))
    for (const { toMm } of made.advice) expect(toMm).toBeLessThanOrEqual(20)
    expect(made.targets[0]?.reached).toBe(false)
  })
  it('the round cotton head as three to five (AKC standard of the Bichon Frise, from memory)', () => {
    const dog = { build: 'toy' } as const
    const target = targetsOf('round-cotton', dog).find(({ id }) => id === 'muzzle-skull')
    expect(target?.ratio).toBe(0.6)
    // muzzle 38 + 25 against skull 66 + 40 is 0.594: as good as reached
    const card = (zone: ZoneId) => ({ muzzle: 25, skull: 40 })[zone as 'muzzle'] ?? 16
    const made = balance(dog, target ? [target] : [], card, all(60))
    expect(made.targets[0]?.before).toBeCloseTo(63 / 106, 6)
    expect(made.targets[0]?.reached).toBe(true)
  })
  it('comes nearer on every build, never farther', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...BUILDS),
        fc.integer({ min: 5, max: 40 }),
        fc.integer({ min: 40, max: 90 }),
        (build, card, present) => {
          const dog = { build }
          for (const { before, after, ratio } of balance(dog, targetsOf('one-length', dog), all(card), all(present))
            .targets)
            expect(Math.abs(after - ratio)).toBeLessThanOrEqual(Math.abs(before - ratio) + 0.005)
        },
      ),
    )
  })
})
