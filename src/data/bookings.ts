import { Op, type Transaction } from 'sequelize'
import { z } from 'zod'
import { LengthMm } from '@/core/lengths'
import { Request } from '@/core/request'
import { StageId } from '@/core/stages'
import { ZoneId, ZoneKey } from '@/core/zones'
import { database } from './connection'
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
}

export type NewBooking = Omit<Booking, 'id' | 'coatSidesMm' | 'own'>

/** @throws when a stored row does not fit a booking */
function toBooking(row: Row<BookingFields>): Booking {
  const { id, dogId, staffId, slotMin, service, setting } = row
  const lookOver = LookOver.parse({
    coatNowMm: JSON.parse(row.coatNow),
    mats: JSON.parse(row.mats),
    coatSidesMm: JSON.parse(row.coatSides),
  })
  const request = Request.parse(JSON.parse(row.request))
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
    own: OwnOrder.parse(JSON.parse(row.ownOrder)),
  }
}

export async function readBooking(bookingId: number): Promise<Booking | null> {
  const row = await database().models.booking.findByPk(bookingId)
  return row && toBooking(row)
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
    where: { startAt },
    order: [
      ['startAt', 'ASC'],
      ['id', 'ASC'],
    ],
  })
  return rows.map(toBooking)
}

/** A dog's bookings that start at or after a moment, soonest first. */
export async function readBookingsOfDog(dogId: number, fromMs: number): Promise<Booking[]> {
  const where = { dogId, startAt: { [Op.gte]: new Date(fromMs) } }
  return (await database().models.booking.findAll({ where, order: [['startAt', 'ASC']] })).map(toBooking)
}

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

/** Keeps what is asked and what was measured for a visit to come. */
export async function keepRequest(
  bookingId: number,
  request: Request,
  lookOver: LookOver,
  own: OwnOrder = {},
  within?: Transaction,
): Promise<void> {
  await database().models.booking.update(
    {
      request: JSON.stringify(request),
      coatNow: JSON.stringify(lookOver.coatNowMm),
      mats: JSON.stringify(lookOver.mats),
      coatSides: JSON.stringify(lookOver.coatSidesMm),
      ownOrder: JSON.stringify(own),
    },
    { where: { id: bookingId }, transaction: within ?? null },
  )
}
