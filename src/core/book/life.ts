import { z } from 'zod'

/** What is said of a booking before the bench begins it, and of one that did not come to it. */
export const BOOKING_STANDINGS = {
  asked: { label: 'Asked for', says: 'asked for, not promised yet' },
  booked: { label: 'Booked', says: 'booked' },
  confirmed: { label: 'Confirmed', says: 'confirmed by its people' },
  here: { label: 'Here', says: 'here, not begun' },
  cancelled: { label: 'Cancelled', says: 'cancelled' },
  missed: { label: 'Did not come', says: 'did not come' },
} as const
export const BookingStanding = z.enum(Object.keys(BOOKING_STANDINGS) as [keyof typeof BOOKING_STANDINGS])
export type BookingStanding = z.infer<typeof BookingStanding>

/** What a person can say of a booking that stands. */
export const SAID_STANDINGS = ['asked', 'booked', 'confirmed', 'here'] as const satisfies readonly BookingStanding[]

/** A booking from the first word to the end; the last two come from the bench. */
export type Life = BookingStanding | 'begun' | 'done'

/** @param visit what the bench knows of it */
export function lifeOf(standing: BookingStanding, visit: { finished: boolean } | null): Life {
  if (visit === null) return standing
  return visit.finished ? 'done' : 'begun'
}

export const lifeWords = (life: Life): string =>
  life === 'begun' ? 'on the bench' : life === 'done' ? 'done' : BOOKING_STANDINGS[life].says

/** A booking that has its slot: what was cancelled or missed gives it back. */
export const isInBook = (standing: BookingStanding): boolean => standing !== 'cancelled' && standing !== 'missed'

const HOUR_MIN = 60
const DAY_MIN = 24 * HOUR_MIN

/** How late something was cancelled: `3 days before`, `40 min after its start`. */
export function howLate(startMs: number, atMs: number): string {
  const min = Math.round((startMs - atMs) / 60_000)
  const before = min >= 0
  const away = Math.abs(min)
  const span =
    away >= 2 * DAY_MIN
      ? `${Math.floor(away / DAY_MIN)} days`
      : away >= 2 * HOUR_MIN
        ? `${Math.floor(away / HOUR_MIN)} h`
        : `${away} min`
  return `${span} ${before ? 'before' : 'after'} its start`
}

/** A dog that begins so much off its start is asked about, min. Source: from memory. */
const OFF_MIN = 15

/** How far off its booked start a dog begins: null while it is near. @returns minutes, early below 0 */
export function offBooked(startMs: number, nowMs: number): number | null {
  const min = Math.round((nowMs - startMs) / 60_000)
  return Math.abs(min) <= OFF_MIN ? null : min
}
