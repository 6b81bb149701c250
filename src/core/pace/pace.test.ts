import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { seeded } from '../../../tests/generated/random'
import { house, median, predicted, visit, type House } from '../../../tests/generated/grooms'
import type { MinutesSum } from '../time'
import { shrunk } from './cells'
import { spreads } from './effects'
import { isTrusted, learn, paceOn, type Cells } from '.'

/** A house with a history, learned visit by visit. */
function learned(
  seed: number,
  visits: number,
  about: Partial<House> = {},
): { cells: Cells; made: House; next: () => number } {
  const next = seeded(seed)
  const made = { ...house(next), ...about }
  const cells: Cells = new Map()
  for (let n = 0; n < visits; n++) learn(cells, visit(made, next, { dog: n % made.dogs.length, day: 20_000 + n }).groom)
  return { cells, made, next }
}

describe('the mean of few looks is drawn toward nothing', () => {
  it.each([
    [4, 2, 1, 1, 0.4, 0.2],
    [1, 1, 0.5, 0.25, 1 / 3, 1 / 6],
    [0, 0, 1, 0.3, 0, 0.3],
  ])('as the normal-normal closed form has it: %i looks, sum %d', (n, sum, lookVar, betweenVar, mean, variance) => {
    // Posterior mean and variance of a normal mean with known variances (Gelman et al., Bayesian Data Analysis, 2.5).
    const result = shrunk({ n, sum, day: 0 }, lookVar, betweenVar)
    const precision = n / lookVar + 1 / betweenVar
    expect(result.mean).toBeCloseTo(sum / lookVar / precision, 12)
    expect(result.mean).toBeCloseTo(mean, 12)
    expect(result.variance).toBeCloseTo(1 / precision, 12)
    expect(result.variance).toBeCloseTo(variance, 12)
  })
})

describe('what generated histories with known truths teach', () => {
  it('after ten visits of a dog, 80 % of its grooms lie within the 80 % interval', () => {
    let inside = 0
    let all = 0
    for (let seed = 1; seed <= 12; seed++) {
      const { cells, made, next } = learned(seed, 400)
      for (let n = 0; n < 150; n++) {
        const { groom, totalMin } = visit(made, next, { dog: n % made.dogs.length, day: 20_400 })
        const sum = predicted(cells, groom)
        if (totalMin >= sum.percentileMin(0.1) && totalMin <= sum.percentileMin(0.9)) inside++
        all++
      }
    }
    expect(inside / all).toBeGreaterThan(0.76)
    expect(inside / all).toBeLessThan(0.84)
  })
  it.each([
    [20, 400],
    [5, 2000],
  ])(
    'promises are kept as often as they say: within 5 points in every tenth, over 10 000 grooms of %i houses after %i visits each',
    (houses, visits) => {
      const tenths = Array.from({ length: 10 }, () => ({ said: 0, kept: 0, count: 0 }))
      const day = 20_000 + visits
      for (let seed = 21; seed < 21 + houses; seed++) {
        const { cells, made, next } = learned(seed, visits)
        const sums = made.dogs.map((_, dog) => predicted(cells, visit(made, next, { dog, day }).groom))
        for (let n = 0; n < 10_000 / houses; n++) {
          const dog = n % made.dogs.length
          const sum = sums[dog] as MinutesSum
          const slotMin = sum.percentileMin(0.02 + 0.96 * next())
          const chance = sum.chanceWithin(slotMin)
          const tenth = tenths[Math.min(9, Math.floor(chance * 10))] as (typeof tenths)[0]
          tenth.said += chance
          tenth.kept += visit(made, next, { dog, day }).totalMin <= slotMin ? 1 : 0
          tenth.count++
        }
      }
      for (const { said, kept, count } of tenths) {
        expect(count).toBeGreaterThan(500)
        expect(Math.abs(kept - said) / count).toBeLessThan(0.05)
      }
    },
    90_000,
  )
  it('the spread of stages and of days is learned as it is, though what lies far off is drawn in', () => {
    const { cells, made } = learned(15, 2000)
    const { stageSigma, daySigma } = spreads(cells, 22_000)
    expect(Math.abs(stageSigma / made.noise - 1)).toBeLessThan(0.03)
    expect(Math.abs(daySigma / made.daySd - 1)).toBeLessThan(0.05)
  })
  it('a new dog’s median is within 15 % of the truth for its coat and size', () => {
    for (let seed = 41; seed <= 50; seed++) {
      const { cells, made, next } = learned(seed, 300)
      const { groom } = visit({ ...made, dogs: [{ ...(made.dogs[0] as House['dogs'][0]), log: 0 }] }, next, {
        dog: 0,
        day: 20_400,
      })
      const truth = median(made, groom)
      expect(Math.abs(predicted(cells, { ...groom, dog: 'new' }).percentileMin(0.5) / truth - 1)).toBeLessThan(0.15)
    }
  })
  it('is never worse on grooms it has not seen than the handbook alone', () => {
    for (let seed = 61; seed <= 72; seed++) {
      const { cells, made, next } = learned(seed, 25 * (1 + (seed % 6)))
      let [byBook, byHouse] = [0, 0]
      for (let n = 0; n < 200; n++) {
        const { groom, totalMin } = visit(made, next, { dog: n % made.dogs.length, day: 20_200 })
        byBook += Math.abs(Math.log(totalMin / groom.stages.reduce((sum, { priorMin }) => sum + priorMin, 0)))
        byHouse += Math.abs(Math.log(totalMin / predicted(cells, groom).percentileMin(0.5)))
      }
      expect(byHouse).toBeLessThanOrEqual(byBook)
    }
  })
  it('hardly moves in a house that is exactly as the handbook says', () => {
    for (let seed = 81; seed <= 86; seed++) {
      const next = seeded(seed)
      const made = house(next)
      const dogs = made.dogs.map((dog) => ({ ...dog, log: 0, stageLog: {} }))
      const exact = { ...made, stageLog: {}, groomerLog: {}, groomerStage: {}, coatLog: {}, dogs }
      const { cells } = learned(seed, 200, exact)
      const { groom } = visit(exact, next, { dog: 0, day: 20_400 })
      expect(Math.abs(predicted(cells, groom).percentileMin(0.5) / median(exact, groom) - 1)).toBeLessThan(0.06)
    }
  })
})

