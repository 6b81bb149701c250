import { describe, expect, it } from 'vitest'
import { STAGES, STAGE_FACTS, stageOfZone, type StageId } from '../stages'
import { ZONES, type ZoneId } from '../zones'
import type { HealthKind } from '../health'
import { cautionsFor, needsTwoToLift, type CareFacts, type CutThere } from '.'

const CLIP: CutThere = { method: 'clip', blade: '10', lengthMm: 1.5 }
const COMB: CutThere = { method: 'comb', blade: '30', lengthMm: 9.5 }
const SCISSOR: CutThere = { method: 'scissor', blade: null, lengthMm: 25 }
const BAND: CutThere = { method: 'band', blade: null, lengthMm: 120 }
const CALM: CareFacts = {
  liftedByHand: true,
  waterMaxC: 38,
  stages: [],
  cutsAt: () => [],
  behaviourAt: () => 0,
  behaviour: { dryer: 0, feet: 0 },
  dog: { ageMonths: 48, visits: 6, lightSkin: false },
  weightKg: 7,
  sex: 'male',
  neutered: true,
  health: [],
  cabinetAllowed: true,
}
/** The cautions of one stage that works these zones with this cut. */
const at = (stage: StageId, zones: readonly ZoneId[], facts: Partial<CareFacts> = {}, cut: CutThere = SCISSOR) =>
  cautionsFor({
    ...CALM,
    ...facts,
    stages: [{ id: stage, zones }],
    cutsAt: (zone) => (zones.includes(zone) ? [cut] : []),
  })
const fires = (id: string, ...args: Parameters<typeof at>): boolean => at(...args).some((each) => each.id === id)
const found = (...kinds: HealthKind[]): Partial<CareFacts> => ({ health: kinds.map((kind) => ({ kind })) })

