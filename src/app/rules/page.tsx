import type { Metadata } from 'next'
import { doneByStage, foldVisit } from '@/core/visit'
import { addDays } from '@/core/units'
import { readBookings } from '@/data/bookings'
import { readHouseCautions, readRules } from '@/data/houseRules'
import { readStations } from '@/data/people'
import { readLogs, readVisitsOfBookings } from '@/data/visits'
import { Frame } from '@/ui/frame/Frame'
import { HouseDesk } from '@/ui/house/HouseDesk'
import { openHouse, type OpenHouse } from '../house'
import { addCaution, newStation, retireCaution, saveRule, saveWork, takeOutStation } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'House' }

export default async function HousePage() {
  const house = await openHouse()
  const [rules, cautions, stations, dryer] = await Promise.all([
    readRules(),
    readHouseCautions(),
    readStations(),
    readDryerMinutes(house),
  ])
  return (
    <Frame here="House" house={house.name} timeZone={house.timeZone} nowMs={house.nowMs}>
      <HouseDesk
        rules={rules}
        cautions={cautions}
        staff={house.staff}
        stations={stations}
        dryer={dryer}
        save={saveRule}
        add={addCaution}
        retire={retireCaution}
        saveWork={saveWork}
        addStation={newStation}
        retireStation={takeOutStation}
      />
    </Frame>
  )
}

/** Minutes at the blower today, by groomer; what waits in the cabinet does not count. */
async function readDryerMinutes({ time, nowMs, nameOf }: OpenHouse): Promise<{ name: string; minutes: number }[]> {
  const today = time.day(nowMs)
  const bookings = await readBookings(time.startOfDay(today), time.startOfDay(addDays(today, 1)))
  const visits = await readVisitsOfBookings(bookings.map(({ id }) => id))
  const logs = await readLogs(visits.map(({ id }) => id))
  const byName = new Map<string, number>()
  for (const visit of visits) {
    const staffId = bookings.find(({ id }) => id === visit.bookingId)?.staffId ?? 0
    const minutes = doneByStage(foldVisit(logs.get(visit.id) ?? []), nowMs).get('dry')?.handsMin ?? 0
    byName.set(nameOf(staffId), (byName.get(nameOf(staffId)) ?? 0) + minutes)
  }
  return [...byName].map(([name, minutes]) => ({ name, minutes }))
}
