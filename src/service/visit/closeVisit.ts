import { refuse, type Result } from '@/core/result'
import { foldVisit, handsOf, healthNow, type Visit } from '@/core/visit'
import { z } from 'zod'
import { changeBooking, holdBooking } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { changeDog, holdDog } from '@/data/dogs'
import { readLog } from '@/data/events'
import { holdHouse } from '@/data/house'
import { changeVisit, holdVisit, readVisit, type StoredVisit } from '@/data/visits'
import type { HouseTime } from '../house/houseTime'
import { keepAsCut } from './keepAsCut'
import { learnMinutes } from './learnMinutes'
import { checkFold } from './visitStates'
import { tellWatchers } from './watchVisit'

export const WrapUpAsked = z.strictObject({
  visitId: z.number().int().positive(),
  liked: z.boolean().nullable(),
})

/** Wraps a visit up: the card as cut becomes the dog's next version. Closing twice changes nothing more. */
export async function closeVisit(
  { visitId, liked }: z.infer<typeof WrapUpAsked>,
  nowMs: number,
  time: HouseTime,
): Promise<Result<StoredVisit>> {
  const closed = await inTransaction(async (): Promise<Result<StoredVisit>> => {
    // Held first and by everybody who closes: what is learned is learned one visit after another.
    await holdHouse()
    const stored = await holdVisit(visitId)
    if (!stored) return refuse('visitId', 'There is no such visit.')
    if (stored.closedMs !== null) return refuse('visitId', 'This visit is closed already; its card is kept.')
    const log = await readLog(visitId)
    const visit = foldVisit(log)
    await checkFold(visitId, log)
    if (visit.finishedMs === null) return refuse('visitId', 'Finish the groom on the bench first.')
    const booking = await holdBooking(stored.bookingId)
    if (!booking) return refuse('visitId', 'The booking of this visit is not in the book.')
    await keepAsCut(stored, log, nowMs, 'As cut')
    await rememberDog(stored, visit, time)
    await keepMeasured(booking, visit)
    await learnMinutes(stored, visit, { booked: booking.staffId, hands: handsOf(log) }, nowMs)
    await changeVisit(visitId, { closedMs: nowMs, liked })
    const after = await readVisit(visitId)
    return after ? { ok: true, value: after } : refuse('visitId', 'There is no such visit.')
  })
  if (closed.ok) tellWatchers(visitId)
  return closed
}

/** What today says about the dog is what the next plan starts from: how it took each thing, its weight, what still stands of its health. */
async function rememberDog({ dogId, startedMs }: StoredVisit, visit: Visit, time: HouseTime): Promise<void> {
  const dog = await holdDog(dogId)
  if (!dog) return
  const { behaviour, weightKg, findings } = visit
  const grades = Object.fromEntries(Object.entries(behaviour).map(([trigger, { grade }]) => [trigger, grade]))
  const by = findings.at(-1)?.by
  const health = healthNow(dog.health, visit).map((fact) =>
    fact.since === undefined && fact.status !== undefined
      ? { ...fact, since: time.day(startedMs), ...(by ? { saidBy: by } : {}) }
      : fact,
  )
  await changeDog(dogId, {
    behaviour: { ...dog.behaviour, ...grades },
    ...(findings.length > 0 ? { health } : {}),
    ...(weightKg === null ? {} : { weightKg }),
  })
}

/** Coat measured on the bench joins what the booking knows; `tail` there means all of it. */
async function keepMeasured(
  booking: NonNullable<Awaited<ReturnType<typeof holdBooking>>>,
  visit: Visit,
): Promise<void> {
  const { tail: _, ...zones } = visit.measuredMm
  if (Object.keys(zones).length === 0) return
  const { coatNowMm, mats, coatSidesMm } = booking
  await changeBooking(booking.id, { lookOver: { coatNowMm: { ...coatNowMm, ...zones }, mats, coatSidesMm } })
}
