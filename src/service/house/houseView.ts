import { backupSaid } from '@/core/archive'
import { doneByStage, NEW_VISIT } from '@/core/visit'
import { readHouseCautions, readRules } from '@/data/houseRules'
import { readStations } from '@/data/people'
import { hoursSinceBackup } from '../archive/backUp'
import { dayVisits } from '../day/dayEntry'
import { stepsLeft } from './changeHouse'
import { lockedPins } from '../who/tries'
import type { OpenHouse } from './openHouse'

/** What the house decided, its people and places, and the day's noise at the dryer. */
export async function houseView(house: OpenHouse) {
  const [rules, cautions, stations, dryer, locked, hours] = await Promise.all([
    readRules(),
    readHouseCautions(),
    readStations(),
    dryerMinutes(house),
    lockedPins(),
    hoursSinceBackup(house),
  ])
  const { name, place, timeZone, unit, works, opening, van, version } = house
  return {
    facts: { name, place, timeZone, unit, works },
    opening,
    van,
    version,
    left: stepsLeft(house),
    rules,
    cautions,
    staff: house.everybody,
    stations,
    dryer,
    locked,
    backup: backupSaid(hours, house.demo),
  }
}

/** Minutes at the blower today, by groomer; what waits in the cabinet does not count. */
async function dryerMinutes(house: OpenHouse): Promise<{ name: string; minutes: number }[]> {
  const { nowMs, time, nameOf } = house
  const { bookings, visits, states } = await dayVisits(house, time.day(nowMs))
  const byName = new Map<string, number>()
  for (const visit of visits) {
    const booking = bookings.find(({ id }) => id === visit.bookingId)
    if (!booking) continue
    const name = nameOf(booking.staffId)
    const minutes = doneByStage(states.get(visit.id) ?? NEW_VISIT, nowMs).get('dry')?.handsMin ?? 0
    byName.set(name, (byName.get(name) ?? 0) + minutes)
  }
  return [...byName].map(([name, minutes]) => ({ name, minutes }))
}
