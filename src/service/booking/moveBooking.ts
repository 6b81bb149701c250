import { refuse, type Result } from '@/core/result'
import { changeBooking, holdBooking } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { readVisitsOfBookings } from '@/data/visits'

/** Moves a booking to another start. What the bench has begun stays where it is. */
export function moveBooking(bookingId: number, startMs: number): Promise<Result<null>> {
  return inTransaction(async () => {
    const booking = await holdBooking(bookingId)
    if (!booking) return refuse('bookingId', 'This booking is not in the book.')
    const [begun] = await readVisitsOfBookings([bookingId])
    if (begun) return refuse('bookingId', 'This groom has begun; its booking stays where it is.')
    await changeBooking(bookingId, { startMs })
    return { ok: true, value: null }
  })
}
