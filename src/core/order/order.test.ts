import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { STAGES, type StageId } from '../stages'
import { DEFAULT_HOUSE, House, ORDER_RULES, SCHOOLS, arrange, breaks, houseFor, preferredOrder } from '.'

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

describe('every order rule', () => {
  it.each(ORDER_RULES.map((rule) => [`${rule.before} before ${rule.after}`, rule] as const))(
    '%s is broken and mended',
    (_, rule) => {
      expect(breaks([rule.after, rule.before])).toContainEqual(rule)
      expect(arrange([rule.after, rule.before], [rule.after, rule.before])).toEqual([rule.before, rule.after])
    },
  )
})

describe('what a dog asks of the order', () => {
  const calm = { face: 0, feet: 0 }
  it('a puppy has face and feet shaved after the dry, and it is said', () => {
    const { house, moved } = houseFor({ ...calm, ageMonths: 8 }, DEFAULT_HOUSE)
    expect(house.faceFeetWhen).toBe('after-dry')
    expect(moved).toBe('Face and feet wait until after the dry: it is young and wriggles.')
  })
  it('so has a young dog that minds its feet, not one that stands still, nor an old one that minds', () => {
    const when = (ageMonths: number | null, feet: number) =>
      houseFor({ ageMonths, face: 0, feet }, DEFAULT_HOUSE).house.faceFeetWhen
    expect([when(18, 2), when(18, 1), when(60, 4), when(null, 4)]).toEqual([
      'after-dry',
      'before-bath',
      'before-bath',
      'before-bath',
    ])
  })
  it('a house that does so anyway has nothing moved', () =>
    expect(houseFor({ ...calm, ageMonths: 8 }, { ...DEFAULT_HOUSE, faceFeetWhen: 'after-dry' }).moved).toBeNull())
})

describe('the schools', () => {
  it('give every choice its words and its reason, for every rule of a house', () => {
    for (const [id, { asks, choices }] of Object.entries(SCHOOLS)) {
      expect(asks).toMatch(/^[A-Z]/)
      for (const [choice, { words, says }] of Object.entries(choices)) {
        expect(House.safeParse({ [id]: choice }).success).toBe(true)
        expect(words.length).toBeGreaterThan(1)
        expect(says).toMatch(/^[A-Z].{12,}\.$/)
      }
      expect(House.safeParse({ [id]: 'otherwise' }).success).toBe(false)
    }
  })
  it('a limit out of reason is refused in words', () =>
    expect(House.safeParse({ brushLimitMin: 90 }).error?.issues[0]?.message).toBe(
      'The brush-out limit must be 5 to 60 min.',
    ))
})
