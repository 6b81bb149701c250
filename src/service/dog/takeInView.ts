import { kitOrAll } from '@/core/lengths'
import { addDays } from '@/core/units'
import { readRules } from '@/data/houseRules'
import { readHousehold, readOwnersOf } from '@/data/households'
import { readKit } from '@/data/kit'
import { takenBetween } from '../booking/timeOf'
import type { OpenHouse } from '../house/openHouse'

/** So far ahead the page knows what is taken, days. */
const AHEAD_DAYS = 50

/** What the page needs to plan and propose while somebody is on the telephone. @param householdId of a second dog */
export async function takeInView(house: OpenHouse, householdId?: number) {
  const { time, nowMs } = house
  const today = time.day(nowMs)
  const [kit, rules, { taken, busy }, household] = await Promise.all([
    readKit(),
    readRules(),
    takenBetween(today, addDays(today, AHEAD_DAYS), house),
    householdId === undefined ? null : readHousehold(householdId),
  ])
  const owners = household ? await readOwnersOf([household.id]) : []
  return {
    today,
    unit: house.unit,
    works: house.works,
    houseKey: house.key,
    kit: kitOrAll(kit),
    rules,
    opening: house.opening,
    staff: house.hands.map(({ id, name, role, work }) => ({ id, name, role, work })),
    taken,
    busy,
    household: household && {
      householdId: household.id,
      household: household.name,
      place: household.place,
      owner: owners[0]?.name ?? '',
    },
  }
}
export type TakeInShown = Awaited<ReturnType<typeof takeInView>>
