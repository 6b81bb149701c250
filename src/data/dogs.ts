import { QueryTypes, literal } from 'sequelize'
import { z } from 'zod'
import { CoatId } from '@/core/coat'
import { BuildId, FineMeasures, measuredOf } from '@/core/build'
import { DogMore, type DogFile } from '@/core/dog'
import { Behaviour } from '@/core/plan'
import { HealthFact } from '@/core/health'
import { Standing } from '@/core/household'
import type { Day } from '@/core/units'
import type { Row } from './models'
import type { DogFields } from './models/rows'
import { HELD, database } from './connection'
import { insertMany } from './insertMany'
import { sharedJsonOf } from './jsonOf'

/** A dog as it is kept: its file, its measures beside the others, and how it stands to this house. */
export interface Dog extends FineMeasures, Omit<DogFile, 'measures'> {
  id: number
  householdId: number
  standing: Standing
  /** Of the last groom, when the next one is due, and when a wish that waits will be possible. */
  groomedOn: string | null
  dueOn: string | null
  wishOn: string | null
  /** Grows with every change; a change made from an older one is stale. */
  version: number
}

const Health = z.array(HealthFact)

/** @throws when a stored row does not fit a dog */
export function toDog(row: Row<DogFields>): Dog {
  const { id, householdId, name, breed, weightKg, heightCm, lengthCm, bornOn, vaccinatedOn } = row
  const { groomedOn, dueOn, wishOn } = row
  return {
    id,
    householdId,
    name,
    breed,
    weightKg,
    heightCm,
    lengthCm,
    bornOn,
    vaccinatedOn,
    groomedOn,
    dueOn,
    wishOn,
    coat: CoatId.parse(row.coat),
    build: BuildId.parse(row.build),
    sex: z.enum(['male', 'female']).nullable().parse(row.sex),
    neutered: row.neutered,
    lightSkin: row.lightSkin,
    faceShape: z.enum(['normal', 'flat']).parse(row.faceShape),
    behaviour: sharedJsonOf(Behaviour, row.behaviour),
    health: sharedJsonOf(Health, row.health),
    standing: Standing.parse(row.standing),
    more: sharedJsonOf(DogMore, row.more),
    version: row.rowVersion,
    ...sharedJsonOf(FineMeasures, row.measures),
  }
}

