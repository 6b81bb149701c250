import { describe, expect, it } from 'vitest'
import { FULL_KIT } from '../lengths'
import { ZONES, type ZoneId } from '../zones'
import { Request, wishesOf, type LastEntry } from '.'

const answer = (request: object, last: LastEntry[] = [], growing: { zone: ZoneId; wantedMm: number }[] = []) =>
  wishesOf({
    request: Request.parse(request),
    coat: 'curly',
    dog: { build: 'square' },
    last,
    growing,
    presentMm: new Map(ZONES.map((zone) => [zone, 40])),
    kit: FULL_KIT,
  })
const wishes = (request: object, last: LastEntry[] = []) =>
  new Map(answer(request, last).wishes.map((wish) => [wish.zone, wish]))
const want = (request: object, zone: ZoneId) => wishes(request).get(zone)?.want

describe('same, said right after a length', () => {
  const lastLegs: LastEntry[] = [{ zone: 'foreleg', lengthMm: 30, method: 'scissor' }]
  const legs = (words: string) => wishes({ words }, lastLegs).get('foreleg')?.want
  it('means that length, or that tool', () => {
    expect(legs('16 mm on the body, legs the same')).toEqual({ by: 'clipper', lengthMm: 16 })
    expect(legs('5F on the body, same on the legs')).toEqual({ by: 'tool', tool: { blade: '5F' } })
  })
  it('means the last visit where it says so, comes first, or follows something else', () => {
    expect(legs('16 mm on the body, legs the same as last time')).toEqual({ by: 'scissor', lengthMm: 30 })
    expect(legs('legs the same, body 16 mm')).toEqual({ by: 'scissor', lengthMm: 30 })
    expect(legs('leave the ears, legs the same')).toEqual({ by: 'scissor', lengthMm: 30 })
  })
})

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
    expect(wishes({ sameAsLast: true }, last).get('bridge')).toMatchObject({
      want: { by: 'leave' },
      explicit: false,
    })
  })
})

