import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HEALTH_KINDS } from '../health'
import { COATS } from '../coat'
import { BLADES, COMBS, clippedLengthMm, combedLengthMm } from '../lengths'
import { PATTERNS } from '../patterns'
import { TRIGGERS } from '../stages'
import { ZONES, ZONE_KEYS } from '../zones'
import { BUILDS } from '../build'
import { Case, makePlan, type Plan } from '.'
import { PLAIN, at, plan } from '../../../tests/cases'

const byKey = <T>(value: fc.Arbitrary<T>) => fc.dictionary(fc.constantFrom(...ZONE_KEYS), value, { maxKeys: 4 })
const someCase = fc.record({
  kovit: fc.constant('case/1'),
  date: fc.constant('2027-03-02'),
  dog: fc.record({
    name: fc.constant('Any'),
    coat: fc.constantFrom(...COATS),
    build: fc.constantFrom(...BUILDS),
    weightKg: fc.integer({ min: 1, max: 120 }),
    visits: fc.nat(9),
    lightSkin: fc.boolean(),
  }),
  coatNowMm: byKey(fc.integer({ min: 0, max: 300 })),
  mats: byKey(fc.nat(4)),
  behaviour: fc.dictionary(fc.constantFrom(...TRIGGERS), fc.nat(4)),
  health: fc.array(fc.record({ kind: fc.constantFrom(...HEALTH_KINDS), zone: fc.constantFrom(...ZONES) }), {
    maxLength: 2,
  }),
  request: fc.record({
    pattern: fc.option(fc.constantFrom(...PATTERNS), { nil: undefined }),
    lengthsMm: byKey(fc.integer({ min: 0, max: 300 })),
    tools: byKey(
      fc.record({ blade: fc.constantFrom(...BLADES, '7', '5', '4'), lay: fc.constantFrom('with', 'against') }),
    ),
    keep: fc.array(fc.constantFrom(...ZONE_KEYS), { maxLength: 2 }),
  }),
  kit: fc.record({ blades: fc.subarray([...BLADES]), combs: fc.subarray([...COMBS]) }),
  setting: fc.constantFrom('salon', 'mobile'),
  slotMin: fc.integer({ min: 5, max: 720 }),
})

