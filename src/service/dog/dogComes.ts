import { z } from 'zod'
import { STANDINGS, Standing } from '@/core/household'
import { refuse, type Result } from '@/core/result'
import { readBookingsOfDog } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { changeDog, holdDog } from '@/data/dogs'
import { readVisitsOfBookings } from '@/data/visits'
import { takeOut } from '../booking/callOff'
import { By, noteSaid } from '../trail/noteSaid'

const id = z.number().int().positive()

export const ComesAsked = z.strictObject({
  dogId: id,
  standing: Standing,
  /** Bookings to come that are called off with it; the others stay. */
  callOff: z.array(id).max(200).default([]),
  by: By,
})

/** Says whether a dog still comes. Its file stays; what was booked stays unless a person calls it off here. */
export function sayDogComes(asked: z.input<typeof ComesAsked>, nowMs: number): Promise<Result<null>> {
  const { dogId, standing, callOff: offs, by } = ComesAsked.parse(asked)
  return inTransaction(async () => {
    const dog = await holdDog(dogId)
    if (!dog) return refuse('dogId', 'This dog is not in the book.')
    const begun = new Set((await readVisitsOfBookings(offs)).map(({ bookingId }) => bookingId))
    const toCome = (await readBookingsOfDog(dogId, nowMs)).filter((each) => offs.includes(each.id))
    for (const each of toCome)
      if (!begun.has(each.id))
        await takeOut(each, { atMs: nowMs, by, why: STANDINGS[standing].says, standing: 'cancelled' })
    await changeDog(dogId, { standing })
    if (standing !== dog.standing) await noteSaid({ kind: 'taken-in', id: dogId }, STANDINGS[standing].says, by, nowMs)
    return { ok: true, value: null }
  })
}
