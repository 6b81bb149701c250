import { z } from 'zod'
import type { BookedFit } from '@/core/book'
import { Clock, clockOf, minutesOf } from '@/core/people'
import { Request } from '@/core/request'
import { refuse, type Result } from '@/core/result'
import { Day } from '@/core/units'
import { HomeStop, LookOver, addBooking, type NewBooking } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { readDog } from '@/data/dogs'
import { addFileChange } from '@/data/fileChanges'
import { holdHouse } from '@/data/house'
import { settleWaitingOfDog } from '@/data/waiting'
import { fitOf } from '../book/fits'
import type { OpenHouse } from '../house/openHouse'
import { caseOfDraft } from './planOf'
import { hindrancesAt, refusedAs } from './timeOf'

/** A groom that somebody asks for, without its time. */
const GroomAsked = z.strictObject({
  dogId: z.number().int().positive(),
  sameAsLast: z.boolean(),
  /** A bath and tidy between two full grooms. */
  tidy: z.boolean().default(false),
  /** What is wished already, and the coat as it was said to be; the slot is made for it. */
  request: Request.optional(),
  coatNowMm: LookOver.shape.coatNowMm.optional(),
  mats: LookOver.shape.mats.optional(),
  setting: z.enum(['salon', 'mobile']).optional(),
  /** Where the van stops, and when its people are there. */
  home: HomeStop.optional(),
})

export const TimesAsked = GroomAsked.extend({
  /** The day around which it should come; by its coat where nobody says. */
  around: Day.optional(),
})
export type TimesAsked = z.infer<typeof TimesAsked>

export const BookingAsked = GroomAsked.extend({
  staffId: z.number({ error: 'Choose who grooms.' }).int().positive(),
  day: Day,
  clock: Clock,
  /** A longer or shorter slot than its plan asks for, minutes. */
  slotMin: z.number().int().min(5).max(720).optional(),
  /** Asked for, and not promised yet. */
  standing: z.enum(['asked', 'booked']).optional(),
  /** Also where something speaks against it. */
  anyway: z.boolean().default(false),
  by: z.string().max(200).optional(),
})
export type BookingAsked = z.infer<typeof BookingAsked>

export interface Booked {
  bookingId: number
  slotMin: number
}

export const NO_ADDRESS = 'Give the address at which the van stops.'

/** A groom as its booking would be. */
export function draftAsked(
  asked: z.infer<typeof GroomAsked>,
  { staffId, startMs }: { staffId: number; startMs: number },
  house: OpenHouse,
): Omit<NewBooking, 'slotMin'> {
  const { dogId, tidy, sameAsLast } = asked
  return {
    dogId,
    staffId,
    startMs,
    service: tidy ? 'Bath and tidy' : 'Full groom',
    request: asked.request ?? (tidy ? { pattern: 'bath-tidy' as const } : { sameAsLast }),
    coatNowMm: asked.coatNowMm ?? {},
    mats: asked.mats ?? {},
    setting: asked.setting ?? (house.works === 'van' ? 'mobile' : 'salon'),
    home: asked.home ?? null,
    changedMs: house.nowMs,
  }
}

/**
 * Books a dog; the slot is the shortest that its own plan holds at the house's chance. Bookings of a house are made one
 * after another, so that two who press at once do not both get the same hands, or the same dog twice.
 */
export function bookVisit(asked: BookingAsked, house: OpenHouse): Promise<Result<Booked>> {
  return inTransaction(async () => {
    await holdHouse()
    const { dogId, staffId, day, clock, anyway, standing = 'booked' } = asked
    if (!house.hands.some(({ id }) => id === staffId)) return refuse('staffId', 'Nobody of that name works here.')
    const startMs = house.time.at(day, clock)
    const draft = draftAsked(asked, { staffId, startMs }, house)
    if (draft.setting === 'mobile' && asked.setting === 'mobile' && draft.home === null)
      return refuse('home', NO_ADDRESS)
    const [file, dog] = await Promise.all([caseOfDraft(draft, house.time), readDog(dogId)])
    if (!file || !dog) return refuse('dogId', 'This dog is not in the book.')
    const fit = fitOf(file.planned)
    const slotMin = asked.slotMin ?? fit.shortestMin
    const found = await hindrancesAt({ dogId, dog: dog.name, staffId, startMs, slotMin, fit }, house)
    const problems = [...refusedAs(found, anyway), ...outsideWindow(draft, clock, slotMin, anyway)]
    if (problems.length > 0) return { ok: false, problems }
    // Who waited for a time like this has it; a repeat months ahead would not be one.
    await settleWaitingOfDog(dogId, day, { atMs: house.nowMs, as: 'booked' })
    return { ok: true, value: await keepBooking({ ...draft, slotMin, standing }, asked.by, house.nowMs) }
  })
}

/** Keeps a booking that was checked, with who made it. */
export async function keepBooking(booking: NewBooking, by: string | undefined, nowMs: number): Promise<Booked> {
  const bookingId = await addBooking(booking)
  const { startMs, slotMin, staffId } = booking
  await addFileChange(
    { kind: 'booking', id: bookingId },
    { madeMs: nowMs, madeBy: by ?? 'the house', before: {}, after: { startMs, slotMin, staffId } },
  )
  return { bookingId, slotMin }
}

/** The owner's window of a van's stop: hands begin no earlier than the one, the handover ends by the other. */
function outsideWindow(
  { home }: Pick<NewBooking, 'home'>,
  clock: string,
  slotMin: BookedFit['shortestMin'],
  anyway: boolean,
): { path: string; sentence: string }[] {
  if (!home || anyway) return []
  const end = clockOf(minutesOf(clock) + slotMin)
  if (home.from !== null && clock < home.from)
    return [{ path: 'anyway', sentence: `Its people are there from ${home.from} on.` }]
  if (home.to !== null && end > home.to)
    return [{ path: 'anyway', sentence: `Its people are there until ${home.to}; this would end at ${end}.` }]
  return []
}
