import { dogOfFile } from '@/core/dog'
import { kitOrAll } from '@/core/lengths'
import { paceKeys, paceOn, type Pace, type PaceOf } from '@/core/pace'
import { ANY_SLOT_MIN, type Case } from '@/core/plan'
import { readBooking, type Booking, type NewBooking } from '@/data/bookings'
import { fileOf } from '@/data/dogs'
import { readRules } from '@/data/houseRules'
import { readKit } from '@/data/kit'
import { readCells } from '@/data/pace'
import { dogStandings, type DogStanding } from '../dog/dogStanding'
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
export const caseFor = async (booking: Booking, time: HouseTime): Promise<BookingFile | null> =>
  (await casesFor([booking], time)).get(booking.id) ?? null

/** The same of the bookings of a day, by their ids, in as many questions to the database as of one. */
export async function casesFor(bookings: readonly Booking[], time: HouseTime): Promise<Map<number, BookingFile>> {
  if (bookings.length === 0) return new Map()
  const dogIds = [...new Set(bookings.map(({ dogId }) => dogId))]
  const [standings, kit, house] = await Promise.all([
    dogStandings(dogIds, Math.max(...bookings.map(({ startMs }) => startMs)), time),
    readKit(),
    readRules(),
  ])
  const paces = bookings.flatMap((booking) => {
    const standing = standings.get(booking.dogId)
    return standing ? [{ booking, standing, of: paceOfBooking(booking, standing.dog.coat) }] : []
  })
  const cells = await readCells([...new Set(paces.flatMap(({ of }) => paceKeys(of)))])
  return new Map(
    paces.map(({ booking, standing, of }) => {
      const pace = paceOn(cells, of, Math.floor(booking.startMs / DAY_MS))
      return [booking.id, { booking, standing, planned: plannedCase(booking, standing, { kit, house, pace }, time) }]
    }),
  )
}

const paceOfBooking = ({ dogId, staffId }: Booking, coat: Case['dog']['coat']): PaceOf => ({
  dog: String(dogId),
  groomer: String(staffId),
  coat,
})

interface HouseHas {
  kit: Awaited<ReturnType<typeof readKit>>
  house: Case['house']
  pace: Pace | null
}

function plannedCase(booking: Booking, standing: DogStanding, { kit, house, pace }: HouseHas, time: HouseTime): Case {
  const { dog, saved, last } = standing
  const date = time.day(booking.startMs)
  return {
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
}

const dogCase = ({ dog, visits, rates }: DogStanding, date: string): Case['dog'] => ({
  ...dogOfFile(fileOf(dog), date),
  visits,
  growthMmPerWeek: rates,
})

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
