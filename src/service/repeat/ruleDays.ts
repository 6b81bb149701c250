import { rrulestr } from 'rrule'
import { addDays, type Day } from '@/core/units'

const noon = (day: Day): Date => new Date(`${day}T12:00:00Z`)

/**
 * The days on which a rule of RFC 5545 falls, from its first day to before an end. A rule counts calendar days of the
 * house: its clock time is put to each of them, so that a change of the clock moves nothing.
 * @param rule `FREQ=WEEKLY;INTERVAL=2`
 * @param most no more than this many
 */
export function ruleDays(rule: string, firstDay: Day, beforeDay: Day, most = 400): Day[] {
  const parsed = rrulestr(`RRULE:${rule}`, { dtstart: noon(firstDay) })
  const found = parsed.between(noon(firstDay), noon(addDays(beforeDay, -1)), true, (_, count) => count < most)
  return found.map((date) => date.toISOString().slice(0, 10))
}
