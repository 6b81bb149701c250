import { describe, expect, it } from 'vitest'
import { HouseDay, planDay, quickDay } from '@/core/day'
import { at } from './at'
import { madeDay } from './make'
import { clashesOf } from './validate'

describe('made-up days', () => {
  const sizes = [
    { dogs: 3, groomers: 1, bathers: 0 },
    { dogs: 4, groomers: 1, bathers: 1 },
    { dogs: 5, groomers: 2, bathers: 1 },
    { dogs: 8, groomers: 2, bathers: 2 },
  ]
  it.each(sizes)('break no hard rule, whatever is in them: %j', (size) => {
    for (let seed = 1; seed <= 25; seed++) {
      const made = HouseDay.parse(madeDay(seed, size))
      const found = planDay(made)
      expect([seed, clashesOf(made, found)]).toEqual([seed, []])
      expect(at(found.end.at)).toBeGreaterThanOrEqual(at(found.bound.at))
    }
  })
  it.each(sizes)('nor do 225 more that are planned in few steps: %j', (size) => {
    for (let seed = 26; seed <= 250; seed++) {
      const made = HouseDay.parse(madeDay(seed, size))
      expect([seed, clashesOf(made, quickDay(made).plan)]).toEqual([seed, []])
    }
  })
  it('are planned the same again', () => {
    const made = HouseDay.parse(madeDay(7, { dogs: 6, groomers: 2, bathers: 1 }))
    expect(planDay(made)).toEqual(planDay(made))
  })
})
