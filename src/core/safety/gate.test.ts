import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HEALTH_KINDS, refers, type HealthFact } from '../health'
import {
  BLADES,
  COMBS,
  FULL_KIT,
  SKIP_BLADES,
  byHand,
  cutWith,
  isSkipTooth,
  ladder,
  type BladeId,
  type Kit,
} from '../lengths'
import { catchUp, CATCH_UPS } from '../catch-up'
import { Case, gateFacts, makePlan, meansOf, type Plan } from '../plan'
import { PATTERNS } from '../patterns'
import type { CardEntry, LastEntry } from '../request'
import { THIN_SKIN, ZONES, zonesOf, type ZoneId } from '../zones'
import { isSafe, safeCut, type GateFacts } from '.'
import { PLAIN, at, plan } from '../../../tests/cases'

const FACE_AND_FEET: readonly ZoneId[] = [...zonesOf('face'), 'forefoot', 'hindfoot']
const calm: GateFacts = { dog: { visits: 6 }, health: [], clipperGrade: 0 }
const asked = (zone: ZoneId, blade: string, facts: Partial<GateFacts> = {}, explicit = true) => {
  const cut = cutWith({ blade: blade as '10' }, 'with') ?? byHand('leave', 0)
  const passed = safeCut({ zone, side: null, cut, presentMm: 40, explicit }, { ...calm, ...facts })
  return [passed.cut.blade ?? passed.cut.method, passed.why]
}

describe('the gate (common practice)', () => {
  it('lets a cut pass that harms nobody, without a word', () => expect(asked('back', '7F')).toEqual(['7F', null]))
  it('a bare 30 on light skin of face or feet becomes a 10, elsewhere it stands', () => {
    const light = { dog: { visits: 6, lightSkin: true } }
    expect(asked('cheek', '30', light)).toEqual(['10', '30 asked, 10 taken: no bare 30 or 40 on this skin.'])
    expect(asked('pads', '30', light)).toEqual(['30', null])
    expect(asked('cheek', '30')).toEqual(['30', null])
  })
  it('a 15 stands on tender skin when it is asked for, gives way by default, and never stands on red skin', () => {
    const fresh = { dog: { visits: 1 } }
    expect(asked('cheek', '15', fresh)).toEqual(['15', null])
    expect(asked('cheek', '15', fresh, false)).toEqual(['10', '15 asked, 10 taken: this skin marks easily.'])
    const red: HealthFact[] = [{ kind: 'skin-red', zone: 'cheek' }]
    expect(asked('cheek', '15', { health: red })).toEqual(['10', '15 asked, 10 taken: the skin is red.'])
  })
  it('no skip-tooth on thin skin, nor on a dog that jumps', () => {
    expect(asked('tuck', '7')[0]).toBe('7F')
    expect(asked('back', '7')[0]).toBe('7')
    expect(asked('back', '7', { clipperGrade: 3 })[0]).toBe('7F')
  })
  it('what a vet has to see is left alone, and a sore ear is never plucked', () => {
    const health: HealthFact[] = [{ kind: 'hot-spot', zone: 'thigh', side: 'left' }]
    expect(asked('thigh', '7F', { health })).toEqual(['leave', 'Left alone: hot-spot at the left thigh.'])
    const ear: HealthFact[] = [{ kind: 'ear-smell', zone: 'ear-in' }]
    const pluck = { zone: 'ear-canal' as const, side: null, cut: byHand('strip', 0), presentMm: 9, explicit: true }
    expect(safeCut(pluck, { ...calm, health: ear }).cut.method).toBe('leave')
  })
})

/** What no cut on any card may be, written down a second time from the trade's own list. */
function harms({ zone, side, method, blade }: CardEntry, input: Case): string | null {
  const facts = input.health ?? []
  const here = (fact: HealthFact) => fact.zone === zone && (!fact.side || !side || fact.side === side)
  if (method === 'leave') return null
  if (facts.some((fact) => refers(fact) && here(fact))) return 'a zone that a vet has to see'
  if (zone === 'ear-canal' && facts.some(({ kind }) => kind === 'ear-smell' || kind === 'ear-discharge'))
    return 'a sore ear'
  return method === 'clip'
    ? bladeHarms(
        blade,
        zone,
        input,
        facts.some((fact) => fact.kind === 'skin-red' && (fact.zone === undefined || here(fact))),
      )
    : null
}

function bladeHarms(blade: BladeId, zone: ZoneId, input: Case, red: boolean): string | null {
  if (isSkipTooth(blade) && (THIN_SKIN.includes(zone) || (input.behaviour?.clipper ?? 0) >= 3))
    return 'a skip-tooth blade'
  const tender = input.dog.lightSkin === true || (input.dog.visits ?? 9) < 3 || red
  if (['50', '40', '30'].includes(blade) && tender && FACE_AND_FEET.includes(zone)) return 'a bare fine blade'
  return blade === '15' && red ? 'a 15 on red skin' : null
}

