import { expect, it } from 'vitest'
import type { DayPlan, HouseDay } from '@/core/day'
import { mayMove, moved } from './moved'

const plan = { stops: [{ dogs: ['Quill'] }, { dogs: ['Otis', 'Clover'] }, { dogs: ['Nettle'] }] } as unknown as DayPlan
const order = ({ stops }: DayPlan) => stops.map(({ dogs }) => dogs.join('+')).join(' ')

it('a stop comes one earlier or later, and nothing else changes its place', () => {
  expect(order(moved(plan, 1, -1))).toBe('Otis+Clover Quill Nettle')
  expect(order(moved(plan, 1, 1))).toBe('Quill Nettle Otis+Clover')
  expect(order(plan)).toBe('Quill Otis+Clover Nettle')
})

it('not past an end of the day, and not where the van stands or has been', () => {
  const at = (...dogs: string[]) => ({ happened: dogs.map((dog) => ({ dog })) }) as unknown as HouseDay
  const may = (day: HouseDay) => [0, 1, 2].map((stop) => [mayMove(plan, day, stop, -1), mayMove(plan, day, stop, 1)])
  expect(may(at())).toEqual([
    [false, true],
    [true, true],
    [true, false],
  ])
  expect(may(at('Quill'))).toEqual([
    [false, false],
    [false, true],
    [true, false],
  ])
})
