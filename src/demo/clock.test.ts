import dayjs from 'dayjs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { houseClock } from '@/core/clock'
import { demoClock } from './clock'

/** The longest demo day seen: the first dog starts seven hours before now, the last is booked into the sixth after. */
const [BEFORE_H, AFTER_H] = [7, 6]

describe('the demo’s clock', () => {
  it('has the whole day of grooms on one date, at whatever moment it is started', () =>
    fc.assert(
      fc.property(fc.integer({ min: Date.UTC(2026, 0, 1), max: Date.UTC(2032, 0, 1) }), (nowMs) => {
        const { timeZone } = demoClock(nowMs)
        const dayOf = houseClock(timeZone).day
        const hours = (count: number) => dayjs(nowMs).add(count, 'hour').valueOf()
        expect(dayOf(hours(-BEFORE_H))).toBe(dayOf(nowMs))
        expect(dayOf(hours(AFTER_H))).toBe(dayOf(nowMs))
        expect(new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', hour12: false }).format(nowMs)).toBe('13')
      }),
    ))
  it('gives an hour of the house’s own day', () => {
    const { atHour, timeZone } = demoClock(Date.UTC(2026, 10, 23, 22, 14))
    expect(timeZone).toBe('Etc/GMT+9')
    expect(new Date(atHour(Date.UTC(2026, 10, 23, 22, 14), 9)).toISOString()).toBe('2026-11-23T18:00:00.000Z')
    expect(houseClock(timeZone).day(Date.UTC(2026, 10, 24, 1))).toBe('2026-11-23')
  })
})
