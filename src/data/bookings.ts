import { Op, QueryTypes, literal } from 'sequelize'
import { z } from 'zod'
import { BookingStanding } from '@/core/book'
import { LengthMm } from '@/core/lengths'
import { Clock } from '@/core/people'
import { Request } from '@/core/request'
import { StageId } from '@/core/stages'
import { ZoneId, ZoneKey } from '@/core/zones'
import { HELD, database } from './connection'
import { sharedJsonOf } from './jsonOf'
import type { Row } from './models'
import type { BookingFields } from './models/rows'

/** What the look-over measures: coat by zone or group in mm, both sides where they differ, mats 0 to 4. */
export const LookOver = z.object({
  coatNowMm: z.partialRecord(ZoneKey, LengthMm),
  mats: z.partialRecord(ZoneKey, z.number().int().min(0).max(4)),
  coatSidesMm: z.partialRecord(ZoneId, z.object({ left: LengthMm, right: LengthMm })).default({}),
})
export type LookOver = z.infer<typeof LookOver>

/** A groomer's own order of stages, and why where it breaks a rule. */
export const OwnOrder = z.object({
  order: z.array(StageId).max(40).optional(),
  orderWhy: z.string().max(200).optional(),
})
export type OwnOrder = z.infer<typeof OwnOrder>

/** Where a van stops for a dog, and between which hours its people are there. */
export const HomeStop = z.strictObject({
  place: z.string().trim().min(1, { error: 'Give the address for the van.' }).max(200),
  from: Clock.nullable().default(null),
  to: Clock.nullable().default(null),
})
export type HomeStop = z.infer<typeof HomeStop>

export interface Booking extends LookOver {
  own: OwnOrder
  id: number
  dogId: number
  staffId: number
  startMs: number
  slotMin: number
  service: string
  request: Request
  setting: 'salon' | 'mobile'
  standing: BookingStanding
  /** The repeat it comes from, and the day by its rule. */
  repeat: { id: number; ruleDay: string } | null
  home: HomeStop | null
  /** When it was booked or last moved; 0 is long ago, before that was noted. */
  changedMs: number
  /** Grows with every change; a change made from an older one is stale. */
  version: number
}

type SaidLater = 'coatSidesMm' | 'own' | 'standing' | 'repeat' | 'home'
export type NewBooking = Omit<Booking, 'id' | 'version' | SaidLater> &
  Partial<Pick<Booking, 'standing' | 'repeat' | 'home'>>

/** @throws when a stored row does not fit a booking */
function toBooking(row: Row<BookingFields>): Booking {
  const { id, dogId, staffId, slotMin, service, setting } = row
  const request = sharedJsonOf(Request, row.request)
  return {
    id,
    dogId,
    staffId,
    slotMin,
    service,
    setting,
    startMs: row.startAt.getTime(),
    request,
    coatNowMm: sharedJsonOf(LookOver.shape.coatNowMm, row.coatNow),
    mats: sharedJsonOf(LookOver.shape.mats, row.mats),
    coatSidesMm: sharedJsonOf(LookOver.shape.coatSidesMm, row.coatSides),
    own: sharedJsonOf(OwnOrder, row.ownOrder),
    standing: BookingStanding.parse(row.standing),
    repeat: row.repeatId === null || row.repeatDay === null ? null : { id: row.repeatId, ruleDay: row.repeatDay },
    home: row.home === null ? null : sharedJsonOf(HomeStop, row.home),
    changedMs: row.changedAt?.getTime() ?? 0,
    version: row.rowVersion,
  }
}

export async function readBooking(bookingId: number): Promise<Booking | null> {
  const row = await database().models.booking.findByPk(bookingId)
  return row && row.calledOffAt === null ? toBooking(row) : null
}

/** A booking whose row is held until the transaction ends; one that was called off is not there any more. */
export async function holdBooking(bookingId: number): Promise<Booking | null> {
  const row = await database().models.booking.findByPk(bookingId, HELD)
  return row && row.calledOffAt === null ? toBooking(row) : null
}

