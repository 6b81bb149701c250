import type { LengthUnit } from '@/core/units'
import { database } from './connection'

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
