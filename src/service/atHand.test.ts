import { expect, it } from 'vitest'
import { makePlan } from '@/core/plan'
import { QUILL } from '../../tests/cases'
import { AtHand } from './atHand'
import { planFor } from './booking/planFor'

it('what nobody asked for longest goes first', () => {
  const hand = new AtHand<number>(2)
  hand.keep('a', 1)
  hand.keep('b', 2)
  expect(hand.get('a')).toBe(1)
  hand.keep('c', 3)
  expect([hand.get('a'), hand.get('b'), hand.get('c')]).toEqual([1, undefined, 3])
})
it('a plan at hand is the plan of that case, and of no other', () => {
  const heavier = { ...QUILL, dog: { ...QUILL.dog, weightKg: QUILL.dog.weightKg + 8 } }
  expect(planFor(QUILL)).toBe(planFor(structuredClone(QUILL)))
  expect(planFor(heavier)).toEqual(makePlan(heavier))
  expect(() => planFor(heavier).card.pop()).toThrow()
  expect(planFor(heavier).fit.p50).toBeGreaterThan(planFor(QUILL).fit.p50)
})
