import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { COATS } from '../coat'
import { BLADES, COMBS, clippedLengthMm, combedLengthMm } from '../lengths'
import { PATTERNS } from '../patterns'
import { STAGES, TRIGGERS } from '../stages'
import { ZONES, ZONE_KEYS, type ZoneId } from '../zones'
import { BUILDS } from '../build'
import { Case, HEALTH_KINDS, makePlan, type Plan } from '.'

const QUILL: Case = {
  kovit: 'case/1',
  date: '2027-03-02',
  dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 19, visits: 6, ageMonths: 48 },
  coatNowMm: { all: 38 },
  request: { pattern: 'one-length' },
  setting: 'salon',
  slotMin: 240,
}
const plan = (change: Partial<Case>): Plan => makePlan(Case.parse({ ...QUILL, ...change }))
const at = (made: Plan, zone: ZoneId) => {
  const entry = made.card.find((each) => each.zone === zone)
  if (!entry) throw new Error(`no ${zone}`)
  return entry
}

const byKey = <T>(value: fc.Arbitrary<T>) => fc.dictionary(fc.constantFrom(...ZONE_KEYS), value, { maxKeys: 4 })
const someCase = fc.record({
  kovit: fc.constant('case/1'),
  date: fc.constant('2027-03-02'),
  dog: fc.record({ name: fc.constant('Any'), coat: fc.constantFrom(...COATS), build: fc.constantFrom(...BUILDS), weightKg: fc.integer({ min: 1, max: 120 }), visits: fc.nat(9), lightSkin: fc.boolean() }),
  coatNowMm: byKey(fc.integer({ min: 0, max: 300 })),
  mats: byKey(fc.nat(4)),
  behaviour: fc.dictionary(fc.constantFrom(...TRIGGERS), fc.nat(4)),
  health: fc.array(fc.record({ kind: fc.constantFrom(...HEALTH_KINDS), zone: fc.constantFrom(...ZONES) }), { maxLength: 2 }),
  request: fc.record({
    pattern: fc.option(fc.constantFrom(...PATTERNS), { nil: undefined }),
    lengthsMm: byKey(fc.integer({ min: 0, max: 300 })),
    tools: byKey(fc.record({ blade: fc.constantFrom(...BLADES, '7', '5', '4'), lay: fc.constantFrom('with', 'against') })),
    keep: fc.array(fc.constantFrom(...ZONE_KEYS), { maxLength: 2 }),
  }),
  kit: fc.record({ blades: fc.subarray([...BLADES]), combs: fc.subarray([...COMBS]) }),
  setting: fc.constantFrom('salon', 'mobile'),
  slotMin: fc.integer({ min: 5, max: 720 }),
}) // prettier-ignore

describe('any case', () => {
  it('gives every zone once, never more coat than there is, only lengths the tool leaves, and breaks no must', () => {
    fc.assert(
      fc.property(someCase, (input) => {
        const made = makePlan(Case.parse(input))
        expect(made.card.map(({ zone }) => zone)).toEqual(ZONES)
        expect(made.breaks.filter(({ strength }) => strength === 'must')).toEqual([])
        const present = new Map(makePlan(Case.parse({ ...input, request: { keep: ['all'] }, mats: {}, house: { earHair: 'leave' } })).card.map(({ zone, lengthMm }) => [zone, lengthMm])) // prettier-ignore
        for (const { zone, method, blade, comb, lay, lengthMm } of made.card) {
          expect(lengthMm).toBeLessThanOrEqual(present.get(zone) ?? 0)
          if (method === 'clip' && blade && lay) expect(lengthMm).toBe(clippedLengthMm(blade, lay))
          if (method === 'comb' && comb) expect(lengthMm).toBeCloseTo(combedLengthMm(comb, blade as '30'), 2)
        }
      }),
    )
  })

  it('comes out the same twice', () => expect(JSON.stringify(plan({}))).toBe(JSON.stringify(plan({}))))
})

