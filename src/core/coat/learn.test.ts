import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { COATS, COAT_FACTS, growthSteps, learnRates, ratesOf, readyOn, type GrowthPair } from '.'

const pair = (leftMm: number, foundMm: number, weeks: number): GrowthPair => ({ group: 'body', leftMm, foundMm, weeks })

/** Normal noise from a seeded source (Box and Muller 1958 over a linear congruential generator). */
function noise(seed: number): () => number {
  let state = seed
  const share = () => (state = (state * 1664525 + 1013904223) % 4294967296) / 4294967296
  return () => Math.sqrt(-2 * Math.log(1 - share())) * Math.cos(2 * Math.PI * share())
}

describe('a dog’s own growth', () => {
  it('is the coat’s rate while nothing is known, and nothing is claimed to be learned', () => {
    const learned = learnRates('curly', [])
    expect(learned.body).toMatchObject({ mmPerWeek: 3, pairs: 0 })
    expect(learned.body.sdMmPerWeek).toBeCloseTo(0.75, 6)
    expect(ratesOf(learned)).toEqual({})
  })
  it('one pair is the normal-normal mean, worked by hand', () => {
    // 9.5 left, 31.1 found after 6 weeks is 3.6 a week; sd of it = hypot(2.1213/6, 0.36) = 0.5047, prior sd 0.75.
    // t weight at the answer w = 5/(4 + ((3.6-m)/0.5047)²); m solves (3·1.7778 + 3.6·3.926w)/(1.7778 + 3.926w) = 3.434
    const learned = learnRates('curly', [pair(9.5, 31.1, 6)])
    expect(learned.body.mmPerWeek).toBeCloseTo(3.434, 2)
    expect(learned.legs.pairs).toBe(0)
  })
  it('many pairs bring it to the dog, and its uncertainty down', () => {
    const few = learnRates(
      'curly',
      Array.from({ length: 2 }, () => pair(10, 34, 6)),
    )
    const many = learnRates(
      'curly',
      Array.from({ length: 20 }, () => pair(10, 34, 6)),
    )
    expect(Math.abs(many.body.mmPerWeek - 4)).toBeLessThan(Math.abs(few.body.mmPerWeek - 4))
    expect(many.body.mmPerWeek).toBeCloseTo(4, 1)
    expect(many.body.sdMmPerWeek).toBeLessThan(few.body.sdMmPerWeek)
  })
  it('one slip of the pen, 280 for 28, moves it by less than a twentieth and is called doubtful', () => {
    const good = Array.from({ length: 6 }, () => pair(10, 28, 6))
    const slipped = learnRates('curly', [...good, pair(10, 280, 6)])
    expect(Math.abs(slipped.body.mmPerWeek - learnRates('curly', good).body.mmPerWeek)).toBeLessThan(0.15)
    expect(slipped.body.doubted).toBe(1)
  })
  it('does not learn from a coat that has stopped growing, nor within two weeks', () => {
    expect(learnRates('wire', [pair(50, 58, 8)]).body.pairs).toBe(0)
    expect(learnRates('curly', [pair(10, 12, 1)]).body.pairs).toBe(0)
  })
  it('recovers a known rate from noisy visits of 300 dogs within a twentieth, on average without a lean', () => {
    const normal = noise(5)
    const errors = Array.from({ length: 300 }, () => {
      const truth = 3 * (1 + 0.15 * normal())
      const pairs = Array.from({ length: 10 }, () => pair(10, 10 + 6 * truth * (1 + 0.1 * normal()) + 2 * normal(), 6))
      return learnRates('curly', pairs).body.mmPerWeek / truth - 1
    })
    const bias = errors.reduce((sum, error) => sum + error, 0) / errors.length
    const spread = Math.sqrt(errors.reduce((sum, error) => sum + (error - bias) ** 2, 0) / errors.length)
    expect(Math.abs(bias)).toBeLessThan(0.02)
    expect(spread).toBeLessThan(0.07)
  })
})

describe('the way to a wish', () => {
  it('the day is monotone in the rate: a faster coat is never later', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...COATS),
        fc.double({ min: 0.3, max: 5, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (coat, rate, more) => {
          const slow = readyOn(18, 4, coat, '2027-03-02', rate)
          const fast = readyOn(18, 4, coat, '2027-03-02', rate + more)
          expect(slow !== null && fast !== null && fast <= slow).toBe(true)
        },
      ),
    )
  })
  it('a coat that never gets so long has no day', () =>
    expect(readyOn(COAT_FACTS.wire.terminalMm! + 1, 4, 'wire', '2027-03-02')).toBeNull())
  it('steps from visit to visit until it is there: 2 mm, 6 weeks of 1 mm, wish 12', () =>
    expect(growthSteps(12, 2, '2027-03-02', 6, 1)).toEqual([
      { on: '2027-04-13', lengthMm: 8 },
      { on: '2027-05-25', lengthMm: 12 },
    ]))
  it('ends even when nothing grows', () => expect(growthSteps(12, 2, '2027-03-02', 6, 0)).toHaveLength(12))
})
