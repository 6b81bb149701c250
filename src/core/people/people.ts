import { z } from 'zod'

/** The work somebody does here. A front desk has no dog in hand. */
export const ROLES = ['groomer', 'bather', 'front desk'] as const
export const Role = z.enum(ROLES)
export type Role = z.infer<typeof Role>

/** What somebody here does. Source: common practice. */
export const SKILLS = ['bath', 'dry', 'clip', 'scissor', 'hand-strip', 'difficult dogs'] as const
export const Skill = z.enum(SKILLS)
export type Skill = z.infer<typeof Skill>

/** Monday first. */
export const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const
export const Weekday = z.enum(WEEKDAYS)
export type Weekday = z.infer<typeof Weekday>

export const Clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, { error: 'Give a time as 08:30.' })

/** Hours of one weekday. */
export const Hours = z
  .strictObject({ from: Clock, to: Clock })
  .refine(({ from, to }) => from < to, { error: 'A day must end after it begins.' })
export type Hours = z.infer<typeof Hours>

/** What somebody can do and when they are here; a weekday that is missing is free. Nothing said is any time. */
export const Work = z.strictObject({
  skills: z.array(Skill).optional(),
  hours: z.partialRecord(Weekday, Hours).optional(),
  /** A break of every day, in which no dog is booked. */
  rest: Hours.optional(),
})
export type Work = z.infer<typeof Work>

/** Where a dog is worked on. */
export const STATION_KINDS = ['table', 'tub', 'dryer', 'cabinet', 'bay'] as const
export const StationKind = z.enum(STATION_KINDS)
export type StationKind = z.infer<typeof StationKind>

/** The weekday of a calendar day, `2026-11-23`. */
export const weekdayOf = (day: string): Weekday =>
  WEEKDAYS[(new Date(`${day}T12:00:00Z`).getUTCDay() + 6) % 7] as Weekday

/** @example minutesOf('09:15') // 555 */
export const minutesOf = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3))

/**
 * Why a groom does not lie in somebody's hours; null when it does, or when nobody said what they are.
 * @param clock its start, `09:15`
 */
export function outsideHours({ hours }: Work, day: string, clock: string, slotMin: number): string | null {
  if (!hours) return null
  const weekday = weekdayOf(day)
  const on = hours[weekday]
  if (!on) return `is free on ${weekday}`
  const [start, end] = [minutesOf(clock), minutesOf(clock) + slotMin]
  if (start >= minutesOf(on.from) && end <= minutesOf(on.to)) return null
  return `works ${on.from} to ${on.to} on ${weekday}`
}
