import type { LengthUnit } from '@/core/units'
import { HELD, database } from './connection'

export interface HouseSettings {
  name: string
  place: string
  timeZone: string
  unit: LengthUnit
}

/** The house itself; null before anything is set up. */
export async function readHouse(): Promise<HouseSettings | null> {
  const row = await database().models.house.findOne()
  return row && { name: row.name, place: row.place, timeZone: row.timeZone, unit: row.unit }
}

/** Holds the house until the transaction ends: what is counted or learned for all of it is done one after another. */
export async function holdHouse(): Promise<void> {
  await database().models.house.findOne(HELD)
}

export async function addHouse(house: HouseSettings): Promise<void> {
  await database().models.house.create({ ...house })
}
