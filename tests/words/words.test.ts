import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readWords } from '@/core/request'
import { namesIn } from '@/core/request/words/names'
import { ASK_BACK, ZONE_NAMES } from '@/core/request/words/zoneNames'
import { ZONE_KEYS, zonesOf } from '@/core/zones'
import { HELD_OUT, WHILE_WRITING } from './phrases'
import { UNSEEN } from './unseen'
import { UNSEEN_LAST } from './unseenLast'
import { UNSEEN_LATER } from './unseenLater'
import { said } from './said'

describe('words as owners say them', () => {
  it.each(WHILE_WRITING)('%s', (words, comesTo) => expect(said(words)).toBe(comesTo))
  it.each(HELD_OUT)('%s (held out)', (words, comesTo) => expect(said(words)).toBe(comesTo))
  it.each([...UNSEEN, ...UNSEEN_LATER, ...UNSEEN_LAST])('%s: %s', (_, words, comesTo) => {
    const parts = (line: string) => line.split('; ').map((part) => (part.startsWith('?') ? '?' : part))
    if (comesTo === '?') expect(parts(said(words))).toContain('?')
    else expect(parts(said(words)).sort()).toEqual(parts(comesTo).sort())
  })
})

describe('what holds for any words', () => {
  it('any text at all is read without failing, and only known zones come out', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        for (const { zones } of readWords(text).spoken)
          expect(zones.length > 0 && zones.every((zone) => ZONE_KEYS.includes(zone))).toBe(true)
      }),
    )
  })
  it('no words, no wishes', () =>
    expect(readWords('  \n ')).toEqual({ spoken: [], unclear: [], chatter: [], remarks: [] }))
  it('4 000 characters are read in one go', () => {
    // Two names of one zone with two lengths would be a contradiction.
    const named = new Map(ZONE_NAMES.map(([names, keys]) => [keys.join(), { names, keys }]))
    const single = [...named.values()].filter(
      ({ keys: [key, ...more] }) => more.length === 0 && key && zonesOf(key).length === 1,
    )
    const wishes = single.map(({ names }, at) => `${at + 20} mm on the ${namesIn(names)[0]}. `)
    expect(readWords(wishes.join('')).unclear.map(({ question }) => question)).toEqual([])
    expect(readWords('half an inch on the legs. '.repeat(150)).spoken).toHaveLength(1)
  })
})

describe('the names of the zones', () => {
  it('no name means two things', () => {
    const names = [...ZONE_NAMES, ...ASK_BACK].flatMap(([each]) => namesIn(each))
    expect(names.filter((name, at) => names.indexOf(name) !== at)).toEqual([])
  })
  it.each(ZONE_NAMES.map(([names, keys]) => [namesIn(names)[0] as string, keys] as const))(
    '"leave the %s"',
    (name, keys) => {
      if (name === 'all over') return
      expect(readWords(`leave the ${name}`).spoken[0]).toMatchObject({ zones: [...keys], deed: { do: 'keep' } })
    },
  )
})
