import { Op, literal } from 'sequelize'
import { z } from 'zod'
import { LengthMm } from '@/core/lengths'
import { Request } from '@/core/request'
import { StageId } from '@/core/stages'
import { ZoneId, ZoneKey } from '@/core/zones'
import { HELD, database } from './connection'
import { jsonOf } from './jsonOf'
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
  /** Grows with every change; a change made from an older one is stale. */
  version: number
}

export type NewBooking = Omit<Booking, 'id' | 'coatSidesMm' | 'own' | 'version'>

/** @throws when a stored row does not fit a booking */
function toBooking(row: Row<BookingFields>): Booking {
  const { id, dogId, staffId, slotMin, service, setting } = row
  const lookOver = LookOver.parse({
    coatNowMm: JSON.parse(row.coatNow),
    mats: JSON.parse(row.mats),
    coatSidesMm: JSON.parse(row.coatSides),
  })
  const request = jsonOf(Request, row.request)
  return {
    id,
    dogId,
    staffId,
    slotMin,
    service,
    setting,
    startMs: row.startAt.getTime(),
    request,
    ...lookOver,
    own: jsonOf(OwnOrder, row.ownOrder),
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
  const { dogId, staffId, slotMin, service, setting } = booking
  const row = await database().models.booking.create({
    dogId,
    staffId,
    slotMin,
    service,
    setting,
    startAt: new Date(booking.startMs),
    request: JSON.stringify(booking.request),
    coatNow: JSON.stringify(booking.coatNowMm),
    mats: JSON.stringify(booking.mats),
  })
  return row.id
}

/** Takes a booking out of the book, with when and why. Its row should be held. */
export async function callOff(bookingId: number, atMs: number, why: string): Promise<void> {
  const change = { calledOffAt: new Date(atMs), calledOffWhy: why }
  await database().models.booking.update(change, { where: { id: bookingId } })
}

/** Puts a booking that was called off back into the book. */
export async function putBack(bookingId: number): Promise<void> {
  await database().models.booking.update({ calledOffAt: null, calledOffWhy: null }, { where: { id: bookingId } })
}

/** Keeps what is asked and what was measured for a visit to come. Its row should be held. */
export async function changeBooking(
  bookingId: number,
  { request, lookOver, own, startMs }: { request?: Request; lookOver?: LookOver; own?: OwnOrder; startMs?: number },
): Promise<void> {
  await database().models.booking.update(
    {
      ...(startMs === undefined ? {} : { startAt: new Date(startMs) }),
      ...(request ? { request: JSON.stringify(request) } : {}),
      ...(lookOver
        ? {
            coatNow: JSON.stringify(lookOver.coatNowMm),
            mats: JSON.stringify(lookOver.mats),
            coatSides: JSON.stringify(lookOver.coatSidesMm),
          }
        : {}),
      ...(own ? { ownOrder: JSON.stringify(own) } : {}),
      rowVersion: literal('row_version + 1') as unknown as number,
    },
    { where: { id: bookingId } },
  )
}
