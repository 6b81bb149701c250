import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { GroomFacts, addSums, emptySums, insightOf as insightOfSums, sumsOf } from '.'
import { summed, type Groomed } from '../../../tests/generated/summed'

const insightOf = (grooms: readonly Groomed[]) => insightOfSums(summed(grooms))

const groom = (change: Partial<Groomed> & { headMin?: number } = {}): Groomed => {
  const { headMin = 14, ...rest } = change
  return {
    month: '2026-10',
    coat: 'curly',
    pattern: 'Teddy',
    groomer: 'Wren',
    stages: [
      { id: 'head', p50: 14 },
      { id: 'dry', p50: 20 },
    ],
    done: { head: headMin, dry: 20 },
    doneMin: 20 + headMin,
    slotMin: 40,
    promised: { p90: 42, chance: 0.92 },
    repeat: 90,
    worstGrade: null,
    ...rest,
  }
}
const three = (change: Partial<Groomed> & { headMin?: number } = {}) => [groom(change), groom(change), groom(change)]

describe('what many grooms tell', () => {
  it('of nothing is nothing, and divides by nothing', () => {
    const nothing = insightOf([])
    expect(nothing).toMatchObject({
      grooms: 0,
      byCoat: [],
      tenths: [],
      bias: [],
      months: [],
      ninety: { kept: 0, count: 0 },
    })
    for (const { plannedMin, doneMin } of nothing.byFamily) expect([plannedMin, doneMin]).toEqual([0, 0])
  })
  it('where the minutes go, by kind of work, coat and groomer', () => {
    const { byFamily, byCoat, byGroomer } = insightOf([
      ...three(),
      groom({ coat: 'drop', groomer: 'Ansel', headMin: 30 }),
    ])
    expect(byFamily.find(({ family }) => family === 'scissor')).toMatchObject({ plannedMin: 14, doneMin: 18 })
    expect(byCoat.map(({ name, minutes }) => [name, minutes])).toEqual([
      ['drop', 50],
      ['curly', 34],
    ])
    expect(byGroomer[0]).toMatchObject({ name: 'Ansel', count: 1 })
  })
  it('how many promises held: of nine in ten, and by what was said', () => {
    const { ninety, tenths } = insightOf([...three(), ...three({ headMin: 25, promised: { p90: 42, chance: 0.45 } })])
    expect(ninety).toEqual({ kept: 3, count: 6 })
    expect(tenths).toEqual([
      { said: 0.45, kept: 0, count: 3 },
      { said: expect.closeTo(0.92), kept: 1, count: 3 },
    ])
  })
  it('which stage is planned too short: twice and half even out', () => {
    const { bias } = insightOf([...three({ headMin: 21 }), groom({ headMin: 28 }), groom({ headMin: 7 })])
    expect(bias[0]).toMatchObject({ stage: 'head', count: 5, percent: 28 })
    expect(bias.find(({ stage }) => stage === 'dry')?.percent).toBe(0)
  })
  it('leaves out what was seen too seldom', () => expect(insightOf([groom({ headMin: 40 })]).bias).toEqual([]))
  it('month by month, oldest first; what nobody noted is none', () => {
    const { months } = insightOf([groom(), groom({ month: '2026-09', doneMin: 60, worstGrade: 3, repeat: null })])
    expect(months).toEqual([
      { month: '2026-09', count: 1, slotsKept: 0, repeat: null, worstGrade: 3 },
      { month: '2026-10', count: 1, slotsKept: 1, repeat: 90, worstGrade: null },
    ])
  })
})

describe('sums of grooms', () => {
  const { month: _, groomer: __, ...facts } = groom()
  it('a groom that is taken out leaves what was there before', () =>
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 300 }), { maxLength: 20 }), (minutes) => {
        const all = emptySums()
        const each = minutes.map((min) => sumsOf(GroomFacts.parse({ ...facts, done: { head: min }, doneMin: min })))
        for (const sums of each) addSums(all, sums)
        for (const sums of each.slice(1)) addSums(all, sums, -1)
        const first = each[0] ?? emptySums()
        expect(all.count).toBe(first.count)
        expect(all.doneMin).toBeCloseTo(first.doneMin)
        expect(all.stages.head?.[0] ?? 0).toBeCloseTo(first.stages.head?.[0] ?? 0)
      }),
    ))
})
