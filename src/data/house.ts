import type { LengthUnit } from '@/core/units'
import { HELD, database } from './connection'

export interface HouseSettings {
  name: string
  place: string
  timeZone: string
  unit: LengthUnit
}

/** The house as it is kept, with the key by which devices know it from another. */
export interface StoredHouse extends HouseSettings {
  key: string
}

/** The house itself; null before anything is set up. */
export async function readHouse(): Promise<StoredHouse | null> {
  const row = await database().models.house.findOne()
  return row && { key: row.houseKey, name: row.name, place: row.place, timeZone: row.timeZone, unit: row.unit }
}

/** Holds the house until the transaction ends: what is counted or learned for all of it is done one after another. */
export async function holdHouse(): Promise<void> {
  await database().models.house.findOne(HELD)
}

export async function addHouse(house: HouseSettings): Promise<void> {
  await database().models.house.create({ ...house })
}
