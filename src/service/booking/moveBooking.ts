import { z } from 'zod'
import { Clock } from '@/core/people'
import { refuse, type Result } from '@/core/result'
import { Day } from '@/core/units'
import { changeBooking, holdBooking, type Booking } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { readDog } from '@/data/dogs'
import { addFileChange } from '@/data/fileChanges'
import { holdHouse } from '@/data/house'
import { readVisitsOfBookings } from '@/data/visits'
import { fitOf } from '../book/fits'
import type { OpenHouse } from '../house/openHouse'
import { stale } from '../stale'
import { caseFor } from './planOf'
import { hindrancesAt, refusedAs } from './timeOf'

export const MoveAsked = z.strictObject({
  bookingId: z.number().int().positive(),
  /** The version that was on the screen: a booking that somebody else moved meanwhile is not moved again unseen. */
  version: z.number().int().positive().optional(),
  day: Day.optional(),
  clock: Clock.optional(),
  staffId: z.number().int().positive().optional(),
  /** Minutes; `proposed` is the shortest that holds. */
  slotMin: z
    .union([
      z.literal('proposed'),
      z
        .number()
        .int()
        .min(5, { error: 'A slot is 5 to 720 minutes.' })
        .max(720, { error: 'A slot is 5 to 720 minutes.' }),
    ])
    .optional(),
  anyway: z.boolean().default(false),
  by: z.string().max(200).optional(),
})
export type MoveAsked = z.input<typeof MoveAsked>

/** Where a booking was and where it is, so that the move can be taken back. */
export interface Moved {
  version: number
  before: { day: Day; clock: string; staffId: number; slotMin: number }
  startMs: number
  slotMin: number
}

/**
 * Moves a booking to another time, person or day, or lengthens or shortens its slot. What the bench has begun stays where
 * it is. Moves of a house are made one after another: two cannot both take the same hands.
 */
export function moveBooking(asked: MoveAsked, house: OpenHouse): Promise<Result<Moved>> {
  return inTransaction(async () => {
    await holdHouse()
    const { bookingId, version, anyway = false, by } = asked
    const booking = await holdBooking(bookingId)
    if (!booking) return refuse('bookingId', 'This booking is not in the book.')
    const { time, nowMs } = house
    if (version !== undefined && version !== booking.version)
      return stale('This booking', [`${time.longDay(booking.startMs)} at ${time.clock(booking.startMs)}`])
    const [begun] = await readVisitsOfBookings([bookingId])
    if (begun) return refuse('bookingId', 'This groom has begun; its booking stays where it is.')
    const next = await wanted(booking, asked, house)
    if (!next.ok) return next
    const { startMs, staffId, slotMin, fit, dog } = next.value
    const there = { dogId: booking.dogId, dog, staffId, startMs, slotMin, fit, bookingId }
    const problems = refusedAs(await hindrancesAt(there, house), anyway)
    if (problems.length > 0) return { ok: false, problems }
    await changeBooking(bookingId, { moved: { startMs, staffId, slotMin, atMs: nowMs } })
    await noteMove(booking, { startMs, staffId, slotMin }, by, nowMs)
    return { ok: true, value: { version: booking.version + 1, before: placeOf(booking, house), startMs, slotMin } }
  })
}

/** Keeps where a booking was and where it went. */
export async function noteMove(
  { id, startMs, staffId, slotMin }: Booking,
  after: Pick<Booking, 'startMs' | 'staffId' | 'slotMin'>,
  by: string | undefined,
  nowMs: number,
): Promise<void> {
  const change = { madeMs: nowMs, madeBy: by ?? 'the house', before: { startMs, staffId, slotMin }, after }
  await addFileChange({ kind: 'booking', id }, change)
}

const placeOf = ({ startMs, staffId, slotMin }: Booking, { time }: OpenHouse): Moved['before'] => ({
  day: time.day(startMs),
  clock: time.clock(startMs),
  staffId,
  slotMin,
})

async function wanted(booking: Booking, asked: MoveAsked, house: OpenHouse) {
  const { time, hands } = house
  const { day, clock, staffId } = placeOf(booking, house)
  const next = {
    ...booking,
    staffId: asked.staffId ?? staffId,
    startMs: time.at(asked.day ?? day, asked.clock ?? clock),
  }
  if (!hands.some(({ id }) => id === next.staffId)) return refuse('staffId', 'Nobody of that name works here.')
  const [file, dog] = await Promise.all([caseFor(next, time), readDog(booking.dogId)])
  if (!file || !dog) return refuse('dogId', 'This dog is not in the book.')
  const fit = fitOf(file.planned)
  const slotMin = asked.slotMin === 'proposed' ? fit.shortestMin : (asked.slotMin ?? booking.slotMin)
  return { ok: true as const, value: { startMs: next.startMs, staffId: next.staffId, slotMin, fit, dog: dog.name } }
}