describe('who wins', () => {
  const request = {
    pattern: 'one-length' as const,
    sameAsLast: true,
    lengthsMm: { body: 16, back: 19, side: 19 },
    tools: { side: { blade: '4F' as const, lay: 'with' as const } },
    keep: ['rump' as const],
  }
  const made = plan({ request, last: { date: '2027-01-19', card: [{ zone: 'tail', lengthMm: 30 }, { zone: 'neck', lengthMm: 12.7 }] } }) // prettier-ignore
  it('keep above all', () => expect(at(made, 'rump')).toMatchObject({ method: 'leave', lengthMm: 38 }))
  it('an exact tool above a length', () => expect(at(made, 'side')).toMatchObject({ blade: '4F', lengthMm: 9.5 }))
  it('a zone above its group', () => expect(at(made, 'back').lengthMm).toBe(19))
  it('a length above the last card', () => expect(at(made, 'neck').lengthMm).toBe(16))
  it('the last card above the pattern', () => expect(at(made, 'tail').lengthMm).toBe(30))
  it('the pattern for the rest', () => expect(at(made, 'skull')).toMatchObject({ method: 'scissor', lengthMm: 25 }))
  it('health zones stay out of a length for the body', () => expect(at(made, 'sanitary').lengthMm).toBe(1.5))
})

describe('same as last time', () => {
  it('repeats tool, length and shape of the card as cut; the shorter side rules', () => {
    const cut = { method: 'scissor' as const, shape: 'round', join: 'blend' as const }
    const made = plan({
      request: { sameAsLast: true },
      last: { date: '2027-01-19', card: [{ zone: 'skull', lengthMm: 24, ...cut }, { zone: 'ear-edge', side: 'left', lengthMm: 22, ...cut }, { zone: 'ear-edge', side: 'right', lengthMm: 19, ...cut }, { zone: 'back', lengthMm: 9.5, method: 'comb', blade: '30', comb: '2', lay: 'with' }] },
    }) // prettier-ignore
    expect(at(made, 'skull')).toMatchObject({ method: 'scissor', lengthMm: 24, shape: 'round' })
    expect(at(made, 'ear-edge').lengthMm).toBe(19)
    expect(at(made, 'back')).toMatchObject({ method: 'comb', comb: '2', blade: '30' })
    expect(made.changes).toEqual([])
  })
  it('says what changes against it', () => {
    const last = { date: '2027-01-19', card: [{ zone: 'chin' as const, lengthMm: 20 }] }
    expect(plan({ request: { sameAsLast: true, lengthsMm: { chin: 16 } }, last }).changes).toEqual([
      { zone: 'chin', fromMm: 20, toMm: 16 },
    ])
  })
})

describe('coat that is not there', () => {
  it('leaves an explicit wish to grow and dates it', () => {
    const made = plan({
      coatNowMm: { all: 38, bridge: 2 },
      request: { pattern: 'one-length', lengthsMm: { bridge: 12 } },
    })
    expect(at(made, 'bridge')).toMatchObject({ method: 'leave', lengthMm: 2 })
    expect(made.growing).toMatchObject([{ zone: 'bridge', wantedMm: 12, presentMm: 2, readyOn: '2027-03-26' }])
  })
  it('cuts a pattern down in silence', () => {
    const made = plan({ coatNowMm: { all: 7 } })
    expect(at(made, 'back')).toMatchObject({ method: 'leave', lengthMm: 7 })
    expect(at(made, 'skull')).toMatchObject({ method: 'scissor', lengthMm: 7 })
    expect(made.growing).toEqual([])
  })
})

