import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { FULL_KIT, SKIP_BLADES, byHand, cutWith, isSkipTooth } from '../lengths'
import type { CardEntry } from '../request'
import { SIDES, THIN_SKIN, ZONES, type ZoneId } from '../zones'
import {
  cardProblem,
  cardRows,
  changeEntries,
  choicesFor,
  cutAt,
  differenceWords,
  differences,
  sameCut,
  toolsToLayOut,
} from '.'

/** What an entry may be changed to, also to something that no tool does. */
type Change = Partial<Record<keyof CardEntry, unknown>>
const entry = (zone: ZoneId, lengthMm = 9.5, rest: Change = {}): CardEntry =>
  ({
    zone,
    side: null,
    method: 'comb',
    blade: '30',
    comb: '2',
    lay: 'with',
    lengthMm,
    shape: null,
    join: 'blend',
    why: '',
    ...rest,
  }) as CardEntry
const CARD = ZONES.map((zone) => entry(zone))
const ten = cutWith({ blade: '10' }, 'with') ?? byHand('leave', 0)

describe('changing a card', () => {
  it('changes the zones that are picked and no others', () => {
    const made = changeEntries(CARD, { zones: ['back', 'side'], side: null }, { cut: ten })
    expect(made.filter(({ blade }) => blade === '10').map(({ zone }) => zone)).toEqual(['back', 'side'])
    expect(made).toHaveLength(CARD.length)
  })
  it('one side parts a pair; when both agree again they are one', () => {
    const parted = changeEntries(CARD, { zones: ['ear-edge'], side: 'left' }, { cut: byHand('scissor', 20) })
    expect(parted.filter(({ zone }) => zone === 'ear-edge').map(({ side, lengthMm }) => [side, lengthMm])).toEqual([
      ['left', 20],
      ['right', 9.5],
    ])
    const joined = changeEntries(parted, { zones: ['ear-edge'], side: 'right' }, { cut: byHand('scissor', 20) })
    expect(joined.filter(({ zone }) => zone === 'ear-edge').map(({ side }) => side)).toEqual([null])
  })
  it('a zone in the middle has no sides', () =>
    expect(
      changeEntries(CARD, { zones: ['back'], side: 'left' }, { cut: ten }).filter(({ zone }) => zone === 'back'),
    ).toMatchObject([{ side: null, blade: '10' }]))
  it('shape and join change without the tool', () => {
    const made = changeEntries(CARD, { zones: ['tail'], side: null }, { shape: 'plume', join: 'taper' })
    expect(made.find(({ zone }) => zone === 'tail')).toMatchObject({ shape: 'plume', join: 'taper', comb: '2' })
  })
  it('never loses a zone, whatever is changed in whatever order', () => {
    const step = fc.record({
      zones: fc.subarray([...ZONES], { maxLength: 5 }),
      side: fc.constantFrom(...SIDES, null),
      mm: fc.integer({ min: 1, max: 60 }),
    })
    fc.assert(
      fc.property(fc.array(step, { maxLength: 6 }), (steps) => {
        const made = steps.reduce(
          (card, { zones, side, mm }) => changeEntries(card, { zones, side }, { cut: byHand('scissor', mm) }),
          CARD,
        )
        expect([...new Set(made.map(({ zone }) => zone))]).toEqual(ZONES)
        for (const zone of ZONES) {
          const sides = made.filter((each) => each.zone === zone).map(({ side }) => side)
          expect([['left', 'right'], [null]]).toContainEqual(sides)
        }
      }),
    )
  })
})

describe('the ways offered', () => {
  it('hold no skip-tooth blade where the skin is thin', () => {
    const kit = { blades: [...FULL_KIT.blades, ...SKIP_BLADES], combs: FULL_KIT.combs }
    const skips = (zones: ZoneId[]) =>
      choicesFor(kit, zones).filter(({ cut }) => cut.method === 'clip' && isSkipTooth(cut.blade))
    expect(skips(['back'])).toHaveLength(6)
    for (const zone of THIN_SKIN) expect(skips(['back', zone])).toEqual([])
  })
  it('run from the shortest to the longest', () => {
    const lengths = choicesFor(FULL_KIT, ['back']).map(({ cut }) => cut.lengthMm)
    expect(lengths).toEqual([...lengths].sort((a, b) => a - b))
  })
  it('a length takes the nearest way, or scissors where none is near', () => {
    expect(cutAt(FULL_KIT, 9.5)).toMatchObject({ method: 'comb', comb: '2' })
    expect(cutAt(FULL_KIT, 40)).toMatchObject({ method: 'scissor', lengthMm: 40 })
  })
})

