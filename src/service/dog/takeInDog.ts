import { z } from 'zod'
import { FineMeasures } from '@/core/build'
import { HealthFact } from '@/core/health'
import { Behaviour, DogCase } from '@/core/plan'
import type { Result } from '@/core/result'
import { Day } from '@/core/units'
import { inTransaction } from '@/data/connection'
import { addDog, addHousehold } from '@/data/dogs'

const named = (what: string) =>
  z
    .string()
    .trim()
    .min(1, { error: `Give the name of the ${what}.` })
    .max(80, { error: 'Keep the name to 80 characters.' })
const { coat, build, weightKg, heightCm, lengthCm } = DogCase.shape

export const HouseholdAsked = z.strictObject({
  name: named('household'),
  place: z.string().trim().max(200),
  owner: z.strictObject({ name: named('owner'), phone: z.string().trim().max(200).nullable() }),
})

export const DogAsked = z.strictObject({
  householdId: z.number().int().positive(),
  name: named('dog'),
  breed: z.string().trim().max(200),
  coat,
  build,
  weightKg,
  heightCm: heightCm.unwrap().nullable(),
  lengthCm: lengthCm.unwrap().nullable(),
  bornOn: Day,
  sex: z.enum(['male', 'female']),
  neutered: z.boolean(),
  lightSkin: z.boolean(),
  faceShape: z.enum(['normal', 'flat']),
  behaviour: Behaviour,
  health: z.array(HealthFact),
  measures: FineMeasures,
})

/** Takes in a household with the owner who is called first. */
export async function takeInHousehold(asked: z.infer<typeof HouseholdAsked>): Promise<Result<{ householdId: number }>> {
  return { ok: true, value: { householdId: await inTransaction(() => addHousehold(asked)) } }
}

/** Takes in a dog of a household. */
export async function takeInDog({ measures, ...dog }: z.infer<typeof DogAsked>): Promise<Result<{ dogId: number }>> {
  return { ok: true, value: { dogId: await addDog({ ...dog, ...measures }) } }
}
