import type { z } from 'zod'
import { isHere } from '@/core/household'
import type { Result } from '@/core/result'
import { weeksBetween } from '@/core/units'
import { readDog, readDogsOf, type Dog } from '@/data/dogs'
import { readHousehold } from '@/data/households'
import type { TimesAsked } from '../booking/bookVisit'
import type { OpenHouse } from '../house/openHouse'
import { tankOf } from './bookView'
import { proposeTimes, type OfferedTime } from './proposeTimes'

/** What somebody needs who books a dog: the times that fit, who else of its household could come, where the van stops. */
export interface TimesFor {
  offered: OfferedTime[]
  around: string
  /** Other dogs of the household. */
  others: { dogId: number; name: string }[]
  place: string
  works: OpenHouse['works']
  /** What its bath takes, and the van's tank, l. */
  waterLitres: number
  tankLitres: number
  /** How often it comes, weeks; null where its visits do not tell. */
  everyWeeks: number | null
}

/** From its last groom to the day on which it is due. */
const rhythmOf = (dog: Dog | null): number | null =>
  dog?.groomedOn && dog.dueOn ? Math.max(1, Math.round(weeksBetween(dog.groomedOn, dog.dueOn))) : null

export async function timesFor(asked: z.infer<typeof TimesAsked>, house: OpenHouse): Promise<Result<TimesFor>> {
  const found = await proposeTimes(asked, house)
  if (!found.ok) return found
  const dog = await readDog(asked.dogId)
  const [home, dogs] = dog
    ? await Promise.all([readHousehold(dog.householdId), readDogsOf(dog.householdId)])
    : [null, []]
  const others = dogs
    .filter(({ id, standing }) => id !== asked.dogId && isHere(standing))
    .map(({ id, name }) => ({ dogId: id, name }))
  return {
    ok: true,
    value: {
      ...found.value,
      others,
      place: home?.place ?? '',
      works: house.works,
      tankLitres: tankOf(house),
      everyWeeks: rhythmOf(dog),
    },
  }
}
