import { readRules } from '@/data/houseRules'
import { readKit } from '@/data/kit'
import { readStations } from '@/data/people'
import { stepsLeft } from './changeHouse'
import { openHouseIfSetUp } from './openHouse'

/** What is known of the house while it is set up; null in an empty book. */
export async function readSetUp() {
  const house = await openHouseIfSetUp()
  if (!house) return null
  const [rules, kit, stations] = await Promise.all([readRules(), readKit(), readStations()])
  const { name, place, timeZone, unit, works, opening, van, version, everybody } = house
  return {
    facts: { name, place, timeZone, unit, works },
    opening,
    van,
    version,
    staff: everybody,
    rules,
    kit,
    stations,
    left: stepsLeft(house),
  }
}
