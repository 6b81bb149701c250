import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makePlan, meansOf } from '../plan'
import { CATCH_UPS, CATCH_UP_FACTS, catchUp, catchUps, chooseCatchUps, type CatchUp } from '.'
import { QUILL } from '../../../tests/cases'

const PLAN = makePlan(QUILL)
const MEANS = meansOf(QUILL)
const costOf = (taken: readonly CatchUp[]) => taken.reduce((sum, { id }) => sum + CATCH_UP_FACTS[id].cost, 0)
const winsOf = (taken: readonly CatchUp[]) => taken.reduce((sum, { savesMin }) => sum + savesMin, 0)
const someOptions = fc
  .subarray([...CATCH_UPS])
  .chain((ids) =>
    fc.tuple(
      ...ids.map((id) =>
        fc.integer({ min: 5, max: 200 }).map((tenths): CatchUp => ({ id, savesMin: tenths / 10, costs: '' })),
      ),
    ),
  )

/** Every set of them. */
const subsets = (options: readonly CatchUp[]): CatchUp[][] =>
  Array.from({ length: 2 ** options.length }, (_, bits) => options.filter((_each, at) => (bits >> at) & 1))

describe('which to take', () => {
  it('is the cheapest that wins enough, as trying every set has it', () =>
    fc.assert(
      fc.property(someOptions, fc.integer({ min: 1, max: 400 }), (options, tenths) => {
        const need = tenths / 10
        const taken = chooseCatchUps(options, need)
        const enough = subsets(options).filter((each) => winsOf(each) >= need - 1e-6)
        if (enough.length === 0) {
          expect(taken).toEqual(options)
          return
        }
        expect(winsOf(taken)).toBeGreaterThanOrEqual(need - 1e-6)
        expect(costOf(taken)).toBe(Math.min(...enough.map(costOf)))
      }),
    ))
  it('is nothing when nothing is lacking', () => expect(chooseCatchUps(PLAN.fit.catchUp as CatchUp[], 0)).toEqual([]))
})

describe('what can be won', () => {
  it('is never safety, drying or the step-back', () =>
    expect(CATCH_UPS.map((id) => CATCH_UP_FACTS[id].stage)).toEqual(['legs', 'body', 'feet', 'head', 'tail', 'finish']))
  it('is only what still lies ahead', () => {
    const ahead = (from: string) =>
      catchUps(PLAN.stages.slice(PLAN.stages.findIndex(({ id }) => id === from)), PLAN.card, MEANS)
    expect(ahead('blend').map(({ id }) => id)).toEqual(['no-bow'])
    expect(ahead('handover')).toEqual([])
  })
  it('is in the plan, with what it costs', () => {
    expect(PLAN.fit.catchUp.length).toBeGreaterThan(2)
    for (const { savesMin, costs } of PLAN.fit.catchUp) {
      expect(savesMin).toBeGreaterThan(0)
      expect(costs).not.toBe('')
    }
  })
})

describe('the plan after it', () => {
  it.each(PLAN.fit.catchUp.map(({ id, savesMin }) => [id, savesMin] as const))(
    '%s is shorter by what it promised, %d min',
    (id, savesMin) => {
      const after = catchUp(PLAN, [id as CatchUp['id']], MEANS)
      const total = ({ stages }: typeof PLAN) => stages.reduce((sum, { p50 }) => sum + p50, 0)
      expect(total(PLAN) - total(after)).toBeCloseTo(savesMin, 0)
      expect(after.stages.map((stage) => stage.id)).toEqual(PLAN.stages.map((stage) => stage.id))
      expect(after.card.map(({ zone }) => zone)).toEqual(PLAN.card.map(({ zone }) => zone))
    },
  )
  it('leaves the tail as long as it came', () => {
    const tail = catchUp(PLAN, ['leave-tail'], MEANS).card.find(({ zone }) => zone === 'tail')
    expect(tail).toMatchObject({ method: 'leave', lengthMm: MEANS.presentOn('tail', null) })
  })
  it('rounds feet with the comb that comes near, and is not offered where the kit has none', () => {
    const feet = ({ card }: typeof PLAN) => card.find(({ zone }) => zone === 'forefoot')
    expect(feet(PLAN)).toMatchObject({ method: 'scissor', lengthMm: 15 })
    expect(feet(catchUp(PLAN, ['clip-feet'], MEANS))).toMatchObject({ method: 'comb', comb: '0', lengthMm: 16 })
    const few = { ...MEANS, kit: { blades: ['10' as const], combs: [] } }
    expect(catchUps(PLAN.stages, PLAN.card, few).map(({ id }) => id)).not.toContain('clip-feet')
  })
})