describe('two cards', () => {
  it('differ where a length differs, and say the side where only one does', () => {
    const before = [entry('back'), entry('skull', 20), entry('ear-edge', 24)]
    const now = [
      entry('back', 13),
      entry('skull', 20),
      entry('ear-edge', 24, { side: 'left' }),
      entry('ear-edge', 21, { side: 'right' }),
    ]
    expect(differences(before, now)).toEqual([
      { zone: 'back', fromMm: 9.5, toMm: 13 },
      { zone: 'ear-edge', side: 'right', fromMm: 24, toMm: 21 },
    ])
    expect(differenceWords({ zone: 'back', fromMm: 9.5, toMm: 13 })).toBe('9.5 to 13 mm, 3.5 longer')
    expect(differenceWords({ zone: 'ear-edge', fromMm: 24, toMm: 21 })).toBe('24 to 21 mm, 3 shorter')
  })
  it('do not differ where a coat was only left to grow', () => {
    const left = (mm: number) => [entry('tail', mm, { method: 'leave', blade: null, comb: null, lay: null })]
    expect(differences(left(40), left(60))).toEqual([])
  })
})

describe('a card for the wall', () => {
  it('says zones that are cut alike on one line, head last, and what stays apart', () => {
    const card = [
      entry('skull', 25, { method: 'scissor', comb: null, blade: null, lay: null }),
      entry('back'),
      entry('side'),
      entry('foreleg'),
      entry('lashes', 20, { method: 'leave' }),
    ]
    const { cut, left } = cardRows(card)
    expect(cut.map(({ zones }) => zones.map(({ zone }) => zone))).toEqual([['back', 'side'], ['foreleg'], ['skull']])
    expect(left.map(({ zone }) => zone)).toEqual(['lashes'])
  })
  it('leaves no zone out', () => {
    const { cut, left } = cardRows(CARD)
    expect(cut.flatMap(({ zones }) => zones).length + left.length).toBe(ZONES.length)
  })
  it('a reason alone makes no difference', () =>
    expect(sameCut(entry('back', 9.5, { why: 'a' }), entry('back', 9.5, { why: 'b' }))).toBe(true))
})

describe('a card that somebody wants to keep', () => {
  const swap = (zone: ZoneId, rest: Change) =>
    CARD.map((each) => (each.zone === zone ? ({ ...each, ...rest } as CardEntry) : each))
  it('may be kept when every zone stands once with a length its tool leaves', () =>
    expect(cardProblem(CARD)).toBeNull())
  it('may have left and right of a pair', () =>
    expect(
      cardProblem(changeEntries(CARD, { zones: ['brow'], side: 'left' }, { cut: byHand('scissor', 9) })),
    ).toBeNull())
  it.each([
    [CARD.filter(({ zone }) => zone !== 'back'), 'Back must stand on the card once, or once for each side of a pair.'],
    [[...CARD, entry('back')], 'Back must stand on the card once, or once for each side of a pair.'],
    [swap('brow', { side: 'left' }), 'Brow must stand on the card once, or once for each side of a pair.'],
    [swap('back', { side: 'left' }), 'Back must stand on the card once, or once for each side of a pair.'],
    [swap('back', { lengthMm: 12 }), 'Back: this tool leaves 9.5 mm, not 12.'],
    [swap('back', { blade: '7F' }), 'Back: there is no such tool.'],
    [
      swap('tuck', { method: 'clip', comb: null, blade: '7', lengthMm: 3.2 }),
      'Tuck: no skip-tooth blade where the skin is thin.',
    ],
  ])('is refused with a sentence (%#)', (card, sentence) => expect(cardProblem(card)).toBe(sentence))
  it('takes a skip-tooth blade on the back, and any length by hand', () => {
    expect(cardProblem(swap('back', { method: 'clip', comb: null, blade: '7', lengthMm: 3.2 }))).toBeNull()
    expect(
      cardProblem(swap('back', { method: 'scissor', comb: null, blade: null, lay: null, lengthMm: 77 })),
    ).toBeNull()
  })
})

describe('what is laid out', () => {
  it('is each tool once, in the order of the card, and nothing for what is left alone', () => {
    const left = { ...entry('lashes'), ...byHand('leave', 8) } as CardEntry
    const tools = toolsToLayOut([entry('back'), left, { ...entry('pads'), ...ten } as CardEntry, entry('side')])
    expect(tools).toEqual(['comb 2 on 30', '10 with'])
    expect(toolsToLayOut([left])).toEqual([])
  })
})