describe('a wish that waits', () => {
  const waiting = { date: '2027-01-19', card: [{ zone: 'bridge' as const, lengthMm: 2, method: 'leave' as const }], growing: [{ zone: 'bridge' as const, wantedMm: 12 }] } // prettier-ignore
  it('is carried to the next visit, with what has grown since', () => {
    const made = plan({ coatNowMm: { all: 38, bridge: 8 }, request: { sameAsLast: true }, last: waiting })
    expect(made.growing).toMatchObject([{ zone: 'bridge', wantedMm: 12, presentMm: 8, readyOn: '2027-03-12' }])
  })
  it('is cut once it is long enough, and waits no more', () => {
    const made = plan({ coatNowMm: { all: 38, bridge: 14 }, request: { sameAsLast: true }, last: waiting })
    expect(made.growing).toEqual([])
    expect(at(made, 'bridge')).toMatchObject({ method: 'comb', lengthMm: 12 })
    expect(at(made, 'bridge').why).toContain('grown for since')
  })
  it('can be let go', () => {
    const made = plan({ coatNowMm: { all: 38, bridge: 8 }, request: { sameAsLast: true, letGo: ['bridge'] }, last: waiting }) // prettier-ignore
    expect(made.growing).toEqual([])
  })
  it('goes by the dog’s own pace: 4 mm at 5 mm a week are 6 days', () => {
    const dog = { ...QUILL.dog, growthMmPerWeek: { head: 5 } }
    const made = plan({ dog, coatNowMm: { all: 38, bridge: 8 }, request: {}, last: waiting })
    expect(made.growing[0]?.readyOn).toBe('2027-03-08')
  })
})

describe('left and right', () => {
  it('the shorter side rules, and the card says so', () => {
    const made = plan({ coatSidesMm: { 'ear-edge': { left: 20, right: 17 } }, request: { lengthsMm: { 'ear-edge': 20 } } }) // prettier-ignore
    expect(at(made, 'ear-edge')).toMatchObject({ method: 'leave', lengthMm: 17 })
    expect(at(made, 'ear-edge').why).toContain('Left 20, right 17 mm: the shorter side rules.')
  })
})

describe('a card saved since the last visit', () => {
  it('is what the same again means, while the coat still comes from the last visit', () => {
    const last = { date: '2027-01-19', card: [{ zone: 'back' as const, lengthMm: 9.5 }] }
    const saved = { date: '2027-02-01', card: [{ zone: 'back' as const, lengthMm: 16, method: 'comb' as const, comb: '0' as const, blade: '30' as const, lay: 'with' as const }] } // prettier-ignore
    const made = plan({ coatNowMm: {}, request: { sameAsLast: true }, last, saved })
    expect(at(made, 'back')).toMatchObject({ comb: '0', lengthMm: 16 })
    expect(made.changes).toEqual([{ zone: 'back', fromMm: 9.5, toMm: 16 }])
  })
})

describe('a house’s own pattern', () => {
  const ownPattern = { name: 'Harbour trim', card: [{ zone: 'back' as const, lengthMm: 19, method: 'comb' as const, comb: 'A' as const, blade: '30' as const, lay: 'with' as const, shape: null }] } // prettier-ignore
  it('lies over the library’s, under any wish, and waits for no coat', () => {
    expect(at(plan({ request: { pattern: 'teddy', ownPattern } }), 'back')).toMatchObject({ comb: 'A', lengthMm: 19 })
    expect(at(plan({ request: { ownPattern, lengthsMm: { back: 6.4 } } }), 'back').lengthMm).toBe(6.4)
    expect(plan({ coatNowMm: { all: 12 }, request: { ownPattern } }).growing).toEqual([])
  })
})

describe('a tool that is missing', () => {
  it('gives way to the nearest, and the card says how far off', () => {
    const kit = { blades: ['30' as const, '10' as const], combs: ['1½' as const, '4' as const] }
    const made = plan({ kit, request: { tools: { back: { comb: '1' } } } })
    expect(at(made, 'back')).toMatchObject({ comb: '1½', blade: '10', lengthMm: 12 })
    expect(at(made, 'back').why).toContain('No comb 1 on 30 in the kit: 12 mm instead of 12.7, 0.7 mm shorter.')
  })
})

