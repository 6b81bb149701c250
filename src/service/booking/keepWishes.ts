import { z } from 'zod'
import { Request } from '@/core/request'
import { refuse, type Result } from '@/core/result'
import { LookOver, OwnOrder, changeBooking, holdBooking, type Booking } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { readVisitsOfBookings } from '@/data/visits'
import { stale } from '../stale'

export const WishesAsked = z.strictObject({
  bookingId: z.number().int().positive(),
  request: Request,
  lookOver: LookOver,
  own: OwnOrder.default({}),
  /** The version of the booking that was changed; left out by who has not seen one. */
  version: z.number().int().positive().optional(),
})
export type WishesAsked = z.infer<typeof WishesAsked>

/** Keeps the wishes and what was measured, as they are changed on the plan. Refused once the groom has begun, and from a stale plan. */
export function keepWishes(asked: WishesAsked): Promise<Result<{ version: number }>> {
  return inTransaction(async () => {
    const { bookingId, request, lookOver, own, version } = asked
    const booking = await holdBooking(bookingId)
    if (!booking) return refuse('bookingId', 'This booking is not in the book.')
    const [begun] = await readVisitsOfBookings([bookingId])
    if (begun) return refuse('bookingId', 'This groom has begun; its plan stands as it was started.')
    if (version !== undefined && version !== booking.version) return stale('This plan', changesIn(booking, asked))
    await changeBooking(bookingId, { request, lookOver, own })
    return { ok: true, value: { version: booking.version + 1 } }
  })
}

/** What the other one left otherwise than this one has it, in words. */
function changesIn({ request, own, ...measured }: Booking, asked: WishesAsked): string[] {
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
  return [
    ...(same(request, asked.request) ? [] : ['the wishes']),
    ...(same(measured.coatNowMm, asked.lookOver.coatNowMm) && same(measured.coatSidesMm, asked.lookOver.coatSidesMm)
      ? []
      : ['the coat as measured']),
    ...(same(measured.mats, asked.lookOver.mats) ? [] : ['the mats']),
    ...(same(own, asked.own) ? [] : ['the order of the stages']),
  ]
}
