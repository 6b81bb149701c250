import { notFound } from 'next/navigation'
import { readHouse, type HouseSettings } from '@/data/house'
import { readStaff, type StaffMember } from '@/data/people'
import { houseTime, type HouseTime } from '@/service/house/houseTime'

export interface OpenHouse extends HouseSettings {
  time: HouseTime
  nowMs: number
  staff: StaffMember[]
  nameOf: (staffId: number) => string
}

/** The house, its clock and its people: what every page starts from. @throws when the house was never set up */
export async function openHouse(): Promise<OpenHouse> {
  const [house, staff] = await Promise.all([readHouse(), readStaff()])
  if (!house) throw new Error('This house is not set up: start Kovit with npm start.')
  const nameOf = (staffId: number) => staff.find(({ id }) => id === staffId)?.name ?? 'Somebody'
  return { ...house, staff, nameOf, time: houseTime(house.timeZone), nowMs: Date.now() }
}

/** An id from an address; anything else is a page that is not there. */
export function idOf(text: string): number {
  if (!/^[1-9]\d{0,8}$/.test(text)) notFound()
  return Number(text)
}
