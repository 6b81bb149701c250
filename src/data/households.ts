import { Op, literal } from 'sequelize'
import { Agreed, numberTail } from '@/core/household'
import { HELD, database } from './connection'
import { insertMany } from './insertMany'
import { jsonOf } from './jsonOf'
import type { Row } from './models'
import type { HouseholdFields, OwnerFields } from './models/rows'

/** Somebody of a household. */
export interface Owner {
  id: number
  householdId: number
  name: string
  phone: string | null
  email: string | null
  /** Who is called first. */
  first: boolean
  agreed: Agreed
}

export interface Household {
  id: number
  name: string
  place: string
  notes: string
  /** Where its door is: latitude and longitude as a text; null where nobody said. */
  spot: string | null
  version: number
}

const toOwner = ({ id, householdId, name, phone, email, firstCalled, agreed }: Row<OwnerFields>): Owner => ({
  id,
  householdId,
  name,
  phone,
  email,
  first: firstCalled,
  agreed: jsonOf(Agreed, agreed),
})

const toHousehold = ({ id, name, place, notes, spot, rowVersion }: Row<HouseholdFields>): Household => ({
  id,
  name,
  place,
  notes,
  spot,
  version: rowVersion,
})

/** A household; of one that was joined to another, that other one. Null when there is none. */
export async function readHousehold(householdId: number): Promise<Household | null> {
  const row = await database().models.household.findByPk(householdId)
  return row?.joinedInto ? readHousehold(row.joinedInto) : row && toHousehold(row)
}

/** The households that were found to be this one. */
export async function readHouseholdsJoined(householdId: number): Promise<Household[]> {
  return (await database().models.household.findAll({ where: { joinedInto: householdId } })).map(toHousehold)
}

/** Households by id. */
export async function readHouseholds(ids: readonly number[]): Promise<Map<number, Household>> {
  const rows = await database().models.household.findAll({ where: { id: [...ids] } })
  return new Map(rows.map((row) => [row.id, toHousehold(row)]))
}

/** A household whose row is held until the transaction ends; null when there is none, or when it was joined to another. */
export async function holdHousehold(householdId: number): Promise<Household | null> {
  const row = await database().models.household.findByPk(householdId, HELD)
  return row && row.joinedInto === null ? toHousehold(row) : null
}

/** @returns the id of the new household */
export const addHousehold = async (household: Pick<Household, 'name' | 'place'>): Promise<number> =>
  (await database().models.household.create({ ...household })).id

/** The same of many at once, in the same order. */
export const addHouseholds = (households: readonly Pick<Household, 'name' | 'place'>[]): Promise<number[]> =>
  insertMany(
    database().models.household,
    households.map(({ name, place }) => ({ name, place, notes: '' })),
  )

/** Changes a household, or says which one it was found to be. Its row should be held. */
export async function changeHousehold(
  householdId: number,
  change: Partial<Pick<HouseholdFields, 'name' | 'place' | 'notes' | 'spot' | 'joinedInto'>>,
): Promise<void> {
  const rowVersion = literal('row_version + 1') as unknown as number
  await database().models.household.update({ ...change, rowVersion }, { where: { id: householdId } })
}

export type OwnerSaid = Omit<Owner, 'id' | 'householdId' | 'email'> & { email?: string | null }

const columnsOf = ({ first, agreed, ...said }: OwnerSaid): Partial<OwnerFields> => ({
  ...said,
  firstCalled: first,
  phoneTail: said.phone === null ? null : numberTail(said.phone),
  agreed: JSON.stringify(agreed),
})

/** Puts people into their households, many at once. @returns their ids, in the same order */
export const addOwners = (owners: readonly ({ householdId: number } & OwnerSaid)[]): Promise<number[]> =>
  insertMany(
    database().models.owner,
    owners.map(({ householdId, ...said }) => ({ householdId, ...columnsOf(said) })),
  )

/** @returns the id of the new person */
export const addOwner = async (householdId: number, owner: OwnerSaid): Promise<number> =>
  (await database().models.owner.create({ householdId, ...columnsOf(owner) })).id

export async function changeOwner(id: number, owner: OwnerSaid): Promise<void> {
  await database().models.owner.update(columnsOf(owner), { where: { id } })
}

/** Takes somebody out of a household, or back into it; the row stays. */
export async function setOwnerGone(id: number, gone: boolean): Promise<void> {
  await database().models.owner.update({ gone }, { where: { id } })
}

/** Who is called first, and nobody else of that household. */
export async function setFirstCalled(householdId: number, id: number): Promise<void> {
  await database().models.owner.update({ firstCalled: false }, { where: { householdId, id: { [Op.ne]: id } } })
  await database().models.owner.update({ firstCalled: true }, { where: { id } })
}

/** People and dogs of one household go over to another. */
export async function moveOwners(ids: readonly number[], householdId: number, firstCalled: boolean): Promise<void> {
  const change = firstCalled ? { householdId } : { householdId, firstCalled: false }
  await database().models.owner.update(change, { where: { id: [...ids] } })
}

const FIRST_FIRST: [string, string][] = [
  ['firstCalled', 'DESC'],
  ['id', 'ASC'],
]

/** Who once was of a household and was taken out of it: the row stays. */
export async function readOwnersGone(householdId: number): Promise<Owner[]> {
  return (await database().models.owner.findAll({ where: { householdId, gone: true } })).map(toOwner)
}

/** The people of some households, who is called first before the others. */
export async function readOwnersOf(householdIds: readonly number[]): Promise<Owner[]> {
  const where = { householdId: [...householdIds], gone: false }
  return (await database().models.owner.findAll({ where, order: FIRST_FIRST })).map(toOwner)
}

/** Who is called first, with where they live, by household. */
export async function readFirstCalled(
  householdIds: readonly number[],
): Promise<Map<number, { name: string; phone: string | null; place: string }>> {
  const [owners, households] = await Promise.all([readOwnersOf(householdIds), readHouseholds(householdIds)])
  return new Map(
    [...owners].reverse().map(({ householdId, name, phone }) => {
      return [householdId, { name, phone, place: households.get(householdId)?.place ?? '' }]
    }),
  )
}

/** People whose number ends like this one. */
export async function readOwnersByNumber(phone: string): Promise<Owner[]> {
  const tail = numberTail(phone)
  if (tail.length < 3) return []
  const rows = await database().models.owner.findAll({ where: { phoneTail: tail, gone: false }, order: FIRST_FIRST })
  return rows.map(toOwner)
}
