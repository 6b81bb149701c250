import { z } from 'zod'
import { SAID_STANDINGS } from '@/core/book'
import { refuse, type Result } from '@/core/result'
import { callOff, changeBooking, holdBooking, holdCalledOff, putBack, type Booking } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { readDog } from '@/data/dogs'
import { addFileChange } from '@/data/fileChanges'
import { holdHouse } from '@/data/house'
import { readVisitsOfBookings } from '@/data/visits'
import { fitOf } from '../book/fits'
import type { OpenHouse } from '../house/openHouse'
import { caseFor } from './planOf'
import { hindrancesAt, refusedAs } from './timeOf'
import { By } from '../trail/noteSaid'

const bookingId = z.number().int().positive()
const NOT_THERE = 'This booking is not in the book.'

export const CallOffAsked = z.strictObject({
  bookingId,
  why: z.string().trim().max(200, { error: 'Keep the reason to 200 characters.' }),
  /** Cancelled by somebody, or nobody came. */
  as: z.enum(['cancelled', 'missed']).default('cancelled'),
  by: By,
})

/** Takes a booking out of the book, and notes it in its story. Its row should be held, and no bench have begun it. */
export async function takeOut(
  { id, standing: before }: Pick<Booking, 'id' | 'standing'>,
  off: Parameters<typeof callOff>[1],
): Promise<void> {
  const { atMs, by: who, why, standing } = off
  await callOff(id, off)
  const change = { madeMs: atMs, madeBy: who, before: { standing: before }, after: { standing, why } }
  await addFileChange({ kind: 'booking', id }, change)
}

/** Takes a booking out of the book; its row stays with when, who and why. What the bench has begun is not called off. */
export function callOffBooking(
  asked: z.input<typeof CallOffAsked>,
  nowMs: number,
): Promise<Result<{ startMs: number; slotMin: number; staffId: number }>> {
  const { bookingId: id, why, as, by: who } = CallOffAsked.parse(asked)
  return inTransaction(async () => {
    const booking = await holdBooking(id)
    if (!booking) return refuse('bookingId', NOT_THERE)
    const [begun] = await readVisitsOfBookings([id])
    if (begun) return refuse('bookingId', 'This groom has begun; it cannot be called off.')
    if (as === 'missed' && booking.startMs > nowMs)
      return refuse('as', 'Its time has not come yet: cancel it, or wait until it should be here.')
    await takeOut(booking, { atMs: nowMs, by: who, why, standing: as })
    return { ok: true, value: { startMs: booking.startMs, slotMin: booking.slotMin, staffId: booking.staffId } }
  })
}

export const PutBackAsked = z.strictObject({ bookingId, anyway: z.boolean().default(false), by: By })

/** Puts a booking back that was called off, when its time is still free or somebody says so. */
export function putBackBooking(asked: z.input<typeof PutBackAsked>, house: OpenHouse): Promise<Result<null>> {
  const { bookingId: id, anyway, by: who } = PutBackAsked.parse(asked)
  return inTransaction(async () => {
    await holdHouse()
    const booking = await holdCalledOff(id)
    if (!booking) return refuse('bookingId', 'This booking was not called off.')
    const [file, dog] = await Promise.all([caseFor(booking, house.time), readDog(booking.dogId)])
    if (!file || !dog) return refuse('bookingId', NOT_THERE)
    const { dogId, staffId, startMs, slotMin, standing } = booking
    const there = { dogId, dog: dog.name, staffId, startMs, slotMin, fit: fitOf(file.planned), bookingId: id }
    const problems = refusedAs(await hindrancesAt(there, house), anyway)
    if (problems.length > 0) return { ok: false, problems }
    await putBack(id)
    const change = { madeMs: house.nowMs, madeBy: who, before: { standing }, after: { standing: 'booked' } }
    await addFileChange({ kind: 'booking', id }, change)
    return { ok: true, value: null }
  })
}

export const StandingAsked = z.strictObject({ bookingId, standing: z.enum(SAID_STANDINGS), by: By })

/** Says how far a booking has come before the bench begins it. */
export function sayStanding(asked: z.input<typeof StandingAsked>, nowMs: number): Promise<Result<{ version: number }>> {
  const { bookingId: id, standing, by: who } = StandingAsked.parse(asked)
  return inTransaction(async () => {
    const booking = await holdBooking(id)
    if (!booking) return refuse('bookingId', NOT_THERE)
    await changeBooking(id, { standing })
    await addFileChange(
      { kind: 'booking', id },
      { madeMs: nowMs, madeBy: who, before: { standing: booking.standing }, after: { standing } },
    )
    return { ok: true, value: { version: booking.version + 1 } }
  })
}
