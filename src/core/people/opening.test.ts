import { describe, expect, it } from 'vitest'
import { Opening, closedWhy, workingMinutes } from '.'

// 2026-11-25 is a Wednesday.
const WED = '2026-11-25'
const weekdays: Opening = {
  days: {
    Wed: { from: '09:00', to: '17:00' },
    Thu: { from: '09:00', to: '17:00' },
    Fri: { from: '10:00', to: '13:00' },
  },
  closed: [{ from: '2026-12-24', to: '2027-01-02', why: 'winter' }],
}

describe('when the house is open', () => {
  it.each([
    [WED, null],
    ['2026-11-28', 'closed on Sat'],
    ['2026-12-24', 'closed: winter'],
    ['2027-01-02', 'closed: winter'],
  ])('on %s: %s', (day, why) => expect(closedWhy(weekdays, day)).toBe(why))
  it('is any day where nobody said', () => expect(closedWhy({}, '2026-11-29')).toBeNull())
  it('a closed time that ends before it begins is refused', () =>
    expect(
      Opening.safeParse({ closed: [{ from: '2026-12-02', to: '2026-12-01', why: '' }] }).error?.issues[0]?.message,
    ).toBe('A closed time must end on its first day or later.'))
  it('somebody works where both are: house and person', () => {
    const late = { hours: { Wed: { from: '12:00', to: '20:00' } } }
    expect(workingMinutes(weekdays, late, WED)).toEqual({ from: 720, to: 1020 })
    expect(workingMinutes(weekdays, late, '2026-11-26')).toBeNull()
    expect(workingMinutes({}, {}, WED)).toEqual({ from: 540, to: 1020 })
  })
})
