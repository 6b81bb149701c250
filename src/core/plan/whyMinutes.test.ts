import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { STAGES } from '../stages'
import { Case, makePlan, whyMinutes } from '.'
import { QUILL } from '../../../tests/cases'

const pace = (house: number, dog: number): Case['pace'] => ({
  stages: Object.fromEntries(STAGES.map((id) => [id, { house, dog, sigma: 0.2 }])),
  how: {},
  daySigma: 0.08,
  visits: 6,
})
const handsOn = (input: Case) => makePlan(input).stages.reduce((sum, { p50 }) => sum + p50, 0)

describe('where the minutes come from', () => {
  it('adds up to the stages, whatever the dog and whatever was learned', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.integer({ min: 0, max: 4 }),
        fc.double({ min: -0.3, max: 0.3, noNaN: true }),
        (weightKg, dryer, log) => {
          const input: Case = {
            ...QUILL,
            dog: { ...QUILL.dog, weightKg },
            behaviour: { dryer },
            pace: pace(log, -log / 2),
          }
          const plan = makePlan(input)
          const sum = whyMinutes(input, plan).reduce((all, { min }) => all + min, 0)
          // Lines below half a minute are left out, and stages are rounded to a tenth.
          expect(Math.abs(sum - plan.stages.reduce((all, { p50 }) => all + p50, 0))).toBeLessThan(5)
        },
      ),
      { numRuns: 25 },
    ))
  it('names what is learned of the house and of the dog apart', () => {
    const input = { ...QUILL, pace: pace(0.1, -0.2) }
    const rows = whyMinutes(input, makePlan(input))
    expect(rows.find(({ what }) => what === 'this house and this groomer')?.min).toBeGreaterThan(5)
    expect(rows.find(({ what }) => what === 'its own visits')?.min).toBeLessThan(-5)
    expect(rows[0]).toMatchObject({ what: 'A calm 7 kg drop coat' })
  })
})

describe('a plan from what was learned', () => {
  it('takes as much longer, says so at the stage, and its promise follows', () => {
    const roomy = { ...QUILL, slotMin: 250 }
    const [table, slower] = [makePlan(roomy), makePlan({ ...roomy, pace: pace(0, 0.2) })]
    expect(handsOn({ ...QUILL, pace: pace(0, 0.2) }) / handsOn(QUILL)).toBeCloseTo(Math.exp(0.2), 2)
    expect(slower.fit.chance).toBeLessThan(table.fit.chance)
    expect(slower.fit.shortestSlotMin).toBeGreaterThan(table.fit.shortestSlotMin)
    expect(slower.stages.find(({ id }) => id === 'head')?.why).toMatch(/Its own visits: 22 % more time/)
  })
  it('more mats never take less time, a heavier dog never less', () => {
    const learned = { ...pace(-0.1, 0.05), how: { 'brush-out matted': -0.4 } } as Case['pace']
    const base: Case = { ...QUILL, pace: learned }
    for (const grade of [1, 2])
      expect(handsOn({ ...base, mats: { thigh: grade } })).toBeGreaterThanOrEqual(
        handsOn({ ...base, mats: { thigh: grade - 1 } }),
      )
    for (const weightKg of [5, 12, 30])
      expect(handsOn({ ...base, dog: { ...base.dog, weightKg: weightKg + 1 } })).toBeGreaterThanOrEqual(
        handsOn({ ...base, dog: { ...base.dog, weightKg } }),
      )
  })
  it('the owner’s word bends the zone and says so, only where the last trim is asked for', () => {
    const last = {
      date: '2027-01-19',
      card: [{ zone: 'back' as const, lengthMm: 10, method: 'scissor' as const }],
      verdicts: { back: 'too short' as const },
    }
    const back = (request: Case['request']) =>
      makePlan({ ...QUILL, coatNowMm: { back: 60 }, coatSidesMm: {}, request, last }).card.find(
        ({ zone }) => zone === 'back',
      )
    expect(back({ sameAsLast: true })).toMatchObject({ lengthMm: 12 })
    expect(back({ sameAsLast: true })?.why).toContain('The owner found it too short last time.')
    expect(back({ lengthsMm: { back: 20 } })?.why).not.toContain('The owner')
  })
})
