import { coatToday, makePlan, slotPromise } from '@/core/plan'
import { plannedSegments, visitSegments } from '@/core/strip'
import { foldVisit, forecast, standing, type Standing, type Visit } from '@/core/visit'
import { readBooking, type Booking } from '@/data/bookings'
import { readBookingFile } from '@/data/caseOfBooking'
import { readDog, type Dog } from '@/data/dogs'
import { readLog, readVisit, type StoredVisit } from '@/data/visits'
import type { VisitEvent } from '@/core/visit'
import type { ZoneId } from '@/core/zones'
import type { DayEntry } from '@/ui/day/dayRow'
import type { HouseTime } from '@/service/house/houseTime'

const MS_PER_MIN = 60_000

export interface VisitFile {
  stored: StoredVisit
  booking: Booking
  dog: Dog
  log: VisitEvent[]
  visit: Visit
  /** Case and plan as they stand: with what was measured on the bench. */
  now: Standing
  presentMm: Map<ZoneId, number>
}

/** A visit with its log folded; null when there is none. */
export async function readVisitFile(visitId: number): Promise<VisitFile | null> {
  const stored = await readVisit(visitId)
  if (!stored) return null
  const [booking, dog, log] = await Promise.all([
    readBooking(stored.bookingId),
    readDog(stored.dogId),
    readLog(visitId),
  ])
  if (!booking || !dog) return null
  const visit = foldVisit(log)
  const now = standing(stored.plannedCase, stored.plan, visit)
  return { stored, booking, dog, log, visit, now, presentMm: coatToday(now.case) }
}

/** One booking as the day shows it: its strip as it stands now, and when it will be done. */
export async function readDayEntry(
  booking: Booking,
  stored: StoredVisit | undefined,
  log: VisitEvent[],
  nowMs: number,
  time: HouseTime,
): Promise<DayEntry | null> {
  if (stored) {
    const dog = await readDog(booking.dogId)
    if (!dog) return null
    const visit = foldVisit(log)
    const { plan } = standing(stored.plannedCase, stored.plan, visit)
    const slotEndMs = booking.startMs + booking.slotMin * MS_PER_MIN
    return {
      booking,
      dog,
      visit,
      visitId: stored.id,
      closed: stored.closedMs !== null,
      plan,
      promised: slotPromise(stored.plannedCase).chance,
      segments: visitSegments(plan, visit, booking.startMs, nowMs),
      forecast:
        visit.finishedMs === null
          ? forecast(plan.stages, visit, slotEndMs, nowMs, stored.plannedCase.pace ?? null)
          : null,
    }
  }
  const file = await readBookingFile(booking.id, time.day)
  if (!file) return null
  const plan = makePlan(file.planned)
  const startMs = Math.max(booking.startMs, nowMs)
  const { p50, p90, chance } = plan.fit
  return {
    booking,
    dog: file.dog,
    visit: null,
    visitId: null,
    closed: false,
    plan,
    promised: slotPromise(file.planned).chance,
    segments: plannedSegments(plan.stages, (startMs - booking.startMs) / MS_PER_MIN),
    forecast: { likelyMs: startMs + p50 * MS_PER_MIN, lateMs: startMs + p90 * MS_PER_MIN, chance },
  }
}
