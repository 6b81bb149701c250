import type { BookingStanding } from '../book'
import { isInBook } from '../book'
import { addDays, type Day } from '../units'
import type { MessageKind } from './templates'

/** A booking as far as its people have to know of it. */
export interface BookingToTell {
  bookingId: number
  startMs: number
  slotEndMs: number
  standing: BookingStanding
  /** When it was booked or last moved. */
  changedMs: number
  /** Null while it is not finished. */
  finishedMs: number | null
  /** When it is likely done, once begun; null before. */
  likelyMs: number | null
}

/** What was said already: by what it was about. */
export interface SaidBefore {
  kind: MessageKind
  /** The start that was named; null where none was. */
  startMs: number | null
}

/** Something that should be said, from a moment on. */
export interface Owed {
  kind: MessageKind
  /** By this it is known again, so that it is said once. */
  about: string
  atMs: number
}

const HOUR_MS = 3_600_000
/** A reminder goes so long before the start. Source: common practice. */
const REMINDER_H = 24
/** A finish so far past the promise is told, min. Source: from memory. */
const LATE_MIN = 10
/** That a dog is due is said so many days before. Source: common practice. */
const DUE_DAYS_BEFORE = 7

const keyOf = (kind: MessageKind, bookingId: number, startMs: number): string => `${kind} ${bookingId} ${startMs}`

/**
 * What the people of a booking should hear next: counted anew from the booking and what was said, so that a move changes
 * it and nothing is said twice.
 */
export function owed(booking: BookingToTell, before: readonly SaidBefore[], nowMs: number): Owed[] {
  const { bookingId, startMs, standing, changedMs } = booking
  const one = (kind: MessageKind, atMs: number): Owed => ({ kind, atMs, about: keyOf(kind, bookingId, startMs) })
  const hasSaid = (...kinds: MessageKind[]) => before.some((each) => kinds.includes(each.kind))
  const named = before.filter(({ startMs: start }) => start === startMs).map(({ kind }) => kind)
  const knowsTime = named.includes('confirmation') || named.includes('moved')
  if (!isInBook(standing)) {
    const tell = standing === 'cancelled' && startMs > nowMs && hasSaid('confirmation', 'moved', 'reminder')
    return tell && !hasSaid('cancelled') ? [one('cancelled', changedMs)] : []
  }
  if (booking.likelyMs !== null || booking.finishedMs !== null)
    return onTheDay(booking, named, (kind) => one(kind, nowMs))
  if (standing === 'asked' || standing === 'here' || startMs <= nowMs) return []
  const knew = hasSaid('confirmation', 'moved')
  const first = knowsTime || standing === 'confirmed' ? [] : [one(knew ? 'moved' : 'confirmation', changedMs)]
  const remindMs = startMs - REMINDER_H * HOUR_MS
  // Who booked within the day before has just heard it.
  const reminds = !named.includes('reminder') && changedMs < remindMs
  return reminds ? [...first, one('reminder', remindMs)] : first
}

function onTheDay(
  { likelyMs, finishedMs, slotEndMs }: BookingToTell,
  named: readonly MessageKind[],
  now: (kind: MessageKind) => Owed,
): Owed[] {
  if (finishedMs !== null) return named.includes('ready') ? [] : [now('ready')]
  const late = likelyMs !== null && likelyMs - slotEndMs > LATE_MIN * 60_000
  return late && !named.includes('late') ? [now('late')] : []
}

/** That a dog is due, when nothing is booked for it. Null before its time, or when it was said. */
export function owedDue(
  { dogId, dueOn, isBooked }: { dogId: number; dueOn: Day; isBooked: boolean },
  saidAbout: ReadonlySet<string>,
  today: Day,
): { about: string; onDay: Day } | null {
  const about = `due ${dogId} ${dueOn}`
  const onDay = addDays(dueOn, -DUE_DAYS_BEFORE)
  return isBooked || onDay > today || saidAbout.has(about) ? null : { about, onDay }
}
