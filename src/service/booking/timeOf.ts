import {
  freeStretches,
  hindrances,
  type BookedFit,
  type BusyTime,
  type Hand,
  type Hindrance,
  type Taken,
} from '@/core/book'
import { addDays, daysBetween, type Day } from '@/core/units'
import { readBookings, type Booking } from '@/data/bookings'
import { readBusy, type StoredBusy } from '@/data/calendars'
import { readDogNames } from '@/data/dogs'
import { DAY_MS, MS_PER_MIN, minuteOfDay, type HouseTime } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'

/** A time that somebody asks for. */
interface TimeAsked {
  dogId: number
  dog: string
  staffId: number
  startMs: number
  slotMin: number
  fit: Pick<BookedFit, 'groomer' | 'skills'>
  /** The booking that would be moved there: it is not in its own way. */
  bookingId?: number
}

/** Everything that speaks against a time, by the book as it stands. Ask inside the transaction that books. */
export async function hindrancesAt(asked: TimeAsked, house: OpenHouse): Promise<Hindrance[]> {
  const { time, opening, everybody } = house
  const { startMs, slotMin, staffId, bookingId } = asked
  const member = everybody.find(({ id }) => id === staffId)
  if (!member) return [{ kind: 'skill', sentence: 'Nobody of that name works here.' }]
  const hand: Hand = { id: member.id, name: member.name, role: member.role, work: member.work }
  const day = time.day(startMs)
  const [bookings, busy] = await Promise.all([
    readBookings(startMs - DAY_MS, startMs + DAY_MS),
    readBusy(startMs - DAY_MS, startMs + DAY_MS),
  ])
  const others = bookings.filter(({ id }) => id !== bookingId)
  const dogs = await readDogNames(others.map(({ dogId }) => dogId))
  // Stretches are counted from this start in real minutes, so that a change of the clock between two makes no error.
  const from = minuteOfDay(time, startMs)
  const minute = (ms: number) => from + Math.round((ms - startMs) / MS_PER_MIN)
  const near = (ms: number) => Math.abs(ms - startMs) < DAY_MS / 2
  const taken = others.flatMap((other): Taken[] => {
    const dog = dogs.get(other.dogId)
    // One over midnight is another day's, and still has the hands.
    if (!dog || (time.day(other.startMs) !== day && !near(other.startMs))) return []
    if (time.day(other.startMs) !== day && other.dogId === asked.dogId) return []
    const at = minute(other.startMs)
    return [{ ...takenBy(other, dog), day, from: at, to: at + other.slotMin }]
  })
  return hindrances(
    { dogId: asked.dogId, dog: asked.dog, day, from, to: from + slotMin, needs: asked.fit },
    {
      opening,
      hand,
      taken,
      busy: busy.map((each) => ({ ...each, day, from: minute(each.fromMs), to: minute(each.toMs) })),
    },
  )
}

const takenBy = ({ staffId, dogId }: Booking, dog: { name: string; householdId: number }) => ({
  staffId,
  dogId,
  dog: dog.name,
  householdId: dog.householdId,
})

/** A booking as a stretch of its day, by the house's clock. */
function takenOf(booking: Booking, dog: { name: string; householdId: number }, time: HouseTime): Taken {
  const from = minuteOfDay(time, booking.startMs)
  return { ...takenBy(booking, dog), day: time.day(booking.startMs), from, to: from + booking.slotMin }
}

const DAY_END_MIN = 24 * 60

/** Somebody's own time as stretches of the days it touches, by the house's clock. */
function busyOf({ staffId, fromMs, toMs, why }: StoredBusy, days: readonly Day[], time: HouseTime): BusyTime[] {
  const [first, last] = [time.day(fromMs), time.day(toMs - 1)]
  return days
    .filter((day) => first <= day && day <= last)
    .map((day) => ({
      staffId,
      day,
      why,
      from: day === first ? minuteOfDay(time, fromMs) : 0,
      to: day === last ? minuteOfDay(time, toMs - 1) + 1 : DAY_END_MIN,
    }))
}

/** What is refused: the dog's own second booking of a day always, the rest unless somebody said so. */
export function refusedAs(found: readonly Hindrance[], anyway: boolean): { path: string; sentence: string }[] {
  return found
    .filter(({ kind }) => kind === 'same-dog' || !anyway)
    .map(({ kind, sentence }) => ({ path: kind === 'same-dog' ? 'day' : 'anyway', sentence }))
}

/** What is given away on the days from one to before another. */
export async function takenBetween(fromDay: Day, toDay: Day, { time }: OpenHouse) {
  const [fromMs, toMs] = [time.startOfDay(fromDay), time.startOfDay(toDay)]
  const [bookings, own] = await Promise.all([readBookings(fromMs, toMs), readBusy(fromMs, toMs)])
  const dogs = await readDogNames(bookings.map(({ dogId }) => dogId))
  const days = Array.from({ length: daysBetween(fromDay, toDay) }, (_, at) => addDays(fromDay, at))
  const taken = bookings.flatMap((booking) => {
    const dog = dogs.get(booking.dogId)
    return dog ? [takenOf(booking, dog, time)] : []
  })
  return { bookings, dogs, taken, busy: own.flatMap((each) => busyOf(each, days, time)), own }
}

/** Starts are on the quarter of an hour. Source: common practice. */
const STEP_MIN = 15

/** The free start of somebody that is nearest to a clock time; null when the day has none. Minutes after midnight. */
export async function nearestStart(
  { day, staffId, fromMin, slotMin }: { day: Day; staffId: number; fromMin: number; slotMin: number },
  house: OpenHouse,
): Promise<number | null> {
  const hand = house.everybody.find(({ id }) => id === staffId)
  if (!hand) return null
  const { taken, busy } = await takenBetween(day, addDays(day, 1), house)
  const starts = freeStretches(day, { opening: house.opening, hand, taken, busy }).flatMap(({ from, to }) => {
    const [first, last] = [Math.ceil(from / STEP_MIN) * STEP_MIN, Math.floor((to - slotMin) / STEP_MIN) * STEP_MIN]
    return first > last ? [] : [Math.min(Math.max(fromMin, first), last)]
  })
  const byNearness = starts.sort((a, b) => Math.abs(a - fromMin) - Math.abs(b - fromMin) || a - b)
  return byNearness[0] ?? null
}
