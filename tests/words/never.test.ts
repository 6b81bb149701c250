import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makePlan, type Case } from '@/core/plan'
import { readWords } from '@/core/request'
import { BLADES, COMBS } from '@/core/lengths'
import { zonesOf, type ZoneId, type ZoneKey } from '@/core/zones'
import { namesIn } from '@/core/request/words/names'
import { ZONE_NAMES } from '@/core/request/words/zoneNames'

/** A name of a zone as an owner says it, and what it names; the whole dog left out. */
const zoneNames = ZONE_NAMES.filter(([, keys]) => !keys.includes('all')).flatMap(([names, keys]) =>
  namesIn(names).map((name) => ({ name, keys })),
)
const zone = fc.constantFrom(...zoneNames)
const inches = fc.constantFrom('half an inch', 'an inch', '13 mm', '3/4 of an inch', '20 mm', 'an inch and a half')
const cut = fc.constantFrom('shaved', 'shorter', '7F', 'round', 'a 10', 'tidied', 'much shorter', 'clipped', 'bobbed')
const covers = (zones: readonly ZoneKey[]): Set<ZoneId> => new Set(zones.flatMap((key) => zonesOf(key)))
const run = { numRuns: 400, seed: 15 }

describe('never', () => {
  it('is a negation dropped: what stands under it is left, or asked about', () => {
    const not = fc.constantFrom(
      'no',
      'not',
      "don't make it",
      "I don't want",
      'without',
      'never',
      'please do not have',
      'no need for',
      'avoid',
    )
    fc.assert(
      fc.property(not, cut, zone, fc.boolean(), (no, act, { name }, before) => {
        const text = before ? `the ${name} ${no} ${act}` : `${no} ${act} on the ${name}`
        const { spoken, unclear } = readWords(text)
        for (const { deed } of spoken) expect(deed.do, text).toBe('keep')
        expect(spoken.length + unclear.length, text).toBeGreaterThan(0)
      }),
      run,
    )
  })

  it('does a word about one zone spread to all', () => {
    const more = fc.constantFrom(
      'a bit shorter',
      'take it shorter',
      'half an inch',
      'and make them round',
      'use a 7F',
      'shave it',
      'tidy it',
      'leave it',
    )
    fc.assert(
      fc.property(zone, inches, more, fc.constantFrom(', ', '. ', ' but ', ' and '), (first, mm, second, join) => {
        const { spoken } = readWords(`${mm} on the ${first.name}${join}${second}`)
        for (const { zones } of spoken)
          for (const each of covers(zones)) expect(covers(first.keys).has(each) || zones.join() !== 'all').toBe(true)
        expect(spoken.every(({ zones }) => !zones.includes('all'))).toBe(true)
      }),
      run,
    )
  })

  it('is an amount that comes off a place what is left, or the place another', () => {
    const verb = fc.constantFrom('', 'take ', 'please take about ', 'can you have ')
    fc.assert(
      fc.property(verb, inches, zone, (take, mm, { name, keys }) => {
        const { spoken } = readWords(`${take}${mm} off the ${name}`)
        expect(spoken).toHaveLength(1)
        expect(spoken[0]).toMatchObject({ zones: [...keys], deed: { do: 'off' } })
      }),
      run,
    )
  })

  it('does the last word win unless it says so', () => {
    const both = fc.tuple(inches, inches).filter(([a, b]) => a !== b)
    fc.assert(
      fc.property(
        zone,
        both,
        fc.constantFrom('no, ', 'sorry, ', 'actually ', 'no sorry ', 'I mean '),
        ({ name, keys }, [a, b], no) => {
          const asked = readWords(`${name} ${a}, ${name} ${b}`)
          expect(asked.spoken).toEqual([])
          expect(asked.unclear[0]?.readings).toEqual([`${name} ${a}`, `${name} ${b}`])
          const mended = readWords(`${name} ${a}, ${no}${b}`)
          const [plain] = readWords(`${name} ${b}`).spoken
          expect(mended.unclear).toEqual([])
          expect(mended.spoken.map(({ deed, zones }) => [deed, zones])).toEqual([[plain?.deed, [...keys]]])
        },
      ),
      run,
    )
  })

  it('is an unknown word beside a wish passed over', () => {
    const strange = fc.constantFrom('blorp', 'bitte', 'корoтко', 'zuschneiden', 'corto', '短く', 'qwx')
    fc.assert(
      fc.property(zone, inches, strange, ({ name }, mm, word) => {
        expect(readWords(`${name} ${mm} ${word}`).unclear.length).toBeGreaterThan(0)
        expect(readWords(`${word} ${name}`).unclear.length).toBeGreaterThan(0)
      }),
      run,
    )
  })

  it('is anything typed without a place: taken, asked, a remark, or said to be no wish', () => {
    const scraps = [
      'half an inch',
      'the ears',
      'leave',
      'shorter',
      'body',
      'and',
      ',',
      '. ',
      'but',
      '7F',
      'all over',
      'same as last time',
      'blorp',
      'not',
      'tail',
      'off the floor',
      'except',
      'no sorry',
      'it',
      'Hi Anna',
      'lovely day',
      'he hates the dryer',
      'matted',
      'left',
      'only',
      'so she can see',
      'please',
      'thanks',
      'maybe',
      'because',
      '\n',
    ]
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...scraps), { maxLength: 12 }), (parts) => {
        const text = parts.join(' ')
        const { spoken, unclear, chatter, remarks } = readWords(text)
        const spans = [...spoken, ...unclear, ...chatter, ...remarks]
        for (const { 0: word, index } of text.matchAll(/[\p{L}\p{N}]+/gu))
          expect(
            spans.some(({ from, to }) => from <= index && index + word.length <= to),
            `${word} of: ${text}`,
          ).toBe(true)
        for (const { from, to, words } of spoken) expect(text.slice(from, to)).toBe(words)
      }),
      { numRuns: 1000, seed: 3 },
    )
  })
})

