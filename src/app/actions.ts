'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { Case, makePlan } from '@/core/plan'
import { problemsOf, refuse, type Result } from '@/core/result'
import { Verdict } from '@/core/repeat'
import { Request } from '@/core/request'
import { overlapping, type Slot } from '@/core/people'
import { Day, addDays } from '@/core/units'
import { ZoneId } from '@/core/zones'
import { addBooking, keepRequest, LookOver, OwnOrder, readBookings, readBookingsOfDog } from '@/data/bookings'
import { readDog } from '@/data/dogs'
import type { HouseTime } from '@/service/house/houseTime'
import { readBookingFile } from '@/data/caseOfBooking'
import { proposeSlot } from '@/data/proposeSlot'
import { closeVisit, keepVerdict, readVisitsOfBookings, startVisit } from '@/data/visits'
import { openHouse } from './house'

const NewVisit = z.strictObject({
  dogId: z.number().int().positive(),
  staffId: z.number({ error: 'Choose who grooms.' }).int().positive(),
  day: Day,
  clock: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, { error: 'Give the time as hours and minutes, such as 09:30.' }),
  sameAsLast: z.boolean(),
  /** A bath and tidy between two full grooms. */
  tidy: z.boolean().default(false),
  /** Also where the groomer has another dog at that time. */
  anyway: z.boolean().default(false),
})

/** Books a dog; the slot is the shortest that its own plan holds at the house's chance. */
export async function bookVisit(input: unknown): Promise<Result<{ bookingId: number; slotMin: number }>> {
  const asked = NewVisit.safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  const { dogId, staffId, day, clock, sameAsLast, tidy, anyway } = asked.data
  const { time, staff, nameOf } = await openHouse()
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
    request: (tidy ? { pattern: 'bath-tidy' } : { sameAsLast }) as Request,
    coatNowMm: {},
    mats: {},
    setting: 'salon' as const,
  }
  const slotMin = await proposeSlot(draft, time.day)
  if (slotMin === null) return refuse('dogId', 'This dog is not in the book.')
  const busy = anyway ? null : await busyWith({ startMs, slotMin }, staffId, time)
  if (busy !== null) return refuse('anyway', `${nameOf(staffId)} has ${busy} then; this groom takes ${slotMin} min.`)
  const bookingId = await addBooking({ ...draft, slotMin })
  revalidatePath('/')
  return { ok: true, value: { bookingId, slotMin } }
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
    return `${dog?.name ?? 'another dog'} from ${time.clock(startMs)} to ${time.clock(startMs + slotMin * 60_000)}`
  })
  return others.length === 0 ? null : (await Promise.all(words)).join(' and ')
}

const Wishes = z.strictObject({
  bookingId: z.number().int().positive(),
  request: Request,
  lookOver: LookOver,
  own: OwnOrder.default({}),
})

/** Keeps the wishes and what was measured, as they are changed on the plan. Refused once the groom has begun. */
export async function keepWishes(input: unknown): Promise<Result<null>> {
  const asked = Wishes.safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  const { bookingId, request, lookOver, own } = asked.data
  const [begun] = await readVisitsOfBookings([bookingId])
  if (begun) return refuse('bookingId', 'This groom has begun; its plan stands as it was started.')
  await keepRequest(bookingId, request, lookOver, own)
  return { ok: true, value: null }
}

/** Opens the bench: the plan as it stands becomes the dog's next card version. */
export async function startBench(bookingId: unknown): Promise<Result<{ visitId: number }>> {
  const id = z.number().int().positive().safeParse(bookingId)
  const { time, nowMs, nameOf } = await openHouse()
  const file = id.success ? await readBookingFile(id.data, time.day) : null
  if (!file) return refuse('bookingId', 'This booking is not in the book.')
  const planned = Case.safeParse(file.planned)
  if (!planned.success) return { ok: false, problems: problemsOf(planned.error) }
  const { booking, dog } = file
  const visitId = await startVisit(
    booking.id,
    dog.id,
    planned.data,
    makePlan(planned.data),
    nameOf(booking.staffId),
    nowMs,
  )
  revalidatePath('/')
  return { ok: true, value: { visitId } }
}

const Said = z.strictObject({ visitId: z.number().int().positive(), zone: ZoneId, verdict: Verdict.nullable() })

/** Keeps what the owner said of a zone; the next card bends there. */
export async function ownerSaid(input: unknown): Promise<Result<null>> {
  const asked = Said.safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  return keepVerdict(asked.data.visitId, asked.data.zone, asked.data.verdict)
}

const WrapUp = z.strictObject({ visitId: z.number().int().positive(), liked: z.boolean().nullable() })

/** Closes a visit: what was cut becomes the card that the next visit starts from. */
export async function wrapUp(input: unknown): Promise<Result<{ dogId: number }>> {
  const asked = WrapUp.safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  const { nowMs } = await openHouse()
  const closed = await closeVisit(asked.data.visitId, asked.data.liked, nowMs)
  if (!closed.ok) return closed
  revalidatePath('/')
  return { ok: true, value: { dogId: closed.value.dogId } }
}
