import { describe, expect, it } from 'vitest'
import { houseClock, showAge, showMinutes, showSpan } from '.'

const time = houseClock('Europe/London')

describe('the clock of the house', () => {
  it('shows UTC moments in the house’s own time, summer and winter', () => {
    expect(time.clock(Date.UTC(2027, 0, 19, 9, 45))).toBe('09:45')
    expect(time.clock(Date.UTC(2027, 6, 19, 9, 45))).toBe('10:45')
    expect(time.clock(Date.UTC(2027, 0, 19, 0, 5))).toBe('00:05')
  })
  it('knows the day it is here, not in UTC', () => {
    expect(time.day(Date.UTC(2027, 6, 19, 23, 30))).toBe('2027-07-20')
    expect(time.longDay(Date.UTC(2027, 2, 2, 12))).toBe('Tuesday 2 March')
    expect(time.shortDay(Date.UTC(2027, 2, 2, 12))).toBe('2 Mar')
  })
  it.each([
    [0, '0 min'],
    [45, '45 min'],
    [60, '1 h'],
    [61, '1 h 01'],
    [150, '2 h 30'],
    [605, '10 h 05'],
  ])('shows %i minutes as they are said', (min, said) => expect(showMinutes(min)).toBe(said))
  it('shows spans and ages', () => {
    expect(showSpan(252_000)).toBe('4:12')
    expect(showSpan(-5)).toBe('0:00')
    expect(showAge('2025-12-02', '2027-03-02')).toBe('15 months')
    expect(showAge('2023-03-02', '2027-03-02')).toBe('4 years')
  })
})
