import { describe, expect, it } from 'vitest'
import { figuresEvery, ticksOf } from './ticks'

const minutes = (...args: Parameters<typeof ticksOf>) => ticksOf(...args).map(({ min }) => min)

describe('ticks of a tape', () => {
  it('every minute when a minute is 8 px or more', () => expect(minutes(5, 8)).toEqual([1, 2, 3, 4]))
  it('every five when it is less', () => expect(minutes(20, 4)).toEqual([5, 10, 15]))
  it('every quarter when it is tiny', () => expect(minutes(60, 1)).toEqual([15, 30, 45]))
  it('stand on the clock, not on the start: a slot from 9:40 has its first quarter after 5 min', () =>
    expect(
      ticksOf(30, 4, 40)
        .filter(({ strong }) => strong)
        .map(({ min }) => min),
    ).toEqual([5, 20]))
  it('hang 36, 62 and 100 % down', () =>
    expect(
      ticksOf(16, 8)
        .filter(({ min }) => [4, 5, 15].includes(min))
        .map(({ depth }) => depth),
    ).toEqual([0.36, 0.62, 1]))
})

it('figures stand as close as they have room, on quarters, half hours or hours', () => {
  expect(figuresEvery(4, 40)).toBe(15)
  expect(figuresEvery(2, 40)).toBe(30)
  expect(figuresEvery(1, 40)).toBe(60)
  expect(figuresEvery(0.1, 40)).toBe(240)
})
