import { describe, expect, it } from 'vitest'
import { Day, addDays, daysBetween, monthsBetween, showDay } from '.'

it.each(['2027-02-30', '2027-13-01', '27-03-02', '2027-3-2', 'today'])(
  'refuses the date %s with a sentence',
  (text) => {
    const parsed = Day.safeParse(text)
    expect(parsed.success).toBe(false)
    expect(parsed.error?.issues[0]?.message).toBe(
      'This date does not exist. Write it as year-month-day, such as 2027-03-02.',
    )
  },
)

it('knows a leap day', () => {
  expect(Day.parse('2028-02-29')).toBe('2028-02-29')
  expect(addDays('2028-02-28', 1)).toBe('2028-02-29')
  expect(daysBetween('2027-01-19', '2027-03-02')).toBe(42)
})

it('says a day as a groomer would', () => expect(showDay('2027-03-25')).toBe('25 March'))

describe('months of age', () => {
  it('a dog that turns twelve today is 144 months, yesterday it was 143', () => {
    expect(monthsBetween('2015-03-02', '2027-03-02')).toBe(144)
    expect(monthsBetween('2015-03-02', '2027-03-01')).toBe(143)
  })
  it('a month is over on its day, or on the first of the next where that day does not exist', () => {
    expect(monthsBetween('2027-01-31', '2027-02-28')).toBe(0)
    expect(monthsBetween('2027-01-31', '2027-03-01')).toBe(1)
    expect(monthsBetween('2027-03-02', '2027-01-01')).toBe(0)
  })
})
