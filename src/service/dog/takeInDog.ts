import { z } from 'zod'
import { DogFile, DogMore, changedFields } from '@/core/dog'
import { Agreed, PhoneNumber } from '@/core/household'
import { refuse, type Result } from '@/core/result'
import { readBookingsOfDog } from '@/data/bookings'
import { addDog, fileOf, readDogOfCall, type Dog } from '@/data/dogs'
import { holdHouse } from '@/data/house'
import { addHousehold, addOwner, holdHousehold } from '@/data/households'
import { BookingAsked, bookVisit, type Booked } from '../booking/bookVisit'
import { personName } from '../household/saveHousehold'
import type { OpenHouse } from '../house/openHouse'
import { allOrNothing } from '../together'
import { By, noteSaid } from '../trail/noteSaid'

const id = z.number().int().positive()

/** Who calls: a household that is known, or somebody new with a number. */
export const CallerAsked = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('known'), householdId: id }),
  z.strictObject({
    kind: z.literal('new'),
    name: personName,
    phone: PhoneNumber.nullable(),
    place: z.string().trim().max(200, { error: 'Keep the address to 200 characters.' }),
    /** Where nobody gives one, the last word of the caller's name. */
    household: z.string().trim().max(80, { error: 'Keep the name to 80 characters.' }).optional(),
    agreed: Agreed.default({}),
  }),
])

export const TakeInAsked = z.strictObject({
  /** Made on the device: a call that is sent again, as when its answer was lost, changes nothing more. */
  callId: z.uuid().optional(),
  caller: CallerAsked,
  dog: DogFile.extend({ more: DogMore.partial() }),
  /** When it comes; null while nobody knows. */
  booking: BookingAsked.omit({ dogId: true, anyway: true, by: true }).nullable(),
  by: By,
})
export type TakeInAsked = z.input<typeof TakeInAsked>

export interface TakenIn {
  householdId: number
  dogId: number
  booked: Booked | null
}

/** Takes in a dog from the telephone: its household where that is new, the dog, and the time it comes. All of it, or nothing. */
export function takeInDog(asked: TakeInAsked, house: OpenHouse): Promise<Result<TakenIn>> {
  const { callId, caller, dog, booking, by } = TakeInAsked.parse(asked)
  return allOrNothing(async (): Promise<Result<TakenIn>> => {
    // Calls are taken in one after another, so that one that is sent twice at once finds what the first one made.
    await holdHouse()
    const there = callId === undefined ? null : await readDogOfCall(callId)
    if (there) return takenIn(there, { ...dog, more: DogMore.parse(dog.more) })
    const home = await householdOf(caller)
    if (!home.ok) return home
    const householdId = home.value
    const dogId = await addDog(householdId, { ...dog, more: DogMore.parse(dog.more) }, callId ?? null)
    await noteSaid({ kind: 'taken-in', id: dogId }, `${dog.name} was taken in`, by, house.nowMs)
    if (booking === null) return { ok: true, value: { householdId, dogId, booked: null } }
    const booked = await bookVisit({ ...booking, dogId, anyway: false, by }, house)
    if (booked.ok) return { ok: true, value: { householdId, dogId, booked: booked.value } }
    return {
      ok: false,
      problems: booked.problems.map(({ path, sentence }) => ({ path: `booking.${path}`, sentence })),
    }
  })
}

/** What a call has made already; what it says otherwise now is refused, not dropped. */
async function takenIn(there: Dog, file: DogFile): Promise<Result<TakenIn>> {
  if (Object.keys(changedFields(fileOf(there), file)).length > 0)
    return refuse('callId', `${there.name} was taken in by this call already: find it and change its file.`)
  const [booking] = await readBookingsOfDog(there.id, 0)
  const booked = booking ? { bookingId: booking.id, slotMin: booking.slotMin } : null
  return { ok: true, value: { householdId: there.householdId, dogId: there.id, booked } }
}

async function householdOf(caller: z.infer<typeof CallerAsked>): Promise<Result<number>> {
  if (caller.kind === 'known') {
    const known = await holdHousehold(caller.householdId)
    return known ? { ok: true, value: known.id } : refuse('caller.householdId', 'This household is not in the book.')
  }
  const { name, phone, place, household, agreed } = caller
  const householdId = await addHousehold({ name: household || (name.split(/\s+/).at(-1) ?? name), place })
  await addOwner(householdId, { name, phone, agreed, first: true })
  return { ok: true, value: householdId }
}