/** A dog's file with its finer measures in a place of their own, as it is changed. */
export function fileOf(dog: Dog): DogFile {
  const { name, breed, coat, build, weightKg, heightCm, lengthCm, bornOn, sex, neutered, lightSkin, faceShape } = dog
  const { behaviour, health, vaccinatedOn, more } = dog
  const { heightCm: _, lengthCm: __, ...measures } = measuredOf(dog)
  return {
    name,
    breed,
    coat,
    build,
    weightKg,
    heightCm,
    lengthCm,
    measures,
    bornOn,
    sex,
    neutered,
    lightSkin,
    faceShape,
    behaviour,
    health,
    vaccinatedOn,
    more,
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

/** The dogs of a household. */
export async function readDogsOf(householdId: number): Promise<Dog[]> {
  const rows = await database().models.dog.findAll({ where: { householdId }, order: [['name', 'ASC']] })
  return rows.map(toDog)
}

/** Dogs of these names that come here, whatever the case of their letters. */
export async function readDogsNamed(names: readonly string[]): Promise<Dog[]> {
  const rows = await database().models.dog.findAll({ where: { name: [...names], standing: 'here' }, order: ['id'] })
  return rows.map(toDog)
}

/** Dogs by id. */
export async function readDogsById(ids: readonly number[]): Promise<Map<number, Dog>> {
  const rows = await database().models.dog.findAll({ where: { id: [...ids] } })
  return new Map(rows.map((row) => [row.id, toDog(row)]))
}

/** What a line of a list says of a dog. */
export type DogName = Pick<Dog, 'id' | 'name' | 'breed' | 'householdId'>

/** Dogs by id, without their files, which are long. */
export async function readDogNames(ids: readonly number[]): Promise<Map<number, DogName>> {
  const attributes = ['id', 'name', 'breed', 'householdId']
  const rows = await database().models.dog.findAll({ attributes, where: { id: [...ids] } })
  return new Map(rows.map((row) => [row.id, row]))
}

/** A dog whose row is held until the transaction ends. */
export async function holdDog(dogId: number): Promise<Dog | null> {
  const row = await database().models.dog.findByPk(dogId, HELD)
  return row && toDog(row)
}

/** What of a dog's row may be changed: fields of its file, and where it stands. */
export type DogChange = Partial<DogFile> &
  Partial<Pick<Dog, 'householdId' | 'standing' | 'groomedOn' | 'dueOn' | 'wishOn'>>

const columnsOf = ({ behaviour, health, measures, more, ...plain }: DogChange): Partial<DogFields> => ({
  ...plain,
  ...(behaviour ? { behaviour: JSON.stringify(behaviour) } : {}),
  ...(health ? { health: JSON.stringify(health) } : {}),
  ...(measures ? { measures: JSON.stringify(measures) } : {}),
  ...(more ? { more: JSON.stringify(more) } : {}),
})

/** @param callId the call by which it comes; one call brings one dog. @returns the id of the new dog */
export async function addDog(householdId: number, file: DogFile, callId: string | null): Promise<number> {
  return (await database().models.dog.create({ ...columnsOf(file), householdId, callId })).id
}

/** Puts dogs into their households, many at once. @returns their ids, in the same order */
export const addDogs = (dogs: readonly { householdId: number; file: DogFile }[]): Promise<number[]> =>
  insertMany(
    database().models.dog,
    dogs.map(({ householdId, file }) => ({ ...columnsOf(file), householdId })),
  )

/** The dog that a call has brought already; null when it has brought none. */
export async function readDogOfCall(callId: string): Promise<Dog | null> {
  const row = await database().models.dog.findOne({ where: { callId } })
  return row && toDog(row)
}

/** Changes what is known of a dog. Its row should be held. */
export async function changeDog(dogId: number, change: DogChange): Promise<void> {
  const rowVersion = literal('row_version + 1') as unknown as number
  await database().models.dog.update({ ...columnsOf(change), rowVersion }, { where: { id: dogId } })
}

/** Dogs that come, are due between two days and have nothing booked after a moment, the soonest due first. */
export async function readDueUnbooked(
  fromDay: Day,
  toDay: Day,
  nowMs: number,
): Promise<{ dogId: number; dueOn: Day }[]> {
  return database().sequelize.query<{ dogId: number; dueOn: Day }>(
    `SELECT id AS dogId, due_on AS dueOn FROM dogs
     WHERE standing = 'here' AND due_on BETWEEN :fromDay AND :toDay AND NOT EXISTS (
       SELECT 1 FROM bookings WHERE dog_id = dogs.id AND called_off_at IS NULL AND start_at >= :now)
     ORDER BY due_on, id`,
    { type: QueryTypes.SELECT, replacements: { fromDay, toDay, now: new Date(nowMs) } },
  )
}

/** When each of these dogs is due, where that is known. */
export async function readDueOf(ids: readonly number[]): Promise<Map<number, Day>> {
  const rows = await database().models.dog.findAll({ attributes: ['id', 'dueOn'], where: { id: [...ids] } })
  return new Map(rows.flatMap(({ id, dueOn }) => (dueOn === null ? [] : [[id, dueOn] as const])))
}

/** Which of these dogs come here now. */
export async function readWhichAreHere(ids: readonly number[]): Promise<Set<number>> {
  const rows = await database().models.dog.findAll({ attributes: ['id'], where: { id: [...ids], standing: 'here' } })
  return new Set(rows.map(({ id }) => id))
}
