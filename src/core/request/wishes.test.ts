import { describe, expect, it } from 'vitest'
import type { ZoneId } from '../zones'
import { Request, wishesOf } from '.'

const wishes = (request: object, last: Parameters<typeof wishesOf>[1] = []) =>
  new Map(wishesOf(Request.parse(request), last).map((wish) => [wish.zone, wish]))
const want = (request: object, zone: ZoneId) => wishes(request).get(zone)?.want

describe('wishes by zone', () => {
  it('a length keeps the scissors where the pattern scissors, and takes a clipper elsewhere', () => {
    const request = { pattern: 'one-length', lengthsMm: { skull: 20, back: 20 } }
    expect(want(request, 'skull')).toEqual({ by: 'scissor', lengthMm: 20 })
    expect(want(request, 'back')).toEqual({ by: 'clipper', lengthMm: 20 })
  })
  it('armpit and belly follow the body only where the pattern names nothing closer', () => {
    expect(want({ pattern: 'one-length', lengthsMm: { body: 20 } }, 'belly')).toEqual({ by: 'clipper', lengthMm: 20 })
    expect(want({ pattern: 'terrier-jacket', lengthsMm: { body: 20 } }, 'belly')).toEqual({ by: 'leave' })
    expect(want({ pattern: 'terrier-jacket', lengthsMm: { belly: 20 } }, 'belly')).toEqual({
      by: 'clipper',
      lengthMm: 20,
    })
  })
  it('keep takes a group whole, health zones too', () => {
    expect(want({ pattern: 'one-length', keep: ['body'] }, 'sanitary')).toEqual({ by: 'leave' })
    expect(want({ pattern: 'one-length', keep: ['feet'] }, 'pads')).toEqual({ by: 'leave' })
  })
  it.each([
    [{ tail: 'shaved' }, 'tail', { by: 'tool', tool: { blade: '10', lay: 'with' } }],
    [{ tail: 'natural' }, 'tail', { by: 'leave' }],
    [{ feet: 'clean' }, 'forefoot', { by: 'tool', tool: { blade: '10', lay: 'with' } }],
    [{ feet: 'round' }, 'hindfoot', { by: 'scissor', lengthMm: 15 }],
    [{ ears: 'leave' }, 'ear-edge', { by: 'leave' }],
    [{ ears: 'shaved' }, 'ear-out', { by: 'tool', tool: { blade: '10', lay: 'with' } }],
  ] as const)('the style %j at the %s', (style, zone, expected) =>
    expect(want({ pattern: 'one-length', ...style }, zone)).toEqual(expected),
  )
  it('a shape stands on its zones and nowhere else', () => {
    const plume = wishes({ pattern: 'one-length', tail: 'plume' })
    expect(plume.get('tail')?.shape).toBe('plume')
    expect(plume.get('tail-base')?.shape).toBeNull()
  })
  it('only what somebody asked for waits for coat', () => {
    const asked = wishes({ pattern: 'one-length', lengthsMm: { chin: 20 } }, [])
    expect([...asked.values()].filter(({ explicit }) => explicit).map(({ zone }) => zone)).toEqual(['chin'])
  })
  it('last time’s left zone is left again and does not grow by itself', () => {
    const last = [{ zone: 'bridge' as const, lengthMm: 12, method: 'leave' as const }]
    expect(wishesOf({ sameAsLast: true }, last).find(({ zone }) => zone === 'bridge')).toMatchObject({
      want: { by: 'leave' },
      explicit: false,
    })
  })
})

describe('bad wishes', () => {
  it.each([
    [{ lengthsMm: { back: -1 } }, 'A length cannot be below 0 mm.'],
    [{ lengthsMm: { back: 301 } }, 'A length cannot be above 300 mm.'],
    [{ lengthsMm: { back: '9' } }, 'Give the length in mm as a number.'],
    [{ words: 'x'.repeat(4001) }, 'Keep the words to 4000 characters.'],
  ])('%j', (request, sentence) => expect(Request.safeParse(request).error?.issues[0]?.message).toBe(sentence))
  it('an unknown zone, tool or key is refused', () => {
    for (const request of [
      { lengthsMm: { elbow: 3 } },
      { tools: { back: { blade: '99' } } },
      { colour: 'red' },
      { keep: ['wing'] },
    ])
      expect(Request.safeParse(request).success).toBe(false)
  })
})
