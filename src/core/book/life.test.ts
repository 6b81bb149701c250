import { describe, expect, it } from 'vitest'
import { howLate, isInBook, lifeOf, nearestOpen, offBooked } from '.'

const NINE = Date.UTC(2026, 10, 25, 9)
const MIN = 60_000

describe('a booking’s life', () => {
  it('is what was said until the bench begins it', () => {
    expect(lifeOf('confirmed', null)).toBe('confirmed')
    expect(lifeOf('confirmed', { finished: false })).toBe('begun')
    expect(lifeOf('here', { finished: true })).toBe('done')
  })
  it('gives its slot back when it is cancelled or missed', () => {
    expect((['asked', 'booked', 'confirmed', 'here'] as const).every(isInBook)).toBe(true)
    expect((['cancelled', 'missed'] as const).some(isInBook)).toBe(false)
  })
  it.each([
    [NINE - 75 * 60 * MIN, '3 days before its start'],
    [NINE - 5 * 60 * MIN, '5 h before its start'],
    [NINE - 90 * MIN, '90 min before its start'],
    [NINE + 40 * MIN, '40 min after its start'],
  ])('says how late it was cancelled', (at, words) => expect(howLate(NINE, at)).toBe(words))
})

describe('a dog that begins off its time', () => {
  it.each([
    [NINE + 15 * MIN, null],
    [NINE - 15 * MIN, null],
    [NINE + 16 * MIN, 16],
    [NINE - 30 * MIN, -30],
    [NINE - 7 * 24 * 60 * MIN, -7 * 24 * 60],
  ])('is asked about beyond a quarter of an hour', (now, off) => expect(offBooked(NINE, now)).toBe(off))
})

describe('the nearest open day', () => {
  const weekdays = { days: { Mon: { from: '09:00', to: '17:00' }, Wed: { from: '09:00', to: '17:00' } } }
  it.each([
    ['2026-11-25', '2026-11-25', null], // a Wednesday
    ['2026-11-26', '2026-11-25', 'closed on Thu'],
    ['2026-11-28', '2026-11-30', 'closed on Sat'],
    ['2026-11-24', '2026-11-25', 'closed on Tue'], // the later of two as near
  ])('of %s is %s', (day, open, because) => expect(nearestOpen(weekdays, {}, day)).toEqual({ day: open, because }))
  it('minds on which days its person works', () =>
    expect(nearestOpen({}, { hours: { Fri: { from: '09:00', to: '17:00' } } }, '2026-11-25')).toEqual({
      day: '2026-11-27',
      because: 'free on Wed',
    }))
  it('is none where the house is closed for a week about', () =>
    expect(
      nearestOpen({ closed: [{ from: '2026-11-01', to: '2026-12-31', why: 'rest' }] }, {}, '2026-11-25'),
    ).toBeNull())
})
