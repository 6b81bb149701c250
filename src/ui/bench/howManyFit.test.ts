import { expect, it } from 'vitest'
import { UNFOLD_PX, howManyFit } from './howManyFit'

it('all, when the last one ends within the room', () => expect(howManyFit([40, 80, 120], 120)).toBe(3))
it('as many as leave room for the button that shows the rest', () => {
  expect(howManyFit([40, 80, 120], 119)).toBe(1)
  expect(howManyFit([40, 80, 160], 80 + UNFOLD_PX)).toBe(2)
})
it('none where there is room for the button alone, and nothing is said of nothing', () => {
  expect(howManyFit([40, 80], 60)).toBe(0)
  expect(howManyFit([], 0)).toBe(0)
})
