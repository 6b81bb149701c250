import type { Groomed } from '@/core/insight'
import { coatToday } from '@/core/plan'
import { repeatScore } from '@/core/repeat'
import { cutCard, doneByStage, elapsedMin, foldVisit, outcomes, standing } from '@/core/visit'
import { readBookingsById } from './bookings'
import { readLogs, readClosedVisits } from './visits'

/** A year's look reaches no further back than this many grooms. */
const MOST_GROOMS = 300

/** The grooms wrapped up since a moment, oldest first, as the house looks back on them. */
export async function readGroomed(
  sinceMs: number,
  monthOf: (ms: number) => string,
  nameOf: (staffId: number) => string,
): Promise<Groomed[]> {
  const visits = await readClosedVisits(sinceMs, MOST_GROOMS)
  const [logs, bookings] = await Promise.all([
    readLogs(visits.map(({ id }) => id)),
    readBookingsById(visits.map(({ bookingId }) => bookingId)),
  ])
  return visits.flatMap((stored): Groomed[] => {
    const visit = foldVisit(logs.get(stored.id) ?? [])
    const booking = bookings.get(stored.bookingId)
    if (!booking || visit.finishedMs === null) return []
    const { plan, case: known } = standing(stored.plannedCase, stored.plan, visit)
    const cut = cutCard(outcomes(plan.card, plan.stages, visit, coatToday(known)))
    const grades = Object.values(visit.behaviour).map(({ grade }) => grade)
    return [
      {
        month: monthOf(stored.startedMs),
        coat: known.dog.coat,
        groomer: nameOf(booking.staffId),
        stages: stored.plan.stages,
        done: new Map([...doneByStage(visit, visit.finishedMs)].map(([stage, { handsMin }]) => [stage, handsMin])),
        doneMin: elapsedMin(visit, visit.finishedMs),
        slotMin: booking.slotMin,
        promised: { p90: stored.plan.fit.p90, chance: stored.plan.fit.chance },
        repeat: repeatScore(plan.card, cut),
        worstGrade: grades.length === 0 ? null : Math.max(...grades),
      },
    ]
  })
}
