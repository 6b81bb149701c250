import { describe, expect, it } from 'vitest'
import { houseTime } from '../house/houseTime'
import { ruleDays } from './ruleDays'

/** `Sep 2 4, Oct 1` of a year as days. */
function days(year: number, text: string): string[] {
  const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']
  return text.split(', ').flatMap((part) => {
    const [month = '', ...dates] = part.split(' ')
    const number = String(months.indexOf(month) + 1).padStart(2, '0')
    return dates.map((date) => `${year}-${number}-${date.padStart(2, '0')}`)
  })
}

// Source: RFC 5545, section 3.8.5.3, its own examples with DTSTART;TZID=America/New_York at 09:00.
describe('a rule falls as RFC 5545 says', () => {
  it.each([
    ['daily for 10', '19970902', 'FREQ=DAILY;COUNT=10', days(1997, 'Sep 2 3 4 5 6 7 8 9 10 11')],
    ['weekly for 10', '19970902', 'FREQ=WEEKLY;COUNT=10', days(1997, 'Sep 2 9 16 23 30, Oct 7 14 21 28, Nov 4')],
    [
      'weekly until 24 December',
      '19970902',
      'FREQ=WEEKLY;UNTIL=19971224T000000Z',
      days(1997, 'Sep 2 9 16 23 30, Oct 7 14 21 28, Nov 4 11 18 25, Dec 2 9 16 23'),
    ],
    [
      'every other week, for ever',
      '19970902',
      'FREQ=WEEKLY;INTERVAL=2;WKST=SU',
      [...days(1997, 'Sep 2 16 30, Oct 14 28, Nov 11 25, Dec 9 23'), ...days(1998, 'Jan 6 20, Feb 3 17')],
    ],
    [
      'on Tuesday and Thursday for five weeks',
      '19970902',
      'FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH',
      days(1997, 'Sep 2 4 9 11 16 18 23 25 30, Oct 2'),
    ],
    [
      'every other week on Monday, Wednesday and Friday until 24 December',
      '19970901',
      'FREQ=WEEKLY;INTERVAL=2;UNTIL=19971224T000000Z;WKST=SU;BYDAY=MO,WE,FR',
      days(1997, 'Sep 1 3 5 15 17 19 29, Oct 1 3 13 15 17 27 29 31, Nov 10 12 14 24 26 28, Dec 8 10 12 22'),
    ],
    [
      'every other week on Tuesday and Thursday, 8 times',
      '19970902',
      'FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH',
      days(1997, 'Sep 2 4 16 18 30, Oct 2 14 16'),
    ],
    [
      'a week that begins on Monday',
      '19970805',
      'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO',
      days(1997, 'Aug 5 10 19 24'),
    ],
    [
      'a week that begins on Sunday',
      '19970805',
      'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU',
      days(1997, 'Aug 5 17 19 31'),
    ],
    [
      'on the first Friday for 10 months',
      '19970905',
      'FREQ=MONTHLY;COUNT=10;BYDAY=1FR',
      [...days(1997, 'Sep 5, Oct 3, Nov 7, Dec 5'), ...days(1998, 'Jan 2, Feb 6, Mar 6, Apr 3, May 1, Jun 5')],
    ],
    [
      'a date that a month lacks',
      '20070115',
      'FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5',
      days(2007, 'Jan 15 30, Feb 15, Mar 15 30'),
    ],
  ])('%s', (_, start, rule, expected) => {
    const first = `${start.slice(0, 4)}-${start.slice(4, 6)}-${start.slice(6)}`
    // A rule without an end is looked at as far as the example prints it.
    const before = rule.includes('COUNT') || rule.includes('UNTIL') ? '2010-01-01' : '1998-02-20'
    expect(ruleDays(rule, first, before)).toEqual(expected)
  })
  it('at the same clock time before and after New York changes its clock', () => {
    // The RFC prints 9:00 AM EDT until 25 October, 9:00 AM EST from then on.
    const time = houseTime('America/New_York')
    const utc = ruleDays('FREQ=WEEKLY;COUNT=10', '1997-09-02', '1998-01-01').map((day) =>
      new Date(time.at(day, '09:00')).toISOString().slice(5, 16),
    )
    expect(utc.slice(6)).toEqual(['10-14T13:00', '10-21T13:00', '10-28T14:00', '11-04T14:00'])
  })
  it('stops before the day it is asked to', () =>
    expect(ruleDays('FREQ=WEEKLY', '2026-11-30', '2026-12-14')).toEqual(['2026-11-30', '2026-12-07']))
})