const CASE: Case = {
  kovit: 'case/1',
  date: '2027-03-02',
  dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 12 },
  coatNowMm: { all: 60 },
  request: {},
  setting: 'salon',
  slotMin: 120,
}

describe('a word on health or temper', () => {
  it.each([
    'he hates the dryer',
    'she has a sore on her belly',
    'careful with the ears',
    'he is a bit stiff',
    'her ears smell',
    'the legs are matted',
  ])('"%s" changes no length', (words) => {
    const plain = makePlan({ ...CASE, request: { pattern: 'teddy' } })
    const told = makePlan({ ...CASE, request: { pattern: 'teddy', words } })
    expect(told.card).toEqual(plain.card)
    expect(told.unclear).toEqual([])
    expect(told.remarks).toHaveLength(1)
  })
})

describe('longer is longer', () => {
  const kit = fc.record({
    blades: fc.subarray([...BLADES], { minLength: 2 }),
    combs: fc.subarray([...COMBS]),
  })
  it('or said to wait, or said that it cannot be; and shorter is shorter', () => {
    const lengths = fc.constantFrom(1.5, 3.2, 4.8, 6.3, 6.4, 9.5, 11, 12.7, 13, 16, 19, 22, 25.4, 31, 40)
    const ways = fc.constantFrom('longer', 'a bit longer', 'shorter', 'a touch shorter', 'much longer')
    fc.assert(
      fc.property(
        kit,
        lengths,
        ways,
        fc.constantFrom('clip', 'comb', 'scissor', undefined),
        (own, lengthMm, how, method) => {
          const last = {
            date: '2027-01-19',
            card: [{ zone: 'back' as const, lengthMm, ...(method ? { method } : {}) }],
          }
          const plan = makePlan({ ...CASE, kit: own, last, request: { sameAsLast: true, words: `${how} on the back` } })
          const back = plan.card.find((entry) => entry.zone === 'back')
          const waits = plan.growing.some((each) => each.zone === 'back')
          const nowMm = back?.lengthMm ?? 0
          const moved = how.includes('longer') ? nowMm > lengthMm : nowMm < lengthMm
          expect(moved || waits || plan.unclear.length > 0, `${how} than ${lengthMm}: ${nowMm}`).toBe(true)
        },
      ),
      { numRuns: 300, seed: 4 },
    )
  })
})
