import { fitCurve, needsOf, promisedPercent, type BookedFit } from '@/core/book'
import type { Case } from '@/core/plan'
import { keepBookedFits, readBookedFits, readPlanStamps } from '@/data/bookedFits'
import type { Booking } from '@/data/bookings'
import { planFor } from '../booking/planFor'
import { casesFor, type BookingFile } from '../booking/planOf'
import type { HouseTime } from '../house/houseTime'

/** What the book has to know of a plan. */
export function fitOf(planned: Case): BookedFit {
  const plan = planFor(planned)
  const { p50, p90, shortestSlotMin } = plan.fit
  const { groomer, skills } = needsOf(planned, plan)
  return {
    p50,
    p90,
    shortestMin: shortestSlotMin,
    promisedPercent: promisedPercent(planned),
    curve: fitCurve(planned, plan),
    groomer,
    skills: [...skills],
    waterLitres: plan.bath.waterLitres,
  }
}

/**
 * The fits of some bookings; only those are planned again of which something changed since they were kept.
 * @param marked the marks of their plans, where they are read already
 */
export async function fitsOf(
  bookings: readonly Booking[],
  time: HouseTime,
  marked?: ReadonlyMap<number, string>,
): Promise<Map<number, BookedFit>> {
  const ids = bookings.map(({ id }) => id)
  const [stamps, kept] = await Promise.all([marked ?? readPlanStamps(ids), readBookedFits(ids)])
  const isFresh = (id: number) => kept.get(id)?.stamp === stamps.get(id)
  const files = await filesOf(
    bookings.filter(({ id }) => !isFresh(id)),
    time,
  )
  const made = files.flatMap(({ booking, planned }) => {
    const stamp = stamps.get(booking.id)
    return stamp === undefined ? [] : [{ bookingId: booking.id, stamp, fit: fitOf(planned) }]
  })
  await keepBookedFits(made)
  const fresh = ids.flatMap((id) => {
    const there = kept.get(id)
    return there && isFresh(id) ? [[id, there.fit] as const] : []
  })
  return new Map([...fresh, ...made.map(({ bookingId, fit }) => [bookingId, fit] as const)])
}

/** Day by day: a dog is as it stands when its slot begins. */
async function filesOf(bookings: readonly Booking[], time: HouseTime): Promise<BookingFile[]> {
  const byDay = new Map<string, Booking[]>()
  for (const booking of bookings) {
    const day = time.day(booking.startMs)
    byDay.set(day, [...(byDay.get(day) ?? []), booking])
  }
  const files = await Promise.all([...byDay.values()].map((each) => casesFor(each, time)))
  return files.flatMap((each) => [...each.values()])
}
