import { describe, expect, it } from 'vitest'
import { STRUCK, strikerOf, struckIn } from '.'

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
  it('in JSON the texts are struck, whatever lies around them', () =>
    expect(struckIn({ by: 'Wren', Marsh: ['Hedda', 3, null, { a: 'Marsh' }] }, strike)).toEqual({
      by: 'Wren',
      Marsh: [STRUCK, 3, null, { a: STRUCK }],
    }))
  it('of somebody of whom nothing is known nothing is struck', () =>
    expect(strikerOf({ names: [''], phones: [], places: [''], spared: [] })('Hedda')).toBe('Hedda'))
})
