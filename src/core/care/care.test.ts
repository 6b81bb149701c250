import { describe, expect, it } from 'vitest'
import { STAGES } from '../stages'
import { cautionsFor, mayUseCabinet, referWhy, refers, type CareFacts } from '.'

const CALM: CareFacts = {
  stages: [],
  clipped: new Set(),
  behaviourAt: () => 0,
  dryer: 0,
  ageMonths: 48,
  visits: 6,
  kinds: new Set(),
  cabinetAllowed: true,
}
const ids = (facts: Partial<CareFacts>) =>
  cautionsFor({ ...CALM, ...facts }).map(({ id, stage }) => `${id} at ${stage}`)

describe('cautions stand where the hand is', () => {
  it.each([
    ['head', ['lips'], 'mouth-shut'],
    ['pre-clip', ['muzzle'], 'mouth-shut'],
    ['head', ['ear-edge'], 'ear-pocket'],
    ['feet', ['forefoot'], 'no-open-shear-under-foot'],
    ['pads', ['pads'], 'no-open-shear-under-foot'],
    ['body', ['armpit'], 'skin-fold'],
    ['underline', ['tuck'], 'skin-fold'],
    ['sanitary', ['sanitary'], 'sanitary-outward'],
    ['sanitary', ['sanitary'], 'mind-genitals'],
    ['head', ['visor'], 'eye-points'],
  ] as const)('%s with %s warns %s', (stage, zones, id) =>
    expect(ids({ stages: [{ id: stage, zones }] })).toContain(`${id} at ${stage}`),
  )

  it('the ear leather is held flat only where a clipper goes', () => {
    const stages = [{ id: 'flat-work' as const, zones: ['ear-in' as const] }]
    expect(ids({ stages })).not.toContain('leather-flat at flat-work')
    expect(ids({ stages, clipped: new Set(['ear-in'] as const) })).toContain('leather-flat at flat-work')
  })

  it.each([
    ['nails', 'quick'],
    ['wash', 'lukewarm'],
    ['wash', 'tether-in-tub'],
    ['wash', 'no-water-in-nose'],
    ['rinse', 'rinse-clear'],
    ['dry', 'dryer-heat'],
    ['handover', 'clean-between'],
    ['body', 'blade-heat'],
  ] as const)('%s always warns %s', (stage, id) =>
    expect(ids({ stages: [{ id: stage, zones: [] }] })).toContain(`${id} at ${stage}`),
  )

  it.each<[string, Partial<CareFacts>, string]>([
    ['struggles', { behaviourAt: () => 3 }, 'hold-steady at body'],
    ['jumps', { behaviourAt: () => 3 }, 'finish-teeth-only at body'],
    ['bites', { behaviourAt: () => 4 }, 'two-handlers at body'],
    ['fears the dryer', { dryer: 3 }, 'dryer-fear at dry'],
    ['may not go into the cabinet', { cabinetAllowed: false }, 'no-cabinet at dry'],
    ['is ten years old', { ageMonths: 120 }, 'brace-old at legs'],
    ['is a puppy', { ageMonths: 5 }, 'puppy-first at look-over'],
    ['is here for the second time', { visits: 1 }, 'puppy-first at look-over'],
    ['is deaf', { kinds: new Set(['deaf']) }, 'blind-deaf at look-over'],
  ])('a dog that %s brings its own', (_, facts, expected) => {
    const stages = STAGES.map((id) => ({ id, zones: [] }))
    expect(ids({ stages, ...facts })).toContain(expected)
    expect(ids({ stages })).not.toContain(expected)
  })

  it('every caution has a reason in words and a known level', () => {
    const all = cautionsFor({
      ...CALM,
      stages: STAGES.map((id) => ({ id, zones: ['lips', 'pads', 'belly'] })),
      behaviourAt: () => 4,
    })
    for (const { why, level } of all) {
      expect(why).toMatch(/^[A-Z].{15,}\.$/)
      expect(['must', 'should', 'info']).toContain(level)
    }
  })
})

describe('the warm-air cabinet (common practice)', () => {
  const none = new Set<string>()
  it.each([
    [{ ageMonths: 60 }, none, 0, true],
    [{ ageMonths: 143 }, none, 3, true],
    [{ ageMonths: 144 }, none, 0, false],
    [{ ageMonths: 3 }, none, 0, false],
    [{ ageMonths: 60, faceShape: 'flat' }, none, 0, false],
    [{ ageMonths: 60 }, new Set(['heart']), 0, false],
    [{ ageMonths: 60 }, new Set(['seizure']), 0, false],
    [{ ageMonths: 60 }, none, 4, false],
  ])('%j, ill with %s, dryer %s: %s', (dog, kinds, dryer, may) => expect(mayUseCabinet(dog, kinds, dryer)).toBe(may))
})

describe('stop and refer', () => {
  it.each(['sore', 'hot-spot', 'ear-smell', 'ear-discharge', 'lump-new', 'lump-changed', 'limp', 'breathing'])(
    '%s goes to the vet, with what to do',
    (kind) => {
      expect(refers(kind)).toBe(true)
      expect(referWhy(kind)).toMatch(/vet/)
    },
  )
  it.each(['heart', 'deaf', 'in-season', 'allergy', 'stitches'])('%s is a standing fact', (kind) =>
    expect(refers(kind)).toBe(false),
  )
})
