import { z } from 'zod'
import { chanceAt, type BookedFit, type Hindrance } from '@/core/book'
import { Clock } from '@/core/people'
import { refuse, type Result } from '@/core/result'
import { Day } from '@/core/units'
import { readBooking } from '@/data/bookings'
import { caseFor } from '../booking/planOf'
import { hindrancesAt } from '../booking/timeOf'
import type { OpenHouse } from '../house/openHouse'
import { fitOf } from './fits'

export const TryAsked = z.strictObject({
  bookingId: z.number().int().positive(),
  day: Day,
  clock: Clock,
  staffId: z.number().int().positive(),
  slotMin: z.number().int().min(5).max(720),
})

export interface Tried {
  /** The chance to be done within the slot there, percent. */
  percent: number
  shortestMin: number
  curve: BookedFit['curve']
  hindrances: Hindrance[]
}

/** What a booking would be at another time, with another person: nothing is kept. */
export async function tryTime(asked: z.infer<typeof TryAsked>, house: OpenHouse): Promise<Result<Tried>> {
  const { bookingId, day, clock, staffId, slotMin } = asked
  const booking = await readBooking(bookingId)
  if (!booking) return refuse('bookingId', 'This booking is not in the book.')
  const startMs = house.time.at(day, clock)
  const file = await caseFor({ ...booking, startMs, staffId }, house.time)
  if (!file) return refuse('bookingId', 'This dog is not in the book.')
  const fit = fitOf(file.planned)
  const { id: dogId, name: dog } = file.standing.dog
  const found = await hindrancesAt({ dogId, dog, staffId, startMs, slotMin, fit, bookingId }, house)
  const { curve, shortestMin } = fit
  return { ok: true, value: { percent: chanceAt(curve, slotMin), shortestMin, curve, hindrances: found } }
}
