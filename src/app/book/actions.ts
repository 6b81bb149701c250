'use server'

import type { Result } from '@/core/result'
import {
  CallOffAsked,
  PutBackAsked,
  StandingAsked,
  callOffBooking,
  putBackBooking,
  sayStanding,
} from '@/service/booking/callOff'
import { TogetherAsked, bookTogether as together } from '@/service/booking/bookTogether'
import type { Booked } from '@/service/booking/bookVisit'
import { MoveAsked, moveBooking as move, type Moved } from '@/service/booking/moveBooking'
import { CalendarText, freeTime, keepCalendar as keepTimes } from '@/service/calendar/busyTimes'
import { FeedAsked, changeFeed as feed } from '@/service/calendar/feeds'
import { WordsAsked, saveWords as words } from '@/service/messages/houseWords'
import { SaidAsked, markSaid as mark, takeBack as back } from '@/service/messages/outbox'
import { EndAsked, RepeatAsked, endRepeat as end, startRepeat as begin, type Fallen } from '@/service/repeat/repeatDog'
import { OffListAsked, WaitAsked, putOnList as wait, takeOffList as off } from '@/service/waiting/whoWaits'
import { z } from 'zod'
import { answered } from '../answered'

/** Moves a booking, or lengthens or shortens its slot. */
export async function moveBooking(input: unknown): Promise<Result<Moved>> {
  return answered('book', MoveAsked, input, move, '/book', '/')
}

/** Takes a booking out of the book. */
export async function callOff(input: unknown): Promise<Result<{ startMs: number }>> {
  return answered('book', CallOffAsked, input, (asked) => callOffBooking(asked, Date.now()), '/book', '/')
}

/** Puts back what was called off. */
export async function putBack(input: unknown): Promise<Result<null>> {
  return answered('book', PutBackAsked, input, putBackBooking, '/book', '/')
}

/** Says how far a booking has come. */
export async function setStanding(input: unknown): Promise<Result<{ version: number }>> {
  return answered('book', StandingAsked, input, (asked) => sayStanding(asked, Date.now()), '/book', '/')
}

/** Books the dogs of one household in one go. */
export async function bookTogether(input: unknown): Promise<Result<{ booked: Booked[] }>> {
  return answered('book', TogetherAsked, input, together, '/book', '/')
}

/** Begins a repeat. */
export async function startRepeat(input: unknown): Promise<Result<{ repeatId: number; fallen: Fallen[] }>> {
  return answered('book', RepeatAsked, input, begin, '/book', '/')
}

/** Ends a repeat. */
export async function endRepeat(input: unknown): Promise<Result<{ calledOff: number }>> {
  return answered('book', EndAsked, input, end, '/book', '/')
}

/** Puts a dog on the list of those who would come earlier. */
export async function putOnList(input: unknown): Promise<Result<{ id: number }>> {
  return answered('book', WaitAsked, input, wait, '/book')
}

/** Takes a line off the list, or puts it back. */
export async function takeOffList(input: unknown): Promise<Result<null>> {
  return answered('book', OffListAsked, input, (asked) => off(asked, Date.now()), '/book')
}

/** Marks words as said. */
export async function markSaid(input: unknown): Promise<Result<null>> {
  return answered('book', SaidAsked, input, mark, '/book/outbox')
}

/** Says that words were not said after all. */
export async function takeBackSaid(input: unknown): Promise<Result<null>> {
  return answered('book', z.string().min(1).max(80), input, back, '/book/outbox')
}

/** Keeps the house's own words. */
export async function saveWords(input: unknown): Promise<Result<null>> {
  return answered('house', WordsAsked, input, words, '/book/outbox')
}

/** Gives a calendar feed an address, another one, or none. */
export async function changeFeed(input: unknown): Promise<Result<{ secret: string | null }>> {
  return answered('out', FeedAsked, input, feed, '/book/calendars')
}

/** Keeps the busy times of a calendar file. */
export async function keepCalendar(input: unknown): Promise<Result<{ kept: number }>> {
  return answered('book', CalendarText, input, keepTimes, '/book/calendars', '/book')
}

/** Says that a time of somebody's own is free again. */
export async function freeOwnTime(input: unknown): Promise<Result<null>> {
  return answered(
    'book',
    z.number().int().positive(),
    input,
    (id) => freeTime(id, Date.now()),
    '/book/calendars',
    '/book',
  )
}
