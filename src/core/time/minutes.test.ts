import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { STAGE_SIGMA } from './lognormal'
import { STAGES } from '../stages'
import { fitSlot, matMinutes, stageMedianMin, type StageWork } from '.'

const CALM: StageWork = {
  coat: 'drop',
  weightKg: 7,
  behaviour: {},
  matMin: 0,
  legsScissored: false,
  show: false,
  cabinet: false,
}

describe('minutes of a stage (from memory, for a calm 7 kg drop coat)', () => {
  it('are the table for the dog it is written for: about two hours in all', () => {
    const total = STAGES.filter((stage) => stage !== 'second-wash').reduce(
      (sum, stage) => sum + stageMedianMin(stage, CALM),
      0,
    )
    expect(total).toBe(118)
  })
  it('coat work grows with the root of weight: 28 kg take twice the wash', () =>
    expect(stageMedianMin('wash', { ...CALM, weightKg: 28 })).toBeCloseTo(8))
  it('other work grows slower: 28 kg take 4^0.2 the head', () =>
    expect(stageMedianMin('head', { ...CALM, weightKg: 28 })).toBeCloseTo(14 * 4 ** 0.2))
  it('behaviour 3 at the dryer makes it half as long again', () =>
    expect(stageMedianMin('dry', { ...CALM, behaviour: { dryer: 3 } })).toBeCloseTo(24))
  it('the worst of what a dog minds counts once', () =>
    expect(stageMedianMin('nails', { ...CALM, behaviour: { nails: 2, feet: 1 } })).toBeCloseTo(4.8))
  it('mats add to the brush-out only, unscaled', () => {
    expect(
      matMinutes(
        new Map([
          ['armpit', 2],
          ['ear-out', 1],
          ['tail', 3],
        ]),
      ),
    ).toBe(19)
    expect(stageMedianMin('brush-out', { ...CALM, weightKg: 28, matMin: 7 })).toBeCloseTo(19)
    expect(stageMedianMin('wash', { ...CALM, matMin: 7 })).toBe(4)
  })
  it('a heavier dog never takes less', () => {
    fc.assert(
      fc.property(fc.constantFrom(...STAGES), fc.double({ min: 0.3, max: 119, noNaN: true }), (stage, weightKg) => {
        expect(stageMedianMin(stage, { ...CALM, weightKg: weightKg + 1 })).toBeGreaterThan(
          stageMedianMin(stage, { ...CALM, weightKg }),
        )
      }),
    )
  })
})

describe('fitting a slot', () => {
  it('the chance grows with the slot, and the shortest slot holds at 85 %', () => {
    const medians = [6, 20, 14, 9, 40]
    const terms = medians.map((medianMin) => ({ medianMin, sigma: STAGE_SIGMA }))
    const chances = [60, 75, 90, 105, 120].map((slotMin) => fitSlot(terms, 5, slotMin).chance)
    expect([...chances].sort((a, b) => a - b)).toEqual(chances)
    const { shortestSlotMin } = fitSlot(terms, 5, 60)
    expect(fitSlot(terms, 5, shortestSlotMin).chance).toBeGreaterThanOrEqual(0.85)
    expect(fitSlot(terms, 5, shortestSlotMin - 15).chance).toBeLessThan(0.85)
  })
  it('a plan without work is sure', () =>
    expect(fitSlot([], 5, 15)).toMatchObject({ p50: 5, p90: 5, chance: 1, shortestSlotMin: 15 }))
})