describe('mats', () => {
  it('grade 2 is worked out: 5 min more brushing, the comb still goes', () => {
    const [calm, matted] = [plan({}), plan({ mats: { armpit: 2 } })]
    const brush = (made: Plan) => made.stages.find(({ id }) => id === 'brush-out')?.p50 ?? 0
    expect(brush(matted) - brush(calm)).toBeCloseTo(5, 5)
    expect(at(matted, 'armpit').method).toBe('comb')
  })
  it('grade 4 takes the blade under it: 3.2 mm, and the wish grows back', () => {
    const made = plan({ mats: { back: 4 } })
    expect(at(made, 'back')).toMatchObject({ method: 'clip', blade: '7F', lengthMm: 3.2 })
    expect(made.growing).toMatchObject([{ zone: 'back', wantedMm: 9.5, presentMm: 3.2 }])
  })
  it('grade 3 is combed out on a patient dog, and not on one that struggles', () => {
    expect(at(plan({ mats: { back: 3 } }), 'back').method).toBe('comb')
    expect(at(plan({ mats: { back: 3 }, behaviour: { brush: 3 } }), 'back').method).toBe('clip')
  })
  it('five shaved zones want the owner’s consent', () => {
    expect(plan({ mats: { back: 4, side: 4, rump: 4, chest: 4, tail: 4 } }).consents).toEqual(['pelt'])
    expect(plan({ mats: { back: 4 } }).consents).toEqual([])
  })
})

describe('safety above the wish', () => {
  it('no skip-tooth blade on thin skin, and the reason says so', () => {
    const made = plan({ request: { tools: { tuck: { blade: '7', lay: 'with' }, back: { blade: '7', lay: 'with' } } } })
    expect(at(made, 'tuck').blade).toBe('7F')
    expect(at(made, 'tuck').why).toContain('7 asked, 7F taken')
  })
  it('red skin gets a 10 for a 15', () => {
    const made = plan({
      request: { tools: { cheek: { blade: '15', lay: 'with' } } },
      health: [{ kind: 'skin-red', zone: 'cheek' }],
    })
    expect(at(made, 'cheek').blade).toBe('10')
  })
  it('an open sore is left alone and refers', () => {
    const made = plan({ health: [{ kind: 'sore', zone: 'thigh' }] })
    expect(at(made, 'thigh').method).toBe('leave')
    expect(made.refer.map(({ kind }) => kind)).toEqual(['sore'])
  })
  it('laboured breath stops the groom after the look-over', () =>
    expect(plan({ health: [{ kind: 'breathing' }] }).stages.map(({ id }) => id)).toEqual([
      'arrive',
      'look-over',
      'handover',
    ]))
  it('a clipped lip brings the caution to the stage where the hand is', () => {
    const made = plan({})
    const stage = made.stages.find(({ zones }) => zones.includes('lips'))?.id
    expect(made.cautions).toContainEqual(expect.objectContaining({ id: 'mouth-shut', level: 'must', stage }))
  })
})

