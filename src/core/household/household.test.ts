import { describe, expect, it } from 'vitest'
import { PhoneNumber, numberTail, numberToCall } from '.'

describe('a telephone number', () => {
  it.each([
    ['(01632) 96-0101', '01632960101'],
    ['+44 1632 960101', '+441632960101'],
    ['0044 1632 960101', '+441632960101'],
  ])('%s is called as %s', (said, called) => expect(numberToCall(said)).toBe(called))
  it('is known again however it is written, with or without what stands before', () => {
    const tails = ['01632 960101', '+44 1632 960101', '0044 (1632) 960-101', '1632960101'].map(numberTail)
    expect(new Set(tails)).toEqual(new Set(['632960101']))
  })
  it.each([
    ['01632 96010a', 'A number has figures, spaces, brackets and dashes only.'],
    ['12', 'Give a number of 3 to 15 figures.'],
    ['1234567890123456', 'Give a number of 3 to 15 figures.'],
  ])('%s is refused with a sentence', (said, sentence) =>
    expect(PhoneNumber.safeParse(said).error?.issues.map(({ message }) => message)).toContain(sentence),
  )
})
