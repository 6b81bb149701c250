import { z } from 'zod'
import { Day } from '../units'
import { Hours, Weekday, minutesOf, weekdayOf, type Work } from './people'

/** Days on which nobody works, from and to. */
export const Closed = z
  .strictObject({ from: Day, to: Day, why: z.string().trim().max(80, { error: 'Keep the reason to 80 characters.' }) })
  .refine(({ from, to }) => from <= to, { error: 'A closed time must end on its first day or later.' })
export type Closed = z.infer<typeof Closed>

/** When the house is open; a weekday that is missing is closed. Nothing said is any day. */
export const Opening = z.strictObject({
  days: z.partialRecord(Weekday, Hours).optional(),
  closed: z.array(Closed).max(100, { error: 'Keep at most 100 closed times.' }).optional(),
})
export type Opening = z.infer<typeof Opening>

/** Why the house is closed on a day; null when it is open. */
export function closedWhy({ days, closed = [] }: Opening, day: string): string | null {
  const time = closed.find(({ from, to }) => from <= day && day <= to)
  if (time) return time.why === '' ? 'closed' : `closed: ${time.why}`
  const weekday = weekdayOf(day)
  return days && !days[weekday] ? `closed on ${weekday}` : null
}

/** The stretch of a day in which somebody can have a dog in hand, minutes after midnight; null when there is none. */
export function workingMinutes(opening: Opening, work: Work, day: string): { from: number; to: number } | null {
  if (closedWhy(opening, day) !== null) return null
  const weekday = weekdayOf(day)
  const house = opening.days?.[weekday] ?? USUAL_HOURS
  if (work.hours && !work.hours[weekday]) return null
  const own = work.hours?.[weekday] ?? house
  const from = Math.max(minutesOf(house.from), minutesOf(own.from))
  const to = Math.min(minutesOf(house.to), minutesOf(own.to))
  return from < to ? { from, to } : null
}

/** Where nobody said when the house is open. Source: common practice. */
export const USUAL_HOURS: Hours = { from: '09:00', to: '17:00' }

/** @example clockOf(555) // '09:15' */
export const clockOf = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`