/** Every caution of the trade: where and on whom it fires, and beside that a case where it does not. */
const TABLE: [id: string, fires: Parameters<typeof at>, not: Parameters<typeof at>][] = [
  ['band-off-leather', ['head', ['skull'], {}, BAND], ['head', ['skull']]],
  ['mouth-shut', ['head', ['lips']], ['head', ['skull']]],
  ['mouth-shut', ['pre-clip', ['muzzle'], {}, CLIP], ['pre-clip', ['forefoot'], {}, CLIP]],
  ['ear-pocket', ['head', ['ear-edge']], ['ears', ['ear-canal']]],
  ['leather-flat', ['flat-work', ['ear-in'], {}, CLIP], ['flat-work', ['ear-in']]],
  ['no-open-shear-under-foot', ['feet', ['forefoot']], ['legs', ['foreleg']]],
  ['no-open-shear-under-foot', ['pads', ['pads'], {}, CLIP], ['body', ['back'], {}, CLIP]],
  ['skin-fold', ['body', ['armpit'], {}, CLIP], ['body', ['back'], {}, CLIP]],
  ['skin-fold', ['underline', ['tuck']], ['underline', ['chest']]],
  ['finish-teeth-only', ['body', ['armpit'], {}, CLIP], ['body', ['back'], {}, CLIP]],
  [
    'finish-teeth-only',
    ['body', ['back'], { behaviourAt: () => 3 }, CLIP],
    ['legs', ['thigh'], { behaviourAt: () => 3 }],
  ],
  ['gentler-blade', ['pre-clip', ['muzzle'], { dog: { lightSkin: true } }, CLIP], ['pre-clip', ['muzzle'], {}, CLIP]],
  [
    'gentler-blade',
    ['flat-work', ['cheek'], { dog: { visits: 1 } }, CLIP],
    ['body', ['back'], { dog: { visits: 1 } }, COMB],
  ],
  [
    'gentler-blade',
    ['flat-work', ['cheek'], { health: [{ kind: 'skin-red', zone: 'cheek' }] }, CLIP],
    ['flat-work', ['throat'], { health: [{ kind: 'skin-red', zone: 'cheek' }] }, CLIP],
  ],
  ['sanitary-outward', ['sanitary', ['sanitary'], {}, CLIP], ['sanitary', ['belly'], {}, CLIP]],
  ['mind-genitals', ['sanitary', ['belly'], {}, CLIP], ['tail', ['tail-base'], {}, CLIP]],
  ['in-season', ['sanitary', ['sanitary'], found('in-season')], ['sanitary', ['sanitary']]],
  ['intact-rear', ['sanitary', ['sanitary'], { neutered: false }], ['sanitary', ['sanitary'], { neutered: null }]],
  ['tether-in-tub', ['condition', []], ['towel', []]],
  ['no-water-in-nose', ['wash', []], ['condition', []]],
  ['lukewarm', ['rinse', []], ['dry', []]],
  ['rinse-clear', ['rinse', []], ['wash', []]],
  ['eye-debris', ['head', ['eye-corner'], found('crust')], ['head', ['eye-corner']]],
  ['dryer-heat', ['dry', []], ['comb-through', []]],
  ['dryer-fear', ['dry', [], { behaviour: { dryer: 3, feet: 0 } }], ['dry', [], { behaviour: { dryer: 2, feet: 0 } }]],
  ['quick', ['nails', []], ['pads', ['pads']]],
  ['eye-points', ['head', ['visor']], ['head', ['chin']]],
  ['blade-heat', ['legs', ['foreleg'], {}, COMB], ['legs', ['foreleg']]],
  ['blade-heat', ['rough-in', []], ['blend', []]],
  ['loop-watch', ['comb-through', []], ['wash', []]],
  ['hold-steady', ['nails', [], { behaviourAt: () => 3 }], ['nails', [], { behaviourAt: () => 2 }]],
  [
    'feel-the-muscle',
    ['feet', ['forefoot'], { behaviour: { dryer: 0, feet: 2 } }],
    ['feet', ['forefoot'], { behaviour: { dryer: 0, feet: 1 } }],
  ],
  ['brace-old', ['legs', [], { dog: { ageMonths: 120 } }], ['legs', [], { dog: { ageMonths: 119 } }]],
  ['brace-old', ['body', [], found('unsteady')], ['wash', [], found('unsteady')]],
  ['blind-deaf', ['look-over', [], found('deaf')], ['look-over', []]],
  ['puppy-first', ['look-over', [], { dog: { ageMonths: 11 } }], ['look-over', [], { dog: { ageMonths: 12 } }]],
  ['puppy-first', ['look-over', [], { dog: { visits: 2 } }], ['look-over', [], { dog: { visits: 3 } }]],
  ['two-handlers', ['head', [], { behaviourAt: () => 4 }], ['head', [], { behaviourAt: () => 3 }]],
  ['two-handlers', ['look-over', [], { weightKg: 19 }], ['look-over', [], { weightKg: 10 }]],
  ['lift', ['look-over', [], { weightKg: 11 }], ['look-over', [], { weightKg: 10.5 }]],
  ['stop-and-refer', ['look-over', [], found('hot-spot')], ['look-over', [], found('arthritis')]],
  ['contagious', ['look-over', [], found('parasites')], ['look-over', [], found('allergy')]],
  ['aftercare-itch', ['handover', ['sanitary']], ['handover', []]],
  ['clean-between', ['handover', []], ['finish', []]],
]

describe('every caution', () => {
  it.each(TABLE)('%s fires at %j and not at %j', (id, yes, no) => {
    expect(fires(id, ...yes)).toBe(true)
    expect(fires(id, ...no)).toBe(false)
  })
  it('has one sentence with its reason, and calls a finding that stops by what to do', () => {
    const all = TABLE.flatMap(([, yes]) => at(...yes))
    for (const { why } of all) expect(why).toMatch(/^[A-Z\d].{15,}\.$/)
  })
  it('is said for the dog in front: sex, weight, why no cabinet', () => {
    const why = (id: string, ...args: Parameters<typeof at>) => at(...args).find((each) => each.id === id)?.why
    expect(why('mind-genitals', 'sanitary', ['belly'], { sex: 'female' })).toBe('Cover the nipples with a hand.')
    expect(why('lift', 'look-over', [], { weightKg: 19 })).toMatch(
      /^19 kg is more than one person should lift to the table \(10\.6 kg\)/,
    )
    expect(why('dryer-heat', 'dry', [], { cabinetAllowed: false, dog: { ageMonths: 168 } })).toBe(
      'Never hot, only warm; stay with the dog. No cabinet for this one: too old, dry by hand.',
    )
  })
})