describe('any case', () => {
  it('gives every zone once, never more coat than there is, only lengths the tool leaves, and breaks no must', () => {
    fc.assert(
      fc.property(someCase, (input) => {
        const made = makePlan(Case.parse(input))
        expect(made.card.map(({ zone }) => zone)).toEqual(ZONES)
        expect(made.breaks.filter(({ strength }) => strength === 'must')).toEqual([])
        const present = new Map(
          makePlan(
            Case.parse({ ...input, request: { keep: ['all'] }, mats: {}, house: { earHair: 'leave' } }),
          ).card.map(({ zone, lengthMm }) => [zone, lengthMm]),
        )
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
  const made = plan({
    request,
    last: {
      date: '2027-01-19',
      card: [
        { zone: 'tail', lengthMm: 30 },
        { zone: 'neck', lengthMm: 12.7 },
      ],
    },
  })
  it('keep above all', () => expect(at(made, 'rump')).toMatchObject({ method: 'leave', lengthMm: 38 }))
  it('an exact tool above a length', () => expect(at(made, 'side')).toMatchObject({ blade: '4F', lengthMm: 9.5 }))
  it('a zone above its group', () => expect(at(made, 'back').lengthMm).toBe(19))
  it('a length above the last card', () => expect(at(made, 'neck').lengthMm).toBe(16))
  it('the last card above the pattern', () => expect(at(made, 'tail').lengthMm).toBe(30))
  it('the pattern for the rest', () => expect(at(made, 'skull')).toMatchObject({ method: 'scissor', lengthMm: 25 }))
  it('health zones stay out of a length for the body', () => expect(at(made, 'sanitary').lengthMm).toBe(1.5))
})

describe('same as last time', () => {
  it('repeats tool, length and shape of the card as cut, each side as it was', () => {
    const cut = { method: 'scissor' as const, shape: 'round', join: 'blend' as const }
    const made = plan({
      request: { sameAsLast: true },
      last: {
        date: '2027-01-19',
        card: [
          { zone: 'skull', lengthMm: 24, ...cut },
          { zone: 'ear-edge', side: 'left', lengthMm: 22, ...cut },
          { zone: 'ear-edge', side: 'right', lengthMm: 19, ...cut },
          { zone: 'back', lengthMm: 9.5, method: 'comb', blade: '30', comb: '2', lay: 'with' },
        ],
      },
    })
    expect(at(made, 'skull')).toMatchObject({ method: 'scissor', lengthMm: 24, shape: 'round' })
    const ears = made.card.filter(({ zone }) => zone === 'ear-edge')
    expect(ears.map(({ side, lengthMm }) => [side, lengthMm])).toEqual([
      ['left', 22],
      ['right', 19],
    ])
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
  const waiting = {
    date: '2027-01-19',
    card: [{ zone: 'bridge' as const, lengthMm: 2, method: 'leave' as const }],
    growing: [{ zone: 'bridge' as const, wantedMm: 12 }],
  }
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
    const made = plan({
      coatNowMm: { all: 38, bridge: 8 },
      request: { sameAsLast: true, letGo: ['bridge'] },
      last: waiting,
    })
    expect(made.growing).toEqual([])
  })
  it('goes by the dog’s own pace: 4 mm at 5 mm a week are 6 days', () => {
    const dog = { ...PLAIN.dog, growthMmPerWeek: { head: 5 } }
    const made = plan({ dog, coatNowMm: { all: 38, bridge: 8 }, request: {}, last: waiting })
    expect(made.growing[0]?.readyOn).toBe('2027-03-08')
  })
})

describe('left and right', () => {
  const coatSidesMm = { 'ear-edge': { left: 20, right: 17 } }
  const ears = (made: Plan) => made.card.filter(({ zone }) => zone === 'ear-edge')
  it('wanted equal, the shorter side rules, and the card says so', () => {
    const [both, ...more] = ears(plan({ coatSidesMm, request: { lengthsMm: { 'ear-edge': 16 } } }))
    expect([both?.side, both?.lengthMm, more]).toEqual([null, 16, []])
    expect(both?.why).toContain('Left 20, right 17 mm: the shorter side rules.')
  })
  it('what the shorter side cannot give is left on both, each as long as it is, and waits once', () => {
    const made = plan({ coatSidesMm, request: { lengthsMm: { 'ear-edge': 20 } } })
    expect(ears(made).map(({ side, method, lengthMm }) => [side, method, lengthMm])).toEqual([
      ['left', 'leave', 20],
      ['right', 'leave', 17],
    ])
    expect(made.growing).toMatchObject([{ zone: 'ear-edge', wantedMm: 20, presentMm: 17 }])
  })
  it('wished apart, each side is held against its own coat and waits for itself', () => {
    const sided = (side: 'left' | 'right', lengthMm: number) => ({
      zone: 'ear-edge' as const,
      side,
      lengthMm,
      method: 'scissor' as const,
    })
    const last = { date: '2027-01-19', card: [sided('left', 19), sided('right', 18)] }
    const made = plan({ coatSidesMm, request: { sameAsLast: true }, last })
    expect(ears(made).map(({ side, method, lengthMm }) => [side, method, lengthMm])).toEqual([
      ['left', 'scissor', 19],
      ['right', 'leave', 17],
    ])
    expect(made.growing).toMatchObject([{ zone: 'ear-edge', side: 'right', wantedMm: 18, presentMm: 17 }])
  })
  it('"shorter" makes each side shorter than it was', () => {
    const sided = (side: 'left' | 'right', lengthMm: number) => ({
      zone: 'ear-edge' as const,
      side,
      lengthMm,
      method: 'scissor' as const,
    })
    const last = { date: '2027-01-19', card: [sided('left', 30), sided('right', 20)] }
    const made = plan({ request: { sameAsLast: true, words: 'ears 2 mm shorter' }, last, coatNowMm: { all: 40 } })
    expect(ears(made).map(({ side, lengthMm }) => [side, lengthMm])).toEqual([
      ['left', 28],
      ['right', 18],
    ])
  })
  it('a finding on one side leaves that side alone', () => {
    const made = plan({
      health: [{ kind: 'ear-discharge', zone: 'ear-edge', side: 'left' }],
      request: { lengthsMm: { 'ear-edge': 15 } },
    })
    expect(ears(made).map(({ side, method }) => [side, method])).toEqual([
      ['left', 'leave'],
      ['right', 'comb'],
    ])
    expect(made.refer).toMatchObject([{ kind: 'ear-discharge', zone: 'ear-edge' }])
  })
})

describe('a card saved since the last visit', () => {
  it('is what the same again means, while the coat still comes from the last visit', () => {
    const last = { date: '2027-01-19', card: [{ zone: 'back' as const, lengthMm: 9.5 }] }
    const saved = {
      date: '2027-02-01',
      card: [
        {
          zone: 'back' as const,
          lengthMm: 16,
          method: 'comb' as const,
          comb: '0' as const,
          blade: '30' as const,
          lay: 'with' as const,
        },
      ],
    }
    const made = plan({ coatNowMm: {}, request: { sameAsLast: true }, last, saved })
    expect(at(made, 'back')).toMatchObject({ comb: '0', lengthMm: 16 })
    expect(made.changes).toEqual([{ zone: 'back', fromMm: 9.5, toMm: 16 }])
  })
})

describe('a house’s own pattern', () => {
  const ownPattern = {
    name: 'Harbour trim',
    card: [
      {
        zone: 'back' as const,
        lengthMm: 19,
        method: 'comb' as const,
        comb: 'A' as const,
        blade: '30' as const,
        lay: 'with' as const,
        shape: null,
      },
    ],
  }
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
