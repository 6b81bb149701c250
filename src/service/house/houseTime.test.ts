import { describe, expect, it } from 'vitest'
import { minutesOf } from '@/core/people'
import { addDays } from '@/core/units'
import { MS_PER_MIN, houseTime, minuteOfDay } from './houseTime'

it('turns a clock time of a day into its moment, in the time of the house', () => {
  const time = houseTime('Europe/London')
  expect(time.at('2027-07-19', '10:45')).toBe(Date.UTC(2027, 6, 19, 9, 45))
  expect(time.startOfDay('2027-07-19')).toBe(Date.UTC(2027, 6, 18, 23))
})

// Source of the days on which clocks change: the IANA time zone database, as this Node carries it.
describe('over both changes of the clock', () => {
  it.each([
    ['Europe/London', '2027-03-28', '2027-10-31', 60],
    ['America/New_York', '2027-03-14', '2027-11-07', 60],
    ['America/St_Johns', '2027-03-14', '2027-11-07', 60],
    ['Australia/Lord_Howe', '2027-10-03', '2027-04-04', 30],
  ])('%s: a clock time is that clock time, and days are as long as they are', (zone, spring, autumn, shiftMin) => {
    const time = houseTime(zone)
    const lengthMin = (day: string) => (time.startOfDay(addDays(day, 1)) - time.startOfDay(day)) / MS_PER_MIN
    expect(lengthMin(spring)).toBe(24 * 60 - shiftMin)
    expect(lengthMin(autumn)).toBe(24 * 60 + shiftMin)
    for (const change of [spring, autumn])
      for (let off = -3; off <= 3; off++)
        for (const clock of ['00:00', '00:30', '03:15', '09:00', '12:45', '23:45']) {
          const day = addDays(change, off)
          const ms = time.at(day, clock)
          expect([time.day(ms), time.clock(ms), minuteOfDay(time, ms)]).toEqual([day, clock, minutesOf(clock)])
        }
  })
  it.each(['Europe/London', 'America/New_York', 'America/St_Johns', 'Australia/Lord_Howe'])(
    '%s: every hour of a year that the clock shows is found again',
    (zone) => {
      const time = houseTime(zone)
      for (let day = '2027-01-01'; day < '2028-01-01'; day = addDays(day, 1)) {
        expect(time.day(time.startOfDay(day))).toBe(day)
        for (const clock of ['05:00', '09:00', '17:30']) expect(time.clock(time.at(day, clock))).toBe(clock)
      }
    },
  )
})
