import fc from 'fast-check'
import { expect, it } from 'vitest'
import { columnsOf } from './columns'

const stretch = (startMs: number, endMs: number) => ({ startMs, endMs })

it('a day of one dog after the other is one column', () =>
  expect(columnsOf([stretch(0, 5), stretch(5, 9)])).toEqual({ columns: [0, 0], count: 1 }))

it('whoever comes first stands at the left, in whatever order they are given', () =>
  expect(columnsOf([stretch(4, 9), stretch(0, 6), stretch(9, 12)])).toEqual({ columns: [1, 0, 0], count: 2 }))

it('never lays two dogs over each other, and opens no column without need', () =>
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat(100), fc.integer({ min: 1, max: 40 })), { maxLength: 12 }), (drawn) => {
      const all = drawn.map(([start, long]) => stretch(start, start + long))
      const { columns, count } = columnsOf(all)
      const overlap = (a: (typeof all)[number], b: (typeof all)[number]) => a.startMs < b.endMs && b.startMs < a.endMs
      all.forEach((one, at) =>
        all.slice(at + 1).forEach((other, after) => {
          if (overlap(one, other)) expect(columns[at]).not.toBe(columns[at + 1 + after])
        }),
      )
      const most = Math.max(
        1,
        ...all.map((one) => all.filter((each) => each.startMs <= one.startMs && one.startMs < each.endMs).length),
      )
      expect(count).toBe(most)
    }),
  ))