/** Bookings by id. */
export async function readBookingsById(ids: readonly number[]): Promise<Map<number, Booking>> {
  const rows = await database().models.booking.findAll({ where: { id: [...ids] } })
  return new Map(rows.map((row) => [row.id, toBooking(row)]))
}

/** Bookings that start within [fromMs, toMs), by start. */
export async function readBookings(fromMs: number, toMs: number): Promise<Booking[]> {
  const startAt = { [Op.gte]: new Date(fromMs), [Op.lt]: new Date(toMs) }
  const rows = await database().models.booking.findAll({
    where: { startAt, calledOffAt: null },
    order: [
      ['startAt', 'ASC'],
      ['id', 'ASC'],
    ],
  })
  return rows.map(toBooking)
}

/** Bookings of some dogs that start at or after a moment, soonest first. */
export async function readBookingsOfDogs(dogIds: readonly number[], fromMs: number): Promise<Booking[]> {
  const where = { dogId: [...dogIds], startAt: { [Op.gte]: new Date(fromMs) }, calledOffAt: null }
  return (await database().models.booking.findAll({ where, order: [['startAt', 'ASC']] })).map(toBooking)
}

/** A dog's bookings that start at or after a moment, soonest first. */
export const readBookingsOfDog = (dogId: number, fromMs: number): Promise<Booking[]> =>
  readBookingsOfDogs([dogId], fromMs)

/** @returns the id of the new booking */
export async function addBooking(booking: NewBooking): Promise<number> {
  const { dogId, staffId, slotMin, service, setting, standing = 'booked', repeat = null, home = null } = booking
  const row = await database().models.booking.create({
    dogId,
    staffId,
    slotMin,
    service,
    setting,
    standing,
    repeatId: repeat?.id ?? null,
    repeatDay: repeat?.ruleDay ?? null,
    home: home && JSON.stringify(home),
    changedAt: new Date(booking.changedMs),
    startAt: new Date(booking.startMs),
    request: JSON.stringify(booking.request),
    coatNow: JSON.stringify(booking.coatNowMm),
    mats: JSON.stringify(booking.mats),
  })
  return row.id
}

/** What is kept of a booking that lost its slot. */
export interface CalledOff {
  bookingId: number
  dogId: number
  staffId: number
  startMs: number
  slotMin: number
  standing: BookingStanding
  atMs: number
  by: string
  why: string
  version: number
}

/** Takes a booking out of the book, with when, by whom and why. Its row should be held. */
export async function callOff(
  bookingId: number,
  { atMs, by, why, standing }: Pick<CalledOff, 'atMs' | 'by' | 'why' | 'standing'>,
): Promise<void> {
  const change = { calledOffAt: new Date(atMs), calledOffWhy: why, calledOffBy: by, standing, rowVersion: ONE_MORE }
  await database().models.booking.update(change, { where: { id: bookingId } })
}

/** Puts a booking that was called off back into the book. */
export async function putBack(bookingId: number): Promise<void> {
  const change = { calledOffAt: null, calledOffWhy: null, calledOffBy: null, standing: 'booked', rowVersion: ONE_MORE }
  await database().models.booking.update(change, { where: { id: bookingId, calledOffAt: { [Op.ne]: null } } })
}

const toCalledOff = (row: Row<BookingFields>): CalledOff => ({
  bookingId: row.id,
  dogId: row.dogId,
  staffId: row.staffId,
  startMs: row.startAt.getTime(),
  slotMin: row.slotMin,
  standing: BookingStanding.parse(row.standing),
  atMs: (row.calledOffAt ?? row.startAt).getTime(),
  by: row.calledOffBy ?? '',
  why: row.calledOffWhy ?? '',
  version: row.rowVersion,
})

/** Bookings that lost their slot and would start within [fromMs, toMs), by start. */
export async function readCalledOff(fromMs: number, toMs: number): Promise<CalledOff[]> {
  const where = { startAt: { [Op.gte]: new Date(fromMs), [Op.lt]: new Date(toMs) }, calledOffAt: { [Op.ne]: null } }
  return (await database().models.booking.findAll({ where, order: [['startAt', 'ASC']] })).map(toCalledOff)
}

