import { z } from 'zod'
import { CoatId } from '@/core/coat'
import { BuildId, FineMeasures, type Measured } from '@/core/build'
import { Behaviour } from '@/core/plan'
import { HealthFact } from '@/core/health'
import type { Row } from './models'
import type { DogFields } from './models/rows'
import { database } from './connection'

export interface Dog extends FineMeasures {
  id: number
  householdId: number
  name: string
  breed: string
  coat: CoatId
  build: BuildId
  weightKg: number
  heightCm: number | null
  lengthCm: number | null
  bornOn: string
  sex: 'male' | 'female'
  neutered: boolean
  lightSkin: boolean
  faceShape: 'normal' | 'flat'
  behaviour: Behaviour
  health: HealthFact[]
}

/** @throws when a stored row does not fit a dog */
export function toDog(row: Row<DogFields>): Dog {
  const { id, householdId, name, breed, weightKg, heightCm, lengthCm, bornOn } = row
  return {
    id,
    householdId,
    name,
    breed,
    weightKg,
    heightCm,
    lengthCm,
    bornOn,
    coat: CoatId.parse(row.coat),
    build: BuildId.parse(row.build),
    sex: z.enum(['male', 'female']).parse(row.sex),
    neutered: Boolean(row.neutered),
    lightSkin: Boolean(row.lightSkin),
    faceShape: z.enum(['normal', 'flat']).parse(row.faceShape),
    behaviour: Behaviour.parse(JSON.parse(row.behaviour)),
    health: z.array(HealthFact).parse(JSON.parse(row.health)),
    ...FineMeasures.parse(JSON.parse(row.measures)),
  }
}

export async function readDog(dogId: number): Promise<Dog | null> {
  const row = await database().models.dog.findByPk(dogId)
  return row && toDog(row)
}

export async function readDogs(): Promise<Dog[]> {
  const rows = await database().models.dog.findAll({ order: [['name', 'ASC']] })
  return rows.map(toDog)
}

/** Keeps what was measured on a dog. False when there is no such dog. */
export async function keepMeasures(dogId: number, build: BuildId, measured: Measured): Promise<boolean> {
  const row = await database().models.dog.findByPk(dogId)
  if (!row) return false
  const { heightCm, lengthCm, ...fine } = measured
  await row.update({ build, heightCm: heightCm ?? null, lengthCm: lengthCm ?? null, measures: JSON.stringify(fine) })
  return true
}

export interface Owner {
  name: string
  phone: string | null
  place: string
}

/** Owners by household. */
export async function readOwners(): Promise<Map<number, Owner>> {
  const { owner, household } = database().models
  const [owners, households] = await Promise.all([owner.findAll(), household.findAll()])
  const places = new Map(households.map(({ id, place }) => [id, place]))
  return new Map(
    owners.map(({ householdId, name, phone }) => [householdId, { name, phone, place: places.get(householdId) ?? '' }]),
  )
}
