import { dogOfFile } from '@/core/dog'
import { kitOrAll } from '@/core/lengths'
import { paceKeys, paceOn, type Pace } from '@/core/pace'
import { ANY_SLOT_MIN, type Case } from '@/core/plan'
import { readBooking, type Booking, type NewBooking } from '@/data/bookings'
import { fileOf } from '@/data/dogs'
import { readRules } from '@/data/houseRules'
import { readKit } from '@/data/kit'
import { readCells } from '@/data/pace'
import { dogStanding, type DogStanding } from '../dog/dogStanding'
import type { HouseTime } from '../house/houseTime'
import { DAY_MS } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'

/** A booking with everything its plan starts from. */
export interface BookingFile {
  booking: Booking
  standing: DogStanding
  planned: Case
}

/** Everything a plan for a stored booking starts from; null when it is not there. */
export async function bookingFile(bookingId: number, time: HouseTime): Promise<BookingFile | null> {
  const booking = await readBooking(bookingId)
  return booking && caseFor(booking, time)
}

/** The case of a booking: the dog as it stands when the slot begins, the house's kit and rules. */
export async function caseFor(booking: Booking, time: HouseTime): Promise<BookingFile | null> {
  const standing = await dogStanding(booking.dogId, booking.startMs, time)
  if (!standing) return null
  const { dog, saved, last } = standing
  const [kit, house, pace] = await Promise.all([
    readKit(),
    readRules(),
    paceOf(dog.id, booking.staffId, dog.coat, booking.startMs),
  ])
  const date = time.day(booking.startMs)
  const planned: Case = {
    kovit: 'case/1',
    date,
    dog: dogCase(standing, date),
    coatNowMm: booking.coatNowMm,
    coatSidesMm: booking.coatSidesMm,
    mats: booking.mats,
    behaviour: dog.behaviour,
    health: dog.health,
    request: booking.request,
    kit: kitOrAll(kit),
    house,
    setting: booking.setting,
    slotMin: booking.slotMin,
    ...booking.own,
    ...(pace ? { pace } : {}),
    ...(last ? { last } : {}),
    ...(saved ? { saved: { date: time.day(saved.madeMs), card: saved.zones } } : {}),
  }
  return { booking, standing, planned }
}

const dogCase = ({ dog, visits, rates }: DogStanding, date: string): Case['dog'] => ({
  ...dogOfFile(fileOf(dog), date),
  visits,
  growthMmPerWeek: rates,
})

/** How fast this dog's groom goes with this groomer, as learned; null as long as learning has not paid. */
export async function paceOf(
  dogId: number,
  staffId: number,
  coat: Case['dog']['coat'],
  atMs: number,
): Promise<Pace | null> {
  const of = { dog: String(dogId), groomer: String(staffId), coat }
  return paceOn(await readCells(paceKeys(of)), of, Math.floor(atMs / DAY_MS))
}

/** A groom that nobody has booked: the same as last time, or as the breed usually is, from today on. */
export const draftOf = (dogId: number, { nowMs, hands, works }: OpenHouse, sameAsLast: boolean): Booking => ({
  id: 0,
  version: 1,
  dogId,
  staffId: hands[0]?.id ?? 0,
  startMs: nowMs,
  slotMin: ANY_SLOT_MIN,
  service: 'Full groom',
  request: sameAsLast ? { sameAsLast } : {},
  coatNowMm: {},
  coatSidesMm: {},
  mats: {},
  own: {},
  setting: works === 'van' ? 'mobile' : 'salon',
  standing: 'booked',
  repeat: null,
  home: null,
  changedMs: nowMs,
})

/** The case of a groom that is not in the book yet; the slot it is planned against does not matter. */
export const caseOfDraft = (draft: Omit<NewBooking, 'slotMin'>, time: HouseTime): Promise<BookingFile | null> =>
  caseFor(
    {
      coatSidesMm: {},
      own: {},
      standing: 'booked',
      repeat: null,
      home: null,
      ...draft,
      id: 0,
      version: 1,
      slotMin: ANY_SLOT_MIN,
    },
    time,
  )
