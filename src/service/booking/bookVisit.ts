import { z } from 'zod'
import { closedWhy, overlapping, type Slot } from '@/core/people'
import { Request } from '@/core/request'
import { refuse, type Result } from '@/core/result'
import { Day, addDays } from '@/core/units'
import { LookOver, addBooking, readBookings, readBookingsOfDog } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { readDog } from '@/data/dogs'
import { holdHouse } from '@/data/house'
import type { HouseTime } from '../house/houseTime'
import { MS_PER_MIN } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import { proposeSlot } from './planOf'

export const BookingAsked = z.strictObject({
  dogId: z.number().int().positive(),
  staffId: z.number({ error: 'Choose who grooms.' }).int().positive(),
  day: Day,
  clock: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, { error: 'Give the time as hours and minutes, such as 09:30.' }),
  sameAsLast: z.boolean(),
  /** A bath and tidy between two full grooms. */
  tidy: z.boolean().default(false),
  /** What is wished already, and the coat as it was said to be; the slot is made for it. */
  request: Request.optional(),
  coatNowMm: LookOver.shape.coatNowMm.optional(),
  mats: LookOver.shape.mats.optional(),
  setting: z.enum(['salon', 'mobile']).optional(),
  /** Also where the groomer has another dog at that time, or the house is closed. */
  anyway: z.boolean().default(false),
})
export type BookingAsked = z.infer<typeof BookingAsked>

export interface Booked {
  bookingId: number
  slotMin: number
}

/**
 * Books a dog; the slot is the shortest that its own plan holds at the house's chance. Bookings of a house are made one
 * after another, so that two who press at once do not both get the same hands, or the same dog twice.
 */
export function bookVisit(asked: BookingAsked, house: OpenHouse): Promise<Result<Booked>> {
  return inTransaction(async () => {
    await holdHouse()
    const { dogId, staffId, day, clock, sameAsLast, tidy, anyway } = asked
    const { time, staff, nameOf } = house
    if (!staff.some(({ id }) => id === staffId)) return refuse('staffId', 'Nobody of that name works here.')
    const startMs = time.at(day, clock)
    const others = await readBookingsOfDog(dogId, time.startOfDay(day))
    if (others.some((other) => time.day(other.startMs) === day))
      return refuse('day', 'This dog is booked on that day already.')
    const draft = {
      dogId,
      staffId,
      startMs,
      service: tidy ? 'Bath and tidy' : 'Full groom',
      request: asked.request ?? (tidy ? { pattern: 'bath-tidy' as const } : { sameAsLast }),
      coatNowMm: asked.coatNowMm ?? {},
      mats: asked.mats ?? {},
      setting: asked.setting ?? (house.works === 'van' ? ('mobile' as const) : ('salon' as const)),
    }
    const slotMin = await proposeSlot(draft, time)
    if (slotMin === null) return refuse('dogId', 'This dog is not in the book.')
    const shut = anyway ? null : closedWhy(house.opening, day)
    if (shut !== null) return refuse('anyway', `The house is ${shut}.`)
    const busy = anyway ? null : await busyWith({ startMs, slotMin }, staffId, time)
    if (busy !== null) return refuse('anyway', `${nameOf(staffId)} has ${busy} then; this groom takes ${slotMin} min.`)
    const bookingId = await addBooking({ ...draft, slotMin })
    return { ok: true, value: { bookingId, slotMin } }
  })
}

/** The dogs a person has booked in that time, in words; null when there is none. */
async function busyWith(slot: Slot, staffId: number, time: HouseTime): Promise<string | null> {
  const day = time.day(slot.startMs)
  const bookings = await readBookings(time.startOfDay(day), time.startOfDay(addDays(day, 1)))
  const others = overlapping(
    slot,
    bookings.filter((each) => each.staffId === staffId),
  )
  const words = others.map(async ({ dogId, startMs, slotMin }) => {
    const dog = await readDog(dogId)
    return `${dog?.name ?? 'another dog'} from ${time.clock(startMs)} to ${time.clock(startMs + slotMin * MS_PER_MIN)}`
  })
  return others.length === 0 ? null : (await Promise.all(words)).join(' and ')
}
