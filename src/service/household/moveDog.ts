import { z } from 'zod'
import { refuse, type Result } from '@/core/result'
import { readBookingsOfDog } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { changeDog, holdDog, readDogsOf } from '@/data/dogs'
import { holdHousehold, readHousehold, readOwnersOf } from '@/data/households'
import { countVisitsOf } from '@/data/visits'
import { Who } from '../dog/saveCard'
import type { OpenHouse } from '../house/openHouse'
import { noteSaid } from '../trail/noteSaid'

const id = z.number().int().positive()
export const MoveAsked = z.strictObject({ dogId: id, householdId: id, by: Who })

/** A dog goes over to another household, with its cards, visits and bookings. */
export function moveDog({ dogId, householdId, by }: z.infer<typeof MoveAsked>, nowMs: number): Promise<Result<null>> {
  return inTransaction(async () => {
    const to = await holdHousehold(householdId)
    const dog = await holdDog(dogId)
    if (!dog) return refuse('dogId', 'This dog is not in the book.')
    if (!to) return refuse('householdId', 'This household is not in the book.')
    if (dog.householdId === to.id) return refuse('householdId', `${dog.name} lives there already.`)
    const from = await readHousehold(dog.householdId)
    await changeDog(dogId, { householdId: to.id })
    const said = `${dog.name} came from ${from?.name ?? 'another household'}`
    await noteSaid({ kind: 'household', id: to.id }, said, by, nowMs)
    await noteSaid({ kind: 'household', id: dog.householdId }, `${dog.name} went to ${to.name}`, by, nowMs)
    return { ok: true, value: null }
  })
}

export const PreviewAsked = z.strictObject({ dogId: id, householdId: id })

/** What will be where once a dog has gone over, before it does. */
export async function movePreview(
  { dogId, householdId }: z.infer<typeof PreviewAsked>,
  { nowMs, time }: OpenHouse,
): Promise<Result<{ lines: string[] }>> {
  const [to, there, owners] = await Promise.all([
    readHousehold(householdId),
    readDogsOf(householdId),
    readOwnersOf([householdId]),
  ])
  const dog = there.find((each) => each.id === dogId)
  if (dog) return refuse('householdId', `${dog.name} lives there already.`)
  if (!to) return refuse('householdId', 'This household is not in the book.')
  const [visits, bookings] = await Promise.all([countVisitsOf([dogId]), readBookingsOfDog(dogId, nowMs)])
  const beside = there.map(({ name }) => name)
  return {
    ok: true,
    value: {
      lines: [
        `${owners[0]?.name ?? to.name} is called for it from now on.`,
        `It comes with ${visits.get(dogId) ?? 0} visits and every card.`,
        bookings.length === 0
          ? 'No booking to come.'
          : `Booked stays: ${bookings.map(({ startMs }) => time.shortDay(startMs)).join(', ')}.`,
        beside.length === 0 ? 'No other dog lives there.' : `It lives with ${beside.join(' and ')}.`,
      ],
    },
  }
}
