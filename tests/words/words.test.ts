import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readWords } from '@/core/request'
import { ASK_BACK, ZONE_NAMES } from '@/core/request/words/zoneNames'
import { ZONE_KEYS } from '@/core/zones'
import { HELD_OUT, WHILE_WRITING } from './phrases'
import { said } from './said'

describe('words as owners say them', () => {
  it.each(WHILE_WRITING)('%s', (words, comesTo) => expect(said(words)).toBe(comesTo))
  it.each(HELD_OUT)('%s (held out)', (words, comesTo) => expect(said(words)).toBe(comesTo))
})

describe('what holds for any words', () => {
  const scraps = [
    'half an inch',
    'the ears',
    'leave',
    'shorter',
    'body',
    'legs',
    'and',
    ',',
    'but',
    '7F',
    'comb 2',
    'all over',
    'same as last time',
    'blorp',
    'not',
    'tail',
    'off the floor',
    '3 mm',
    'except',
  ]
  it('every word is taken or asked about: a word nobody knows never disappears', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...scraps), { maxLength: 9 }), (parts) => {
        const { spoken, unclear } = readWords(parts.join(' '))
        const back = [...spoken, ...unclear].map(({ words }) => words).join(' ')
        for (const part of parts.filter((each) => each === 'blorp' || each === 'tail' || each === '7F'))
          expect(back).toContain(part.toLowerCase())
        expect(unclear.length > 0 || !parts.includes('blorp')).toBe(true)
      }),
      { seed: 3 },
    )
  })
  it('any text at all is read without failing, and only known zones come out', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        for (const { zones } of readWords(text).spoken)
          expect(zones.length > 0 && zones.every((zone) => ZONE_KEYS.includes(zone))).toBe(true)
      }),
    )
  })
  it('no words, no wishes', () => expect(readWords('  \n ')).toEqual({ spoken: [], unclear: [] }))
  it('4 000 characters are read in one go', () =>
    expect(readWords('half an inch on the legs. '.repeat(150)).spoken).toHaveLength(150))
})

describe('the names of the zones', () => {
  it('no name means two things', () => {
    const names = [...ZONE_NAMES, ...ASK_BACK].flatMap(([each]) => each.split('|'))
    expect(names.filter((name, at) => names.indexOf(name) !== at)).toEqual([])
  })
  it.each(ZONE_NAMES.map(([names, keys]) => [names.split('|')[0] as string, keys] as const))(
    '"leave the %s"',
    (name, keys) => {
      if (name === 'all over') return
      expect(readWords(`leave the ${name}`).spoken[0]).toMatchObject({ zones: [...keys], deed: { do: 'keep' } })
    },
  )
})
