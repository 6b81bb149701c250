import { expect, it } from 'vitest'
import { AtHand } from './atHand'

it('what nobody asked for longest goes first', () => {
  const hand = new AtHand<number>(2)
  hand.keep('a', 1)
  hand.keep('b', 2)
  expect(hand.get('a')).toBe(1)
  hand.keep('c', 3)
  expect([hand.get('a'), hand.get('b'), hand.get('c')]).toEqual([1, undefined, 3])
})