describe('stages', () => {
  it('a salon dog waits in the cabinet; a van dog, an old one or one that fears the dryer does not', () => {
    const wait = (made: Plan) => made.stages.find(({ id }) => id === 'dry')?.waitMin
    expect(wait(plan({}))).toBe(15)
    expect(wait(plan({ setting: 'mobile' }))).toBe(0)
    expect(wait(plan({ dog: { ...QUILL.dog, ageMonths: 150 } }))).toBe(0)
    expect(wait(plan({ behaviour: { dryer: 3 } }))).toBe(0)
  })
  it('a frightened dog’s plan says why a stage takes longer, an old one that it needs rests', () => {
    const why = (made: Plan, stage: string) => made.stages.find(({ id }) => id === stage)?.why
    expect(why(plan({ behaviour: { dryer: 3 } }), 'dry')).toBe('Dried by hand. Minds it, 3 of 4: 50 % more time.')
    expect(why(plan({ dog: { ...QUILL.dog, ageMonths: 150 } }), 'look-over')).toBe(
      'Short bouts: let it sit or lie, leave out one style.',
    )
    expect(why(plan({}), 'look-over')).toBe('')
  })
  it('a house’s limits make the plan: mats are borne less long, slots cut finer and promised surer', () => {
    const mats = { armpit: 3, belly: 2 }
    const under = (made: Plan) => at(made, 'armpit').lengthMm
    expect(under(plan({ mats, house: { ...house, brushLimitMin: 10 } }))).toBe(3.2)
    expect(under(plan({ mats }))).toBeGreaterThan(3.2)
    const slot = (chancePercent: number) =>
      plan({ house: { ...house, chancePercent, slotStepMin: 5 } }).fit.shortestSlotMin
    expect(slot(60)).toBeLessThan(slot(95))
    expect(slot(60) % 5).toBe(0)
  })
  it('a puppy is shaved after the dry, and the plan says so', () => {
    const made = plan({ dog: { ...QUILL.dog, ageMonths: 8 } })
    expect(made.stages.map(({ id }) => id)).not.toContain('pre-clip')
    expect(made.left.find(({ id }) => id === 'pre-clip')?.why).toMatch(/young and wriggles/)
    expect(made.breaks).toEqual([])
    const unshaved = plan({ dog: { ...QUILL.dog, ageMonths: 8 }, request: { pattern: 'bath-tidy' } })
    expect(unshaved.left.find(({ id }) => id === 'pre-clip')?.why).toBe('Nothing is cut here today.')
  })
  it('a house’s water limit is in the bath and at every tub stage', () => {
    const made = plan({ house: { ...house, waterMaxC: 36 } })
    expect(made.bath.waterMaxC).toBe(36)
    expect(made.cautions.find(({ id }) => id === 'lukewarm')?.why).toBe('Lukewarm water, never above 36 °C.')
    expect(plan({}).bath.waterMaxC).toBe(38)
    expect(Case.safeParse({ ...QUILL, house: { ...house, waterMaxC: 45 } }).error?.issues[0]?.message).toBe('The water must be 30 to 38 °C.') // prettier-ignore
  })
  it('says who should be there for a dog that takes people, dogs or the work hard', () => {
    const arrive = (behaviour: Case['behaviour']) => plan({ behaviour }).stages.find(({ id }) => id === 'arrive')?.why
    expect(arrive({ people: 2, brush: 3 })).toBe('')
    expect(arrive({ dryer: 4 })).toBe('A second pair of hands from the start.')
    expect(arrive({ people: 3, dogs: 3 })).toBe('The same groomer all through, and nobody else near. No other dog in the room.') // prettier-ignore
  })
  it('asks two to lift a heavy dog, unless the table comes down or the dog walks up', () => {
    const ids = (tableLift: 'by-hand' | 'electric-or-ramp') => plan({ dog: { ...QUILL.dog, weightKg: 20 }, house: { ...house, tableLift } }).cautions.map(({ id }) => id) // prettier-ignore
    expect(ids('by-hand')).toContain('lift')
    expect(ids('electric-or-ramp')).not.toContain('lift')
    expect(ids('electric-or-ramp')).not.toContain('two-handlers')
  })
  it('bath and tidy leaves the clipper stages out and says why', () => {
    const made = plan({ request: { pattern: 'bath-tidy' } })
    expect(made.stages.map(({ id }) => id)).not.toContain('body')
    expect(made.left).toContainEqual({ id: 'body', why: 'Nothing is cut here today.' })
  })
  it('keeps a groomer’s own order and lists what it breaks', () => {
    const order = [...STAGES].filter((id) => id !== 'nails' && id !== 'second-wash')
    const made = plan({ order: ['feet', 'nails', ...order.filter((id) => id !== 'feet')] })
    expect(made.stages[0]?.id).toBe('feet')
    expect(made.breaks.filter(({ after }) => after === 'feet').map(({ before }) => before)).toEqual(['nails', 'pads'])
  })
  it('nails in the bath fill the conditioner’s wait', () => {
    const [before, inside] = [plan({}), plan({ house: { ...house, nailsWhen: 'in-bath' } })]
    expect(inside.fit.p50).toBeLessThan(before.fit.p50 - 4)
  })
  const house = { earHair: 'clip', earsWhen: 'before-bath', nailsWhen: 'before-bath', roughIn: 'auto', faceFeetWhen: 'before-bath', brushFirst: 'before-rough', footLift: 'on-table', startAt: 'body', bridge: 'leave', backbrush: 'no', difficultDog: 'short-and-kind', tableLift: 'by-hand' } as const // prettier-ignore
})