describe('words among the wishes', () => {
  const last: LastEntry[] = [
    { zone: 'back', lengthMm: 9.5, method: 'comb', comb: '2', blade: '30', lay: 'with' },
    { zone: 'muzzle', lengthMm: 20, method: 'scissor' },
  ]
  const said = (words: string, zone: ZoneId, rest: object = {}) =>
    wishes({ pattern: 'one-length', words, ...rest }, last).get(zone)?.want
  it('beat the last card and the pattern, and give way to a length and a tool by field', () => {
    expect(said('16 mm on the back', 'back', { sameAsLast: true })).toEqual({ by: 'clipper', lengthMm: 16 })
    expect(said('16 mm on the back', 'back', { lengthsMm: { body: 12 } })).toEqual({ by: 'clipper', lengthMm: 12 })
    expect(said('leave the back', 'back', { tools: { back: { blade: '7F' } } })).toEqual({
      by: 'tool',
      tool: { blade: '7F' },
    })
  })
  it('one step shorter than comb 2 is comb 4; a scissored muzzle loses a fifth, a touch is a tenth', () => {
    expect(said('shorter than last time', 'back')).toEqual({ by: 'clipper', lengthMm: 6.4 })
    expect(said('face shorter than last time', 'muzzle')).toEqual({ by: 'scissor', lengthMm: 16 })
    expect(said('muzzle a touch shorter', 'muzzle')).toEqual({ by: 'scissor', lengthMm: 18 })
    // 12.5 mm was asked; comb 1 leaves 12.7.
    expect(said('back 3 mm longer', 'back')).toEqual({ by: 'clipper', lengthMm: 12.7 })
  })
  it('a 10 goes to a 15 and no further: below it nobody steps by saying shorter', () => {
    const shaved = (blade: '10' | '15', lengthMm: number) => [
      { zone: 'cheek' as const, lengthMm, method: 'clip' as const, blade, lay: 'with' as const },
    ]
    expect(wishes({ words: 'cheeks shorter' }, shaved('10', 1.5)).get('cheek')?.want).toEqual({
      by: 'clipper',
      lengthMm: 1.2,
    })
    expect(answer({ words: 'cheeks shorter' }, shaved('15', 1.2)).unclear).toEqual([
      '"cheeks shorter": it is as short as is kind already.',
    ])
  })
  it('a whole face shorter does not touch the eye corners, which are done for health', () => {
    const card = [
      { zone: 'muzzle' as const, lengthMm: 20, method: 'scissor' as const },
      {
        zone: 'eye-corner' as const,
        lengthMm: 1.5,
        method: 'clip' as const,
        blade: '10' as const,
        lay: 'with' as const,
      },
    ]
    const made = wishes({ words: 'face shorter' }, card)
    expect(made.get('muzzle')?.explicit).toBe(true)
    expect(made.get('eye-corner')?.explicit).toBe(false)
  })
  it('shorter than nothing is asked back', () =>
    expect(answer({ words: 'tail a bit shorter' }).unclear).toEqual([
      '"tail a bit shorter": shorter than what? How many mm?',
    ]))
  it('says back by zone what it took', () =>
    expect(answer({ words: 'half an inch all over, leave the ears' }).understood).toEqual([
      { words: 'half an inch all over', from: 0, to: 21, zones: ['all'], lengthMm: 12.7, means: '12.7 mm' },
      { words: 'leave the ears', from: 23, to: 37, zones: ['ear-out', 'ear-in', 'ear-edge'], means: 'left as it is' },
    ]))
  it('the more specific wins in whatever order it is said', () => {
    expect(said('back 16 mm, 10 mm all over', 'back')).toEqual({ by: 'clipper', lengthMm: 16 })
    expect(said('10 mm all over except the back', 'back')).toEqual({ by: 'tool', tool: { comb: '2', blade: '30' } })
  })
  it('never reaches what is done for health', () =>
    expect(said('20 mm all over', 'sanitary')).toEqual({ by: 'tool', tool: { blade: '10', lay: 'with' } }))
  it('takes so many mm off what is there', () =>
    expect(said('15 mm off the tail', 'tail')).toEqual({ by: 'scissor', lengthMm: 25 }))
  it('a tail off the floor is left when it clears, and cut when it does not', () => {
    expect(said('tail an inch off the floor', 'tail')).toEqual({ by: 'leave' })
    const long = wishesOf({
      request: { words: 'tail an inch off the floor' },
      coat: 'silky',
      dog: { build: 'square', heightCm: 30 },
      last: [],
      growing: [],
      kit: FULL_KIT,
      presentMm: new Map(ZONES.map((zone) => [zone, 200])),
    })
    // 93 % of 300 mm is 279; less the tail's 110 and the inch leaves 144.
    expect(long.wishes.find(({ zone }) => zone === 'tail')?.want).toEqual({ by: 'scissor', lengthMm: 144 })
  })
  it('a pattern named in words is that pattern', () =>
    expect(said('teddy bear cut please', 'back')).toEqual({ by: 'tool', tool: { blade: '4F', lay: 'against' } }))
  it('a teddy face on another pattern changes the face only', () => {
    expect(said('teddy face', 'muzzle')).toEqual({ by: 'thin', lengthMm: 15 })
    expect(said('teddy face', 'back')).toEqual({ by: 'tool', tool: { comb: '2', blade: '30' } })
  })
})

describe('wishes that wait', () => {
  it('are asked again at the next visit, and yield to anything said since', () => {
    const growing = [{ zone: 'bridge' as const, wantedMm: 12 }]
    const at = (request: object) => answer(request, [], growing).wishes.find(({ zone }) => zone === 'bridge')
    expect(at({})).toMatchObject({ want: { by: 'clipper', lengthMm: 12 }, explicit: true })
    expect(at({ words: 'bridge 6 mm' })).toMatchObject({ want: { by: 'clipper', lengthMm: 6 } })
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