const someBlade = fc.constantFrom(...BLADES, ...SKIP_BLADES)
const someZone = fc.constantFrom(...ZONES)
const someMm = fc.double({ min: 0, max: 30, noNaN: true })
const someTool = fc.record({ blade: someBlade, lay: fc.constantFrom('with' as const, 'against' as const) })
const someKit: fc.Arbitrary<Kit> = fc.record({
  blades: fc.subarray([...BLADES, ...SKIP_BLADES]),
  combs: fc.subarray([...COMBS]),
})
const someEntry = fc
  .record({ zone: someZone, side: fc.constantFrom(null, 'left' as const, 'right' as const), tool: someTool })
  .map(({ zone, side, tool }): LastEntry => {
    const cut = cutWith(tool, tool.lay) ?? byHand('scissor', 9)
    return { zone, side, ...cut }
  })
/** Every kind of wish: length, tool, words, pattern, last card, a wish that grew; on every kind of dog. */
const someWish = fc.oneof(
  fc.dictionary(someZone, someMm).map((lengthsMm) => ({ request: { lengthsMm } })),
  fc.dictionary(someZone, someTool).map((tools) => ({ request: { tools } })),
  fc
    .constantFrom('shave the face', 'face 0.5 mm, feet with a 40', 'a 7 on the tuck', '15 on the cheeks')
    .map((words) => ({ request: { words } })),
  fc.constantFrom(...PATTERNS).map((pattern) => ({ request: { pattern } })),
  fc
    .array(someEntry, { maxLength: 20 })
    .map((card) => ({ request: { sameAsLast: true }, last: { date: '2027-02-01', card } })),
  fc.array(fc.record({ zone: someZone, wantedMm: someMm }), { maxLength: 6 }).map((growing) => ({
    request: { sameAsLast: true },
    last: { date: '2027-02-01', card: [], growing },
  })),
)
const someCase = fc
  .record({
    wish: someWish,
    lightSkin: fc.boolean(),
    visits: fc.nat(5),
    clipper: fc.nat(4),
    health: fc.array(
      fc.record({
        kind: fc.constantFrom(...HEALTH_KINDS),
        zone: someZone,
        side: fc.constantFrom(null, 'left' as const, 'right' as const),
      }),
      { maxLength: 3 },
    ),
    mats: fc.dictionary(someZone, fc.nat(4)),
    kit: fc.option(someKit, { nil: undefined }),
  })
  .map(({ wish, lightSkin, visits, clipper, health, mats, kit }) =>
    Case.parse({
      ...PLAIN,
      ...wish,
      dog: { ...PLAIN.dog, lightSkin, visits },
      behaviour: { clipper },
      health,
      mats,
      ...(kit ? { kit } : {}),
    }),
  )
const harmful = (card: Plan['card'], input: Case) =>
  card.flatMap((entry) => {
    const harm = harms(entry, input)
    return harm === null ? [] : [`${harm}: ${entry.zone} ${entry.side} ${entry.method} ${entry.blade}`]
  })

describe('every wish passes the gate', () => {
  it('half a millimetre on tender cheeks is no bare 30, and says what was asked and what was done', () => {
    const made = plan({ dog: { ...PLAIN.dog, lightSkin: true }, request: { lengthsMm: { cheek: 0.5 } } })
    expect(at(made, 'cheek')).toMatchObject({ method: 'clip', blade: '10', lengthMm: 1.5 })
    expect(at(made, 'cheek').why).toContain('30 asked, 10 taken: no bare 30 or 40 on this skin.')
  })
  it('no plan of any wish holds a cut that harms, nor does catching up make one', () =>
    fc.assert(
      fc.property(someCase, (input) => {
        const made = makePlan(input)
        expect(harmful(made.card, input)).toEqual([])
        expect(harmful(catchUp(made, CATCH_UPS, meansOf(input)).card, input)).toEqual([])
      }),
      { numRuns: 300 },
    ))
  it('no way that the bench offers for a correction harms', () =>
    fc.assert(
      fc.property(someCase, someZone, (input, zone) => {
        const facts = gateFacts(input)
        const offered = ladder(input.kit ?? FULL_KIT).filter((cut) =>
          isSafe({ zone, side: null, cut, presentMm: 40, explicit: true }, facts),
        )
        const entries = offered.map((cut): CardEntry => ({
          zone,
          side: null,
          ...cut,
          shape: null,
          join: 'blend',
          why: '',
        }))
        expect(harmful(entries, input)).toEqual([])
      }),
      { numRuns: 100 },
    ))
})
