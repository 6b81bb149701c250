import { z } from 'zod'
import { DogFile, DogMore } from '@/core/dog'
import { Agreed, PhoneNumber } from '@/core/household'
import { refuse, type Result } from '@/core/result'
import { addDog } from '@/data/dogs'
import { addHousehold, addOwner, holdHousehold } from '@/data/households'
import { BookingAsked, bookVisit, type Booked } from '../booking/bookVisit'
import { personName } from '../household/saveHousehold'
import type { OpenHouse } from '../house/openHouse'
import { allOrNothing } from '../together'

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
  caller: CallerAsked,
  dog: DogFile.extend({ more: DogMore.partial() }),
  /** When it comes; null while nobody knows. */
  booking: BookingAsked.omit({ dogId: true, anyway: true }).nullable(),
})
export type TakeInAsked = z.infer<typeof TakeInAsked>

export interface TakenIn {
  householdId: number
  dogId: number
  booked: Booked | null
}

/** Takes in a dog from the telephone: its household where that is new, the dog, and the time it comes. All of it, or nothing. */
export function takeInDog({ caller, dog, booking }: TakeInAsked, house: OpenHouse): Promise<Result<TakenIn>> {
  return allOrNothing(async (): Promise<Result<TakenIn>> => {
    const home = await householdOf(caller)
    if (!home.ok) return home
    const householdId = home.value
    const dogId = await addDog(householdId, { ...dog, more: DogMore.parse(dog.more) })
    if (booking === null) return { ok: true, value: { householdId, dogId, booked: null } }
    const booked = await bookVisit({ ...booking, dogId, anyway: false }, house)
    if (booked.ok) return { ok: true, value: { householdId, dogId, booked: booked.value } }
    return {
      ok: false,
      problems: booked.problems.map(({ path, sentence }) => ({ path: `booking.${path}`, sentence })),
    }
  })
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
