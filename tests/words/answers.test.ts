import { describe, expect, it } from 'vitest'
import { lengthAnswer, readWords } from '@/core/request'
import { zonesOf, type ZoneId, type ZoneKey } from '@/core/zones'
import { HELD_OUT, WHILE_WRITING } from './phrases'
import { UNSEEN } from './unseen'
import { UNSEEN_LAST } from './unseenLast'
import { UNSEEN_LATER } from './unseenLater'

const TEXTS = [
  ...[...WHILE_WRITING, ...HELD_OUT].map(([words]) => words),
  ...[...UNSEEN, ...UNSEEN_LATER, ...UNSEEN_LAST].map(([, words]) => words),
]
const covers = (zones: readonly ZoneKey[]): Set<ZoneId> => new Set(zones.flatMap((key) => zonesOf(key)))
const cases = TEXTS.flatMap((text) =>
  readWords(text).unclear.flatMap(({ words, readings, zones }) =>
    readings.map((said) => ({ text, words, said, zones })),
  ),
)

describe('an answer to what was asked back', () => {
  it('there are many', () => expect(cases.length).toBeGreaterThan(100))
  it.each(cases)('"$text": $said', ({ text, words, said, zones }) => {
    const after = readWords(text, [{ asked: words, said }])
    const fresh = after.spoken.filter((wish) => wish.words === words)
    // It is taken, or asked about more closely, and never reaches a zone that was not asked about.
    expect(fresh.length + after.unclear.length).toBeGreaterThan(0)
    const whole = fresh.some((wish) => wish.zones.includes('all'))
    if (whole) return expect(said).toMatch(/all over|one length|same as last/)
    if (zones.length === 0) return
    const allowed = covers(zones)
    for (const wish of fresh) for (const zone of covers(wish.zones)) expect(allowed).toContain(zone)
  })
  it('that says it is no wish leaves nothing open', () => {
    const { spoken, unclear, chatter } = readWords('bum short', [{ asked: 'bum short', said: '' }])
    expect([spoken, unclear]).toEqual([[], []])
    expect(chatter).toHaveLength(1)
  })
  it('may be any length, at the zones that were asked about', () => {
    const [question] = readWords('legs short').unclear
    const said = question && lengthAnswer(question)?.(9)
    expect(said).toBe('9 mm on the legs')
    expect(readWords('legs short', [{ asked: 'legs short', said: said ?? '' }]).spoken).toMatchObject([
      { zones: ['legs'], deed: { do: 'length', lengthMm: 9 } },
    ])
  })
  it('to words that are no longer there is not read', () =>
    expect(readWords('legs 10 mm', [{ asked: 'bum short', said: 'shave the tail' }]).spoken).toHaveLength(1))
})
