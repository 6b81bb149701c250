import { readHouse, type StoredHouse } from '@/data/house'
import { readStaff, type StaffMember } from '@/data/people'
import { houseTime, type HouseTime } from './houseTime'

export interface OpenHouse extends StoredHouse {
  time: HouseTime
  nowMs: number
  staff: StaffMember[]
  nameOf: (staffId: number) => string
}

/** The house, its clock and its people: what every page starts from. @throws when the house was never set up */
export async function openHouse(nowMs = Date.now()): Promise<OpenHouse> {
  const [house, staff] = await Promise.all([readHouse(), readStaff()])
  if (!house) throw new Error('This house is not set up: start Kovit with npm start.')
  const nameOf = (staffId: number) => staff.find(({ id }) => id === staffId)?.name ?? 'Somebody'
  return { ...house, staff, nameOf, time: houseTime(house.timeZone), nowMs }
}

/** Whether pages and database answer. */
export const isHouseThere = async (): Promise<boolean> => (await readHouse()) !== null

/** The key by which devices know this house from another; null when it was never set up. */
export const houseKey = async (): Promise<string | null> => (await readHouse())?.key ?? null
