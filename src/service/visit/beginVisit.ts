import { Case, makePlan } from '@/core/plan'
import { z } from 'zod'
import { problemsOf, refuse, type Result } from '@/core/result'
import { holdBooking, putBack } from '@/data/bookings'
import { addCard } from '@/data/cards'
import { inTransaction } from '@/data/connection'
import { addVisit, readVisitsOfBookings } from '@/data/visits'
import { caseFor } from '../booking/planOf'
import { DAY_MS } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import { noteSaid } from '../trail/noteSaid'

/** A groom that was begun on a device without a network: by which case, and when. */
export const BegunElsewhere = z.strictObject({ planned: Case, startedMs: z.number().int().positive() })
export type BegunElsewhere = z.infer<typeof BegunElsewhere>

/**
 * Opens the bench of a booking: the plan as it stands becomes the dog's next card version. A second start gives the visit
 * that is there.
 * @param who begins it; the one it is booked with where nobody is named
 * @param elsewhere the case that was worked by where it began without a network; its time counts within a day
 */
export function beginVisit(
  bookingId: number,
  { time, nowMs, nameOf }: Pick<OpenHouse, 'time' | 'nowMs' | 'nameOf'>,
  elsewhere?: BegunElsewhere,
  who?: { name: string },
): Promise<Result<{ visitId: number }>> {
  return inTransaction(async () => {
    // A groom that was begun without a network happened, whatever was called off meanwhile.
    if (elsewhere) await putBack(bookingId)
    const booking = await holdBooking(bookingId)
    if (!booking) return refuse('bookingId', 'This booking is not in the book.')
    const [there] = await readVisitsOfBookings([bookingId])
    if (there) return { ok: true, value: { visitId: there.id } }
    const file = await caseFor(booking, time)
    const planned = Case.safeParse(elsewhere?.planned ?? file?.planned)
    if (!planned.success) return { ok: false, problems: problemsOf(planned.error) }
    const plan = makePlan(planned.data)
    const { dogId } = booking
    const why = planned.data.request.sameAsLast ? 'Same as last time, planned' : 'Planned'
    const by = who?.name ?? nameOf(booking.staffId)
    const card = await addCard({ dogId, kind: 'planned', madeMs: nowMs, madeBy: by, why, zones: plan.card })
    await noteSaid({ kind: 'card', id: dogId }, `Version ${card.version}, begun on the bench: ${why}`, by, nowMs)
    const visitId = await addVisit({
      bookingId,
      dogId,
      plannedCardId: card.id,
      plannedCase: planned.data,
      plan,
      startedMs: elsewhere && Math.abs(nowMs - elsewhere.startedMs) < DAY_MS ? elsewhere.startedMs : nowMs,
    })
    return { ok: true, value: { visitId } }
  })
}