/** What must never be missing at a zone and at a stage, written down a second time from the trade's own list. */
const MUST_AT_ZONE: Partial<Record<ZoneId, string[]>> = {
  lips: ['mouth-shut'],
  chin: ['mouth-shut'],
  muzzle: ['mouth-shut'],
  'ear-out': ['ear-pocket'],
  'ear-in': ['ear-pocket'],
  'ear-edge': ['ear-pocket'],
  forefoot: ['no-open-shear-under-foot'],
  hindfoot: ['no-open-shear-under-foot'],
  pads: ['no-open-shear-under-foot'],
  armpit: ['skin-fold'],
  tuck: ['skin-fold'],
  belly: ['skin-fold', 'mind-genitals'],
  sanitary: ['sanitary-outward', 'mind-genitals'],
  'eye-corner': ['eye-points'],
  visor: ['eye-points'],
  lashes: ['eye-points'],
}
const MUST_AT_STAGE: Partial<Record<StageId, string[]>> = {
  nails: ['quick'],
  dry: ['dryer-heat'],
  handover: ['clean-between'],
  rinse: ['lukewarm', 'tether-in-tub', 'no-water-in-nose'],
  wash: ['lukewarm', 'tether-in-tub', 'no-water-in-nose'],
  'second-wash': ['lukewarm', 'tether-in-tub', 'no-water-in-nose'],
  condition: ['lukewarm', 'tether-in-tub'],
}

describe('no must is ever missing', () => {
  const dogs: Partial<CareFacts>[] = [
    {},
    { dog: { ageMonths: 3, visits: 0 } },
    { dog: { ageMonths: 170 }, weightKg: 40, cabinetAllowed: false },
    { behaviourAt: () => 4, behaviour: { dryer: 4, feet: 4 } },
    found('unsteady', 'deaf', 'heart'),
    { sex: 'female', neutered: false },
  ]
  it('at any zone, at the stage where the hand is on it, with any tool, on any of these dogs', () => {
    for (const zone of ZONES)
      for (const shaved of [false, true])
        for (const first of [false, true])
          for (const cut of [CLIP, COMB, SCISSOR])
            for (const dog of dogs) {
              const musts = at(stageOfZone(zone, shaved, first), [zone], dog, cut)
                .filter(({ level }) => level === 'must')
                .map(({ id }) => id)
              for (const id of MUST_AT_ZONE[zone] ?? []) expect(musts, `${zone} ${cut.method}`).toContain(id)
              if (cut !== SCISSOR) expect(musts).toContain('blade-heat')
            }
  })
  it('at any stage, and none stands at a stage that it does not belong to', () => {
    for (const stage of STAGES)
      for (const dog of dogs) {
        const here = at(stage, [], dog)
        const ids = here.map(({ id }) => id)
        for (const id of MUST_AT_STAGE[stage] ?? []) expect(ids).toContain(id)
        expect(ids.includes('loop-watch')).toBe(STAGE_FACTS[stage].needs === 'table')
        for (const id of ['quick', 'dryer-heat', 'clean-between', 'lukewarm', 'tether-in-tub', 'no-water-in-nose'])
          if (!(MUST_AT_STAGE[stage] ?? []).includes(id)) expect(ids, stage).not.toContain(id)
        for (const each of here) expect(each.stage).toBe(stage)
      }
  })
  it('with a struggling dog at four: two handlers at every stage', () => {
    for (const stage of STAGES) expect(fires('two-handlers', stage, [], { behaviourAt: () => 4 })).toBe(true)
  })
})

describe('lifting', () => {
  it('a dog of 10 kg is lifted alone, one of 11 kg is not', () =>
    expect([needsTwoToLift(10), needsTwoToLift(11)]).toEqual([false, true]))
})
