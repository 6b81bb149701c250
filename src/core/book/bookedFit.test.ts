import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makePlan, type Case } from '../plan'
import { BookedFit, chanceAt, fitCurve, needsOf } from '.'

const QUILL: Case = {
  kovit: 'case/1',
  date: '2027-03-02',
  dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 19 },
  coatNowMm: { all: 38 },
  request: { pattern: 'one-length' },
  setting: 'salon',
  slotMin: 240,
}
const plan = makePlan(QUILL)
const curve = fitCurve(QUILL, plan)

describe('what the book keeps of a plan', () => {
  it('holds at each slot as the plan itself says', () => {
    for (const slotMin of [120, 180, plan.fit.shortestSlotMin, 240, 300]) {
      const { fit } = makePlan({ ...QUILL, slotMin })
      expect(Math.abs(chanceAt(curve, slotMin) - fit.chance * 100)).toBeLessThanOrEqual(0.6)
    }
  })
  it('never holds less in a longer slot', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 700 }), fc.integer({ min: 0, max: 60 }), (slotMin, more) => {
        expect(chanceAt(curve, slotMin + more)).toBeGreaterThanOrEqual(chanceAt(curve, slotMin))
      }),
    )
    expect(chanceAt(curve, 5)).toBe(0)
    expect(chanceAt(curve, 720)).toBe(100)
  })
  it('is small enough to stand beside each booking', () => {
    const fit = {
      p50: 1,
      p90: 2,
      shortestMin: 15,
      promisedPercent: 85,
      curve,
      groomer: true,
      skills: [],
      waterLitres: 1,
    }
    expect(JSON.stringify(BookedFit.parse(fit)).length).toBeLessThan(600)
  })
})

describe('what a groom asks of its person', () => {
  it('is a groomer for a full trim, and a bather for a bath alone', () => {
    expect(needsOf(QUILL, plan).groomer).toBe(true)
    const bath = { ...plan, stages: plan.stages.filter(({ id }) => ['wash', 'rinse', 'dry', 'look-over'].includes(id)) }
    expect(needsOf(QUILL, bath).groomer).toBe(false)
  })
  it('is a hand for difficult dogs from grade 3 on', () => {
    expect(needsOf({ ...QUILL, behaviour: { nails: 2 } }, plan).skills).toEqual([])
    expect(needsOf({ ...QUILL, behaviour: { nails: 3 } }, plan).skills).toEqual(['difficult dogs'])
  })
  it('is stripping by hand where the card strips', () => {
    const stripped = {
      ...plan,
      card: plan.card.map((each) =>
        each.zone === 'back' ? { ...each, method: 'strip' as const, blade: null, comb: null, lay: null } : each,
      ),
    }
    expect(needsOf(QUILL, stripped).skills).toEqual(['hand-strip'])
  })
})
