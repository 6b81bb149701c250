import type { Metadata } from 'next'
import { dayView } from '@/service/day/dayView'
import { handsView } from '@/service/day/houseDay'
import { DayDesk } from '@/ui/day/DayDesk'
import { dayRow } from '@/ui/day/dayRow'
import { Frame } from '@/ui/frame/Frame'
import { Refresh } from '@/ui/frame/Refresh'
import { wayFor } from '../addresses'
import { theHouse } from '../theHouse'
import { decideDay } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Day' }

export default async function DayPage({
  searchParams,
}: {
  searchParams: Promise<{ day?: string | string[]; by?: string | string[] }>
}) {
  const house = await theHouse()
  const asked = await searchParams
  const { entries, ...view } = await dayView(house, asked.day)
  const isOver = view.day < view.today
  const way = asked.by === 'hands' || (asked.by === 'rehearse' && !isOver) ? asked.by : 'dog'
  const planned = way !== 'dog' && entries.length > 0 ? await handsView(entries, house, view.day) : null
  const rows = entries
    .map((entry) => dayRow(entry, house.nameOf(entry.booking.staffId), house.time, house.nowMs))
    .map((row) => ({ ...row, href: wayFor(house.who, row.href, row.dogId) }))
  return (
    <Frame here="Day" house={house}>
      {way !== 'rehearse' && <Refresh everySeconds={30} />}
      <DayDesk
        view={{ ...view, rows, way, planned, nowMs: house.nowMs, timeZone: house.timeZone }}
        decide={decideDay}
      />
    </Frame>
  )
}
