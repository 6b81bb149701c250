import { describe, expect, it } from 'vitest'
import { STRUCK, strikerOf, struckIn, toldIn, unsigned } from '.'

const strike = strikerOf({
  names: ['Hedda Marsh'],
  phones: ['01632 960101'],
  places: ['4 Ropewalk', 'hedda@example.org'],
  spared: ['Quill', 'Marsha', 'Wren'],
})

describe('what tells somebody', () => {
  it.each([
    ['Hedda Marsh signs', `${STRUCK} signs`],
    ['Ask Hedda, or Mrs Marsh.', `Ask ${STRUCK}, or Mrs ${STRUCK}.`],
    ['call 01632 960101 first', `call ${STRUCK} first`],
    ['call +44 1632 960-101 first', `call${' '}${STRUCK} first`],
    ['(01632) 960101', STRUCK],
    ['signed HEDDA  marsh', 'signed HEDDA marsh'],
    ['signed HEDDA MARSH', `signed ${STRUCK}`],
    ['hedda marsh', STRUCK],
    ['hedda@example.org, 4 Ropewalk', `${STRUCK}, ${STRUCK}`],
  ])('%s is struck out', (text, left) => expect(strike(text).replaceAll(/\s+/g, ' ')).toBe(left))
  it.each(['Marshmallow for Quill', 'a marsh by the sea', 'Marsha and Wren', '01632 960102', '14 Ropewalk', 'HEDDA 2'])(
    '%s is somebody or something else',
    (text) => expect(strike(text)).toBe(text),
  )
  it('what has the name of a dog or of somebody who works here stays', () =>
    expect(strikerOf({ names: ['Wren Marsh'], phones: [], places: [], spared: ['Wren'] })('Wren, Marsh')).toBe(
      `Wren, ${STRUCK}`,
    ))
  it('a name in small letters takes no key of the trade with it', () => {
    const rose = strikerOf({ names: ['rose wire'], phones: [], places: [], spared: [] })
    expect(struckIn({ ears: 'rose', coat: 'wire', notes: 'call rose' }, rose)).toEqual({
      ears: 'rose',
      coat: 'wire',
      notes: `call ${STRUCK}`,
    })
  })
  it('what somebody was called before is found in what was changed', () =>
    expect(
      toldIn({ name: 'Marsh', place: '4 Ropewalk', notes: '', people: [{ id: 1, name: 'Hedda', phone: '01632 1' }] }),
    ).toEqual({ names: ['Marsh', 'Hedda'], phones: ['01632 1'], places: ['4 Ropewalk', ''] }))
  it('a consent is signed by nobody any more; anything else stays as it is', () => {
    expect(unsigned({ kind: 'consent', consent: 'pelt', signed: 'A neighbour' })).toEqual({
      kind: 'consent',
      consent: 'pelt',
      signed: STRUCK,
    })
    expect(unsigned({ kind: 'note', signed: 'x' })).toEqual({ kind: 'note', signed: 'x' })
    expect(unsigned('consent')).toBe('consent')
  })
  it('in JSON the texts are struck, whatever lies around them', () =>
    expect(struckIn({ by: 'Wren', Marsh: ['Hedda', 3, null, { a: 'Marsh' }] }, strike)).toEqual({
      by: 'Wren',
      Marsh: [STRUCK, 3, null, { a: STRUCK }],
    }))
  it('of somebody of whom nothing is known nothing is struck', () =>
    expect(strikerOf({ names: [''], phones: [], places: [''], spared: [] })('Hedda')).toBe('Hedda'))
})
