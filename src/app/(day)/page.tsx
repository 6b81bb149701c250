import type { Metadata } from 'next'
import { dayView } from '@/service/day/dayView'
import { openHouse } from '@/service/house/openHouse'
import { DayDesk } from '@/ui/day/DayDesk'
import { dayRow } from '@/ui/day/dayRow'
import { Frame } from '@/ui/frame/Frame'
import { Refresh } from '@/ui/frame/Refresh'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Day' }

export default async function DayPage({ searchParams }: { searchParams: Promise<{ day?: string | string[] }> }) {
  const house = await openHouse()
  const { entries, ...view } = await dayView(house, (await searchParams).day)
  const rows = entries.map((entry) => dayRow(entry, house.nameOf(entry.booking.staffId), house.time, house.nowMs))
  return (
    <Frame here="Day" house={house}>
      <Refresh everySeconds={30} />
      <DayDesk view={{ ...view, rows, nowMs: house.nowMs, timeZone: house.timeZone }} />
    </Frame>
  )
}
