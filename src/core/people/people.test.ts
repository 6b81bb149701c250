import { describe, expect, it } from 'vitest'
import { Work, outsideHours, weekdayOf } from '.'

const wren: Work = { hours: { Mon: { from: '08:30', to: '17:00' }, Tue: { from: '08:30', to: '12:00' } } }

describe('when somebody works', () => {
  it.each([
    ['2026-11-23', 'Mon'],
    ['2026-11-29', 'Sun'],
    ['2028-02-29', 'Tue'],
  ])('%s is a %s', (day, weekday) => expect(weekdayOf(day)).toBe(weekday))
  it.each([
    ['2026-11-23', '08:30', 120, null],
    ['2026-11-23', '15:00', 120, null],
    ['2026-11-23', '15:15', 120, 'works 08:30 to 17:00 on Mon'],
    ['2026-11-24', '08:00', 60, 'works 08:30 to 12:00 on Tue'],
    ['2026-11-25', '09:00', 60, 'is free on Wed'],
  ])('a groom on %s at %s for %i min: %s', (day, clock, slotMin, why) =>
    expect(outsideHours(wren, day, clock, slotMin)).toBe(why),
  )
  it('is any time where nobody said', () => expect(outsideHours({}, '2026-11-25', '03:00', 600)).toBeNull())
  it('refuses a day that ends before it begins, and a clock that is none', () => {
    const sentence = (from: string, to: string) =>
      Work.safeParse({ hours: { Mon: { from, to } } }).error?.issues[0]?.message
    expect(sentence('17:00', '09:00')).toBe('A day must end after it begins.')
    expect(sentence('25:00', '26:00')).toBe('Give a time as 08:30.')
  })
})
