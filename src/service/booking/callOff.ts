import { z } from 'zod'
import { refuse, type Result } from '@/core/result'
import { callOff, holdBooking } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { readVisitsOfBookings } from '@/data/visits'

export const CallOffAsked = z.strictObject({
  bookingId: z.number().int().positive(),
  why: z.string().trim().max(200, { error: 'Keep the reason to 200 characters.' }),
})

/** Calls a booking off; its row stays with when and why. What the bench has begun is not called off. */
export function callOffBooking({ bookingId, why }: z.infer<typeof CallOffAsked>, nowMs: number): Promise<Result<null>> {
  return inTransaction(async () => {
    if (!(await holdBooking(bookingId))) return refuse('bookingId', 'This booking is not in the book.')
    const [begun] = await readVisitsOfBookings([bookingId])
    if (begun) return refuse('bookingId', 'This groom has begun; it cannot be called off.')
    await callOff(bookingId, nowMs, why)
    return { ok: true, value: null }
  })
}
