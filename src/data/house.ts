import { literal } from 'sequelize'
import { Backups } from '@/core/archive'
import { HouseFacts, SetUpStep, Van } from '@/core/house'
import { Opening } from '@/core/people'
import { z } from 'zod'
import { HELD, database } from './connection'
import { jsonOf } from './jsonOf'
import type { Row } from './models'
import type { HouseFields } from './models/rows'

/** The house as it is kept, with the key by which devices know it from another. */
export interface StoredHouse extends HouseFacts {
  key: string
  opening: Opening
  van: Van
  /** Steps of the set-up that somebody went through or put off. */
  seen: SetUpStep[]
  backups: Backups
  /** How long somebody may rest before they are asked who they are again, min. */
  restMin: number
  /** Grows with every change; a change made from an older one is stale. */
  version: number
}

const toHouse = (row: Row<HouseFields>): StoredHouse => ({
  ...HouseFacts.parse({ name: row.name, place: row.place, timeZone: row.timeZone, unit: row.unit, works: row.works }),
  key: row.houseKey,
  opening: jsonOf(Opening, row.opening),
  van: jsonOf(Van, row.van),
  seen: jsonOf(z.array(SetUpStep), row.seen),
  backups: jsonOf(Backups, row.backups),
  restMin: row.restMin,
  version: row.rowVersion,
})

/** The house itself; null before anything is set up. */
export async function readHouse(): Promise<StoredHouse | null> {
  const row = await database().models.house.findOne()
  return row && toHouse(row)
}

/** Holds the house until the transaction ends: what is counted or learned for all of it is done one after another. */
export async function holdHouse(): Promise<StoredHouse | null> {
  const row = await database().models.house.findOne(HELD)
  return row && toHouse(row)
}

export async function addHouse(house: HouseFacts): Promise<void> {
  await database().models.house.create({ ...house })
}

/** Changes the house. Its row should be held. */
export async function changeHouse({
  opening,
  van,
  seen,
  backups,
  ...facts
}: Partial<Omit<StoredHouse, 'key' | 'version'>>): Promise<void> {
  const change = {
    ...facts,
    ...(opening ? { opening: JSON.stringify(opening) } : {}),
    ...(van ? { van: JSON.stringify(van) } : {}),
    ...(seen ? { seen: JSON.stringify(seen) } : {}),
    ...(backups ? { backups: JSON.stringify(backups) } : {}),
    rowVersion: literal('row_version + 1') as unknown as number,
  }
  await database().models.house.update(change, { where: {} })
}
