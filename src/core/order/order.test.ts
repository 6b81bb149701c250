import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { STAGES, type StageId } from '../stages'
import { DEFAULT_HOUSE, House, arrange, breaks, preferredOrder } from '.'

const someHouse = fc.record({
  earsWhen: fc.constantFrom('before-bath', 'after-bath'),
  nailsWhen: fc.constantFrom('before-bath', 'in-bath', 'after-dry'),
  faceFeetWhen: fc.constantFrom('before-bath', 'after-dry'),
  brushFirst: fc.constantFrom('before-rough', 'after-rough'),
  startAt: fc.constantFrom('front', 'rear', 'body', 'head'),
})

describe('the order of stages', () => {
  it('breaks no rule, whichever stages and schools', () => {
    fc.assert(
      fc.property(fc.subarray([...STAGES]), someHouse, (stages, house) => {
        const order = arrange(stages, preferredOrder(House.parse(house)))
        expect([...order].sort()).toEqual([...stages].sort())
        expect(breaks(order)).toEqual([])
      }),
    )
  })

  it.each<[Partial<House>, StageId, StageId]>([
    [{ nailsWhen: 'in-bath' }, 'condition', 'nails'],
    [{ nailsWhen: 'in-bath' }, 'nails', 'rinse'],
    [{ nailsWhen: 'after-dry' }, 'comb-through', 'nails'],
    [{ earsWhen: 'after-bath' }, 'towel', 'ears'],
    [{ faceFeetWhen: 'after-dry' }, 'dry', 'pre-clip'],
    [{ brushFirst: 'after-rough' }, 'rough-in', 'brush-out'],
    [{ startAt: 'head' }, 'head', 'body'],
  ])('%j puts %s before %s', (school, before, after) => {
    const order = arrange(STAGES, preferredOrder({ ...DEFAULT_HOUSE, ...school }))
    expect(order.indexOf(before)).toBeLessThan(order.indexOf(after))
  })

  it('feet before nails and pads breaks two musts (common practice)', () =>
    expect(breaks(['feet', 'nails', 'pads']).map(({ before, strength }) => `${before} ${strength}`)).toEqual([
      'nails must',
      'pads must',
    ]))

  it('a stage left out breaks nothing', () => expect(breaks(['feet', 'handover'])).toEqual([]))
})