describe('one entry', () => {
  const stage = { stage: 'head', how: null, priorMin: 14 } as const
  const one = { dog: 'a', groomer: 'Wren', coat: 'drop' } as const
  const taught = (...minutes: number[]) => {
    const cells: Cells = new Map()
    minutes.forEach((actualMin, n) => learn(cells, { ...one, day: 20_000 + n, stages: [{ ...stage, actualMin }] }))
    return cells
  }
  const headLog = (cells: Cells) => {
    const pace = paceOn(cells, one, 20_020)
    return pace ? (pace.stages.head?.house ?? 0) + (pace.stages.head?.dog ?? 0) : 0
  }
  it('that is absurd does not bend it: a stage left running overnight counts as a slow one', () => {
    const usual = Array.from({ length: 12 }, () => 18)
    const [plain, bent] = [headLog(taught(...usual)), headLog(taught(...usual, 700))]
    expect(bent).toBeLessThan(plain + 0.2)
    expect(headLog(taught(...usual, 18, 18, 18, 18))).toBeCloseTo(Math.log(18 / 14), 1)
  })
  it('that is a slip of the hand teaches nothing', () => expect(taught(0.1).size).toBe(0))
  it('that is newer weighs more', () => {
    const cells: Cells = new Map()
    for (const [day, actualMin] of [
      [18_000, 24],
      [20_000, 16],
    ] as const)
      for (let n = 0; n < 6; n++) learn(cells, { ...one, day: day + n, stages: [{ ...stage, actualMin }] })
    expect(headLog(cells)).toBeLessThan((Math.log(24 / 14) + Math.log(16 / 14)) / 2)
  })
  it('nothing learned is nothing said', () => {
    expect(paceOn(new Map(), one, 20_000)).toBeNull()
    expect(isTrusted(new Map(), 20_000)).toBe(true)
  })
})

describe('whatever was learned', () => {
  it('is the same for the same visits, and finite', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 10_000 }), fc.integer({ min: 1, max: 12 }), (seed, visits) => {
        const [a, b] = [learned(seed, visits), learned(seed, visits)]
        expect([...a.cells]).toEqual([...b.cells])
        for (const { n, sum } of a.cells.values()) expect(Number.isFinite(n + sum)).toBe(true)
      }),
      { numRuns: 20 },
    ))
})
