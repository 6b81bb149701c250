import { z } from 'zod'

const DAY_MS = 86_400_000

/** A calendar day, `2027-03-02`. A day that does not exist, such as 30 February, is refused. */
export const Day = z
  .string({ error: 'Give a date as year-month-day, such as 2027-03-02.' })
  .refine(isDay, { error: 'This date does not exist. Write it as year-month-day, such as 2027-03-02.' })
export type Day = z.infer<typeof Day>

function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false
  const time = Date.parse(`${text}T00:00:00Z`)
  return !Number.isNaN(time) && new Date(time).toISOString().startsWith(text)
}

export const addDays = (day: Day, days: number): Day =>
  new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10)

/** The number of a day, counted from 1 January 1970. */
export const dayNumber = (day: Day): number => Math.round(Date.parse(`${day}T00:00:00Z`) / DAY_MS)

/** Whole days from one day to another; negative when `to` is earlier. */
export const daysBetween = (from: Day, to: Day): number => dayNumber(to) - dayNumber(from)

/**
 * Whole calendar months from one day to another, as an age is counted; never below 0.
 * @example monthsBetween('2015-03-02', '2027-03-02') // 144, on the birthday itself
 */
export function monthsBetween(from: Day, to: Day): number {
  const [fromYear = 0, fromMonth = 0, fromDate = 0] = from.split('-').map(Number)
  const [toYear = 0, toMonth = 0, toDate = 0] = to.split('-').map(Number)
  const months = (toYear - fromYear) * 12 + toMonth - fromMonth - (toDate < fromDate ? 1 : 0)
  return Math.max(0, months)
}

export const weeksBetween = (from: Day, to: Day): number => daysBetween(from, to) / 7

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]

/** `25 March` */
export function showDay(day: Day): string {
  const [, month, date] = day.split('-').map(Number)
  return `${date} ${MONTHS[(month ?? 1) - 1]}`
}
