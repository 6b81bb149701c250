import { describe, expect, it } from 'vitest'
import { HouseDay } from '@/core/day'
import { workshopOf } from '@/core/day/workshop'
import { dispatched, PRIORITIES, Serial, type Turns } from '@/core/shop'
import { seeded } from '@/core/chance'
import { madeDay } from './make'

const CHANGES = 200

/** What a plan comes to: when each piece is, by whom, where, and who stood aside. */
const planOf = ({ state }: Serial) => [state.start, state.end, state.worker, state.second, state.unit, state.aside]

const copied = ({ order, whole, by, second, notBefore }: Turns): Turns => ({
  order: order.slice(),
  whole: whole.slice(),
  by: by.slice(),
  second: second.slice(),
  notBefore: notBefore.slice(),
})

describe('A plan that differs from another only from some turn on', () => {
  it.each([3, 11, 12])('is the same gone on from the other as decided from the start: day %i', (seed) => {
    const day = HouseDay.parse(madeDay(seed, { dogs: 9, groomers: 2, bathers: 1 }))
    const { floor } = workshopOf(day, true, [...day.people.keys()])
    const { share } = seeded(seed)
    let [stand, trial] = [new Serial(floor), new Serial(floor)]
    let turns = dispatched(floor, PRIORITIES[0])
    stand.run(turns)
    let went = 0
    for (let change = 0; change < CHANGES; change++) {
      const next = copied(turns)
      const from = Math.floor(share() * (next.order.length - 1))
      ;[next.order[from], next.order[from + 1]] = [next.order[from + 1] as number, next.order[from] as number]
      const whole = new Serial(floor)
      const placed = whole.run(next)
      expect(trial.run(next, from, stand)).toBe(placed)
      if (!placed) continue
      expect(planOf(trial)).toEqual(planOf(whole))
      if (share() < 0.5) continue
      trial.keepMarks(stand)
      ;[stand, trial] = [trial, stand]
      turns = next
      went++
    }
    expect(went).toBeGreaterThan(CHANGES / 4)
  })
})
