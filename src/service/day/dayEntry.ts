import { slotPromise, type Case, type Plan } from '@/core/plan'
import { plannedSegments, visitSegments, type Segment } from '@/core/strip'
import { addDays, type Day } from '@/core/units'
import { NEW_VISIT, forecast, standing, type Forecast, type Visit } from '@/core/visit'
import { readBookings, type Booking } from '@/data/bookings'
import { readDogsById, type Dog } from '@/data/dogs'
import { readVisitsOfBookings, type StoredVisit } from '@/data/visits'
import { visitStates } from '../visit/visitStates'
import { filesAtHand } from '../booking/filesAtHand'
import { planFor } from '../booking/planFor'
import type { BookingFile } from '../booking/planOf'
import { MS_PER_MIN, type HouseTime } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'

/** A booking with what is known of its groom so far. */
export interface DayEntry {
  booking: Booking
  dog: Dog
  visitId: number | null
  closed: boolean
  /** What its plan was made from. */
  plannedCase: Case
  plan: Plan
  /** The chance at which this house calls a slot held. */
  promised: number
  visit: Visit | null
  segments: Segment[]
  /** Null once it is finished, and where its day is over. */
  forecast: Pick<Forecast, 'likelyMs' | 'lateMs' | 'chance'> | null
}

/** Whether the van goes to the dog. */
export const isOnRoad = ({ booking }: Pick<DayEntry, 'booking'>): boolean => booking.setting === 'mobile'

/** The bookings of a day as they stand now, by start. */
export async function dayEntries(house: OpenHouse, day: Day): Promise<DayEntry[]> {
  const seen = await dayVisits(house, day)
  const begun = new Set(seen.visits.map(({ bookingId }) => bookingId))
  const [entries, files] = await Promise.all([
    begunOf(seen, house),
    filesAtHand(
      seen.bookings.filter(({ id }) => !begun.has(id)),
      house.time,
    ),
  ])
  const entryOf = new Map(entries.map((entry) => [entry.booking.id, entry]))
  return seen.bookings.flatMap(({ id }) => {
    const file = files.get(id)
    return entryOf.get(id) ?? (file ? plannedEntry(file, house) : [])
  })
}

/** Of the bookings of a day those whose groom was begun: no plan is made for the others. */
export const begunEntries = async (house: OpenHouse, day: Day): Promise<DayEntry[]> =>
  begunOf(await dayVisits(house, day), house)

async function begunOf(
  { bookings, visits, states }: Awaited<ReturnType<typeof dayVisits>>,
  house: OpenHouse,
): Promise<DayEntry[]> {
  const visitOf = new Map(visits.map((visit) => [visit.bookingId, visit]))
  const dogs = await readDogsById(visits.map(({ dogId }) => dogId))
  return bookings.flatMap((booking) => {
    const [dog, stored] = [dogs.get(booking.dogId), visitOf.get(booking.id)]
    return dog && stored ? begunEntry(booking, dog, stored, states.get(stored.id) ?? NEW_VISIT, house) : []
  })
}

/** What is booked on a day, by the clock of the house. */
export const readBookingsOfDay = (time: HouseTime, day: Day): Promise<Booking[]> =>
  readBookings(time.startOfDay(day), time.startOfDay(addDays(day, 1)))

/** What was booked, begun and recorded on a day. */
export async function dayVisits({ time }: OpenHouse, day: Day) {
  const bookings = await readBookingsOfDay(time, day)
  const visits = await readVisitsOfBookings(bookings.map(({ id }) => id))
  const states = await visitStates(visits.map(({ id }) => id))
  return { bookings, visits, states }
}

/** Whether the day of a booking is over: what stands open of it goes on no more. */
const isOver = ({ startMs }: Booking, { time, nowMs }: OpenHouse): boolean => time.day(startMs) < time.day(nowMs)

/** A groom that was begun: its strip as it stands, and when it will be done. */
function begunEntry(booking: Booking, dog: Dog, stored: StoredVisit, visit: Visit, house: OpenHouse): DayEntry {
  const { plan } = standing(stored.plannedCase, stored.plan, visit)
  const slotEndMs = booking.startMs + booking.slotMin * MS_PER_MIN
  const { pace } = stored.plannedCase
  const over = isOver(booking, house)
  const nowMs = over ? Math.max(visit.clockMs, booking.startMs) : house.nowMs
  return {
    booking,
    dog,
    visit,
    visitId: stored.id,
    closed: stored.closedMs !== null,
    plannedCase: stored.plannedCase,
    plan,
    promised: slotPromise(stored.plannedCase).chance,
    segments: visitSegments(plan, visit, booking.startMs, nowMs),
    forecast: visit.finishedMs === null && !over ? forecast(plan.stages, visit, slotEndMs, nowMs, pace ?? null) : null,
  }
}

/** A groom to come: its plan laid from the slot's start, or from now when that is past. */
function plannedEntry({ booking, standing: { dog }, planned }: BookingFile, house: OpenHouse): DayEntry {
  const plan = planFor(planned)
  const over = isOver(booking, house)
  const startMs = over ? booking.startMs : Math.max(booking.startMs, house.nowMs)
  const { p50, p90, chance } = plan.fit
  return {
    booking,
    dog,
    visit: null,
    visitId: null,
    closed: false,
    plannedCase: planned,
    plan,
    promised: slotPromise(planned).chance,
    segments: plannedSegments(plan.stages, (startMs - booking.startMs) / MS_PER_MIN),
    forecast: over ? null : { likelyMs: startMs + p50 * MS_PER_MIN, lateMs: startMs + p90 * MS_PER_MIN, chance },
  }
}