/** Bookings of some dogs that lost their slot, the latest first. */
export async function readCalledOffOfDogs(dogIds: readonly number[]): Promise<CalledOff[]> {
  const where = { dogId: [...dogIds], calledOffAt: { [Op.ne]: null } }
  return (await database().models.booking.findAll({ where, order: [['startAt', 'DESC']] })).map(toCalledOff)
}

/** A booking that was called off, as the row it was; held until the transaction ends. Null when it is in the book. */
export async function holdCalledOff(bookingId: number): Promise<Booking | null> {
  const row = await database().models.booking.findByPk(bookingId, HELD)
  return row && row.calledOffAt !== null ? toBooking(row) : null
}

/** The slot of each dog's latest booking, min, and who had it. */
export async function readLastSlots(
  dogIds: readonly number[],
): Promise<Map<number, { slotMin: number; staffId: number }>> {
  if (dogIds.length === 0) return new Map()
  const rows = await database().sequelize.query<{ dogId: number; slotMin: number; staffId: number }>(
    `SELECT booking.dog_id AS dogId, slot_min AS slotMin, staff_id AS staffId
     FROM dogs JOIN bookings AS booking ON booking.id = (
       SELECT id FROM bookings WHERE dog_id = dogs.id AND called_off_at IS NULL ORDER BY start_at DESC, id DESC LIMIT 1)
     WHERE dogs.id IN (:ids)`,
    { type: QueryTypes.SELECT, replacements: { ids: [...dogIds] } },
  )
  return new Map(rows.map(({ dogId, slotMin, staffId }) => [dogId, { slotMin, staffId }]))
}

/** Every booking of a dog, called off or not. */
export async function readBookingIdsOfDog(dogId: number): Promise<number[]> {
  const rows = await database().models.booking.findAll({ where: { dogId }, attributes: ['id'] })
  return rows.map(({ id }) => id)
}

/** The rule days of a repeat that were booked once, whatever became of them. */
export async function readRepeatDays(repeatId: number): Promise<Set<string>> {
  const rows = await database().models.booking.findAll({ where: { repeatId }, attributes: ['repeatDay'] })
  return new Set(rows.flatMap(({ repeatDay }) => repeatDay ?? []))
}

const ONE_MORE = literal('row_version + 1') as unknown as number

/** Keeps what is asked and what was measured for a visit to come. Its row should be held. */
export async function changeBooking(
  bookingId: number,
  {
    request,
    lookOver,
    own,
    moved,
    standing,
    home,
  }: {
    request?: Request
    lookOver?: LookOver
    own?: OwnOrder
    moved?: Partial<Pick<Booking, 'startMs' | 'staffId' | 'slotMin'>> & { atMs: number }
    standing?: BookingStanding
    home?: HomeStop
  },
): Promise<void> {
  await database().models.booking.update(
    {
      ...(moved ? movedColumns(moved) : {}),
      ...(standing ? { standing } : {}),
      ...(home ? { home: JSON.stringify(home) } : {}),
      ...(request ? { request: JSON.stringify(request) } : {}),
      ...(lookOver
        ? {
            coatNow: JSON.stringify(lookOver.coatNowMm),
            mats: JSON.stringify(lookOver.mats),
            coatSides: JSON.stringify(lookOver.coatSidesMm),
          }
        : {}),
      ...(own ? { ownOrder: JSON.stringify(own) } : {}),
      rowVersion: ONE_MORE,
    },
    { where: { id: bookingId } },
  )
}

const movedColumns = ({
  startMs,
  staffId,
  slotMin,
  atMs,
}: Partial<Pick<Booking, 'startMs' | 'staffId' | 'slotMin'>> & { atMs: number }): Partial<BookingFields> => ({
  ...(startMs === undefined ? {} : { startAt: new Date(startMs) }),
  ...(staffId === undefined ? {} : { staffId }),
  ...(slotMin === undefined ? {} : { slotMin }),
  changedAt: new Date(atMs),
})
