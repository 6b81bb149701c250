import { foldVisit, standing, type Standing, type Visit, type VisitEvent } from '@/core/visit'
import { readBooking, type Booking } from '@/data/bookings'
import { readDog, type Dog } from '@/data/dogs'
import { readLog } from '@/data/events'
import { readVisit, type StoredVisit } from '@/data/visits'

export interface VisitFile {
  stored: StoredVisit
  booking: Booking
  dog: Dog
  log: VisitEvent[]
  visit: Visit
  /** Case and plan as they stand: with what was measured and found on the bench. */
  now: Standing
}

/** A visit with its log folded; null when there is none. */
export async function visitFile(visitId: number): Promise<VisitFile | null> {
  const stored = await readVisit(visitId)
  if (!stored) return null
  const [booking, dog, log] = await Promise.all([
    readBooking(stored.bookingId),
    readDog(stored.dogId),
    readLog(visitId),
  ])
  if (!booking || !dog) return null
  const visit = foldVisit(log)
  return { stored, booking, dog, log, visit, now: standing(stored.plannedCase, stored.plan, visit) }
}
