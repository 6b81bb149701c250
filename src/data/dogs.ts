import { literal } from 'sequelize'
import { z } from 'zod'
import { CoatId } from '@/core/coat'
import { BuildId, FineMeasures, type Measured } from '@/core/build'
import { Behaviour } from '@/core/plan'
import { HealthFact } from '@/core/health'
import type { Row } from './models'
import type { DogFields } from './models/rows'
import { HELD, database } from './connection'
import { jsonOf } from './jsonOf'

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
  /** Grows with every change; a change made from an older one is stale. */
  version: number
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
    behaviour: jsonOf(Behaviour, row.behaviour),
    health: jsonOf(z.array(HealthFact), row.health),
    version: row.rowVersion,
    ...jsonOf(FineMeasures, row.measures),
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

/** Dogs by id. */
export async function readDogsById(ids: readonly number[]): Promise<Map<number, Dog>> {
  const rows = await database().models.dog.findAll({ where: { id: [...ids] } })
  return new Map(rows.map((row) => [row.id, toDog(row)]))
}

/** A dog whose row is held until the transaction ends. */
export async function holdDog(dogId: number): Promise<Dog | null> {
  const row = await database().models.dog.findByPk(dogId, HELD)
  return row && toDog(row)
}

export type NewDog = Omit<Dog, 'id' | 'version'>

const columnsOf = (dog: Partial<NewDog>): Partial<DogFields> => {
  const { behaviour, health, ...rest } = dog
  const fine = Object.fromEntries(Object.entries(rest).filter(([key]) => key in FineMeasures.shape))
  const plain = Object.fromEntries(Object.entries(rest).filter(([key]) => !(key in FineMeasures.shape)))
  return {
    ...plain,
    ...(behaviour ? { behaviour: JSON.stringify(behaviour) } : {}),
    ...(health ? { health: JSON.stringify(health) } : {}),
    ...(Object.keys(fine).length > 0 ? { measures: JSON.stringify(fine) } : {}),
  }
}

/** @returns the id of the new dog */
export async function addDog(dog: NewDog): Promise<number> {
  return (await database().models.dog.create(columnsOf(dog))).id
}

/** Changes what is known of a dog. Its row should be held. */
export async function changeDog(dogId: number, change: Partial<NewDog>): Promise<void> {
  const rowVersion = literal('row_version + 1') as unknown as number
  await database().models.dog.update({ ...columnsOf(change), rowVersion }, { where: { id: dogId } })
}

/** Sets all measures of a dog but height and length anew; a measure left out is a usual dog's again. Its row should be held. */
export async function changeMeasures(dogId: number, build: BuildId, measured: Measured): Promise<void> {
  const { heightCm, lengthCm, ...fine } = measured
  await database().models.dog.update(
    {
      build,
      heightCm: heightCm ?? null,
      lengthCm: lengthCm ?? null,
      measures: JSON.stringify(fine),
      rowVersion: literal('row_version + 1') as unknown as number,
    },
    { where: { id: dogId } },
  )
}

export interface Owner {
  name: string
  phone: string | null
  place: string
}

export interface NewHousehold {
  name: string
  place: string
  owner: Omit<Owner, 'place'>
}

/** A household with the owner who is called first. @returns its id */
export async function addHousehold({ name, place, owner }: NewHousehold): Promise<number> {
  const { models } = database()
  const { id } = await models.household.create({ name, place })
  await models.owner.create({ householdId: id, ...owner })
  return id
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
