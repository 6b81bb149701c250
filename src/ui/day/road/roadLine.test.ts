import { describe, expect, it } from 'vitest'
import type { DayPlan } from '@/core/day'
import { drawnStops, heightOf, tankEdge } from './roadLine'

const plan = {
  stops: [
    {
      dogs: ['Samphire'],
      arrive: '08:10',
      leave: '09:40',
      km: 6.1,
      driveMin: 10,
      tankAfterLitres: 40,
      refillBefore: null,
    },
    {
      dogs: ['Nettle', 'Clover'],
      arrive: '10:20',
      leave: '12:20',
      km: 9,
      driveMin: 20,
      tankAfterLitres: 30,
      refillBefore: 'quay',
    },
  ],
} as unknown as DayPlan
const stops = drawnStops(plan, 480, 12)

describe('the road as a line', () => {
  it('fills the tank on the way, between leaving one door and arriving at the next', () => {
    const refill = stops[1]?.refill
    expect(refill?.id).toBe('quay')
    expect(refill && refill.toMin - refill.fromMin).toBe(12)
    expect(refill?.fromMin).toBeGreaterThanOrEqual(580)
    expect(refill?.toMin).toBeLessThanOrEqual(620)
  })
  it('goes down with the clock; a stop is to scale, and a short way still has room for its words', () => {
    const y = heightOf(stops, 480, 760)
    const minutes = [480, 490, 580, 600, 620, 740, 760]
    const heights = minutes.map(y)
    expect([...heights].sort((a, b) => a - b)).toEqual(heights)
    expect((y(740) - y(620)) / (y(580) - y(490))).toBeCloseTo(120 / 90, 5)
    expect(y(490) - y(480)).toBeGreaterThanOrEqual(28)
  })
})

it('the tank falls where a dog is bathed and is full where it was filled', () => {
  const edge = tankEdge(stops, { departMin: 480, homeMin: 760, tankLitres: 80 })
  expect(edge.map(({ litres }) => litres)).toEqual([80, 80, 40, 40, 80, 80, 30, 30])
  expect(edge.map(({ min }) => min)).toEqual([...edge.map(({ min }) => min)].sort((a, b) => a - b))
})
