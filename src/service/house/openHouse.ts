import { frozen } from '@/data/frozen'
import { readHouse, type StoredHouse } from '@/data/house'
import { hasMark } from '@/data/marks'
import { readStaff, type StaffMember } from '@/data/people'
import { houseTime, type HouseTime } from './houseTime'
import { together } from './together'

export interface OpenHouse extends StoredHouse {
  time: HouseTime
  nowMs: number
  /** Who works here now; `nameOf` knows who left as well. */
  staff: StaffMember[]
  everybody: StaffMember[]
  /** Those who work here now and have a dog in hand. */
  hands: StaffMember[]
  /** Whether this is Tern Harbour, and nobody's own. */
  demo: boolean
  nameOf: (staffId: number) => string
}

/** The house, its clock and its people: what every page starts from. @throws when the house was never set up */
export async function openHouse(nowMs = Date.now()): Promise<OpenHouse> {
  const house = await openHouseIfSetUp(nowMs)
  if (!house) throw new Error('This house is not set up yet: open it in the browser and give it a name.')
  return house
}

/** The house with its clock and people; null in an empty book. */
export async function openHouseIfSetUp(nowMs = Date.now()): Promise<OpenHouse | null> {
  const { house, everybody, demo } = await readAll()
  if (!house) return null
  const nameOf = (staffId: number) => everybody.find(({ id }) => id === staffId)?.name ?? 'Somebody'
  const staff = everybody.filter(({ leftOn }) => leftOn === null)
  const hands = staff.filter(({ role }) => role !== 'front desk')
  return { ...house, demo, everybody, staff, hands, nameOf, time: houseTime(house.timeZone), nowMs }
}

/** What every request starts from: those of the same moment share it. */
const readAll = together(async () => {
  const [house, everybody, demo] = await Promise.all([readHouse(), readStaff(), hasMark(DEMO_MADE)])
  return frozen({ house, everybody, demo })
})

/** The mark of a house that was filled with the demo to its end. */
export const DEMO_MADE = 'demo-made'

/** Whether the database answers, in an empty book as well. */
export const isBookThere = async (): Promise<true> => {
  await readHouse()
  return true
}

/** The key by which devices know this house from another; null when it was never set up. */
export const houseKey = async (): Promise<string | null> => (await readHouse())?.key ?? null
