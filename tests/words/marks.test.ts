import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { withRemark } from '@/core/dog'
import { markedWords, readWords, zonesAt } from '@/core/request'

const marked = (text: string) => {
  const { spoken, unclear, chatter, remarks } = readWords(text)
  const understood = spoken.map(({ words, from, to, zones }) => ({ words, from, to, zones, means: '' }))
  return markedWords(text, { understood, questions: unclear, chatter, remarks })
}

describe('the marks under an owner’s words', () => {
  it('together are the text, whatever it is', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 120 }), (text) => {
        const pieces = marked(text).map((piece) => piece.text)
        expect(pieces.join('')).toBe(text)
      }),
    ))
  it('say of which zones the words under the caret are', () => {
    const pieces = marked('13 mm on the legs, leave the tail')
    expect(zonesAt(pieces, 3)).toEqual(['legs'])
    expect(zonesAt(pieces, 25)).toEqual(['tail'])
  })
})

describe('a remark for the file', () => {
  const EMPTY = { health: [], behaviour: {} }
  it('pins a finding once, with the words and who said it', () => {
    const about = { kind: 'health' as const, health: 'sore' as const, zone: 'hindfoot' as const, side: 'left' as const }
    const once = withRemark(EMPTY, about, 'a sore on his left foot', '2027-03-02')
    expect(once.health).toEqual([
      {
        kind: 'sore',
        zone: 'hindfoot',
        side: 'left',
        words: 'a sore on his left foot',
        since: '2027-03-02',
        saidBy: 'the owner',
      },
    ])
    expect(withRemark(once, about, 'again', '2027-03-03')).toEqual(once)
  })
  it('on the other side is another one, and a lump that is told of is new', () => {
    const lump = (side: 'left' | 'right') => ({
      kind: 'health' as const,
      health: 'lump-new' as const,
      zone: 'side' as const,
      side,
    })
    const left = withRemark(EMPTY, lump('left'), 'a lump on his left side', '2027-03-02')
    expect(left.health).toMatchObject([{ kind: 'lump', status: 'new', side: 'left' }])
    expect(withRemark(left, lump('right'), 'and one on the right', '2027-03-02').health).toHaveLength(2)
    expect(withRemark(left, lump('left'), 'that lump', '2027-03-09')).toEqual(left)
  })
  it('never makes a grade milder than it is known', () => {
    const minds = { health: [], behaviour: { dryer: 4 } }
    expect(withRemark(minds, { kind: 'temper', trigger: 'dryer', grade: 2 }, '', '2027-03-02')).toEqual(minds)
    expect(withRemark(EMPTY, { kind: 'temper', trigger: 'nails', grade: 3 }, '', '2027-03-02').behaviour).toEqual({
      nails: 3,
    })
  })
})
