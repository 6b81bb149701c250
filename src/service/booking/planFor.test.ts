import { expect, it } from 'vitest'
import { makePlan } from '@/core/plan'
import { QUILL } from '../../../tests/cases'
import { planFor } from './planFor'

it('a plan at hand is the plan of that case, and of no other', () => {
  const heavier = { ...QUILL, dog: { ...QUILL.dog, weightKg: QUILL.dog.weightKg + 8 } }
  expect(planFor(QUILL)).toBe(planFor(structuredClone(QUILL)))
  expect(planFor(heavier)).toEqual(makePlan(heavier))
  expect(() => planFor(heavier).card.pop()).toThrow()
  expect(planFor(heavier).fit.p50).toBeGreaterThan(planFor(QUILL).fit.p50)
})
