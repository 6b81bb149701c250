import type { Metadata } from 'next'
import { dayView } from '@/service/day/dayView'
import { isOnRoad, type DayEntry } from '@/service/day/dayEntry'
import { handsView } from '@/service/day/houseDay'
import { roadDay } from '@/service/day/roadDay'
import { DayDesk } from '@/ui/day/DayDesk'
import { dayRow } from '@/ui/day/dayRow'
import type { DayWay } from '@/ui/day/hands/DayWays'
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
  const { entries, isTaken, ...view } = await dayView(house, asked.day)
  const ways = waysToLook(entries, view.day < view.today)
  const way = ways.find((each) => each === asked.by) ?? 'dog'
  const runs = way === 'dog' && view.isToday && isTaken
  const planned = way === 'hands' || way === 'rehearse' || runs ? await handsView(entries, house, view.day) : null
  const road = way === 'road' ? await roadDay(entries, house, view.day) : null
  const rows = entries
    .map((entry) => dayRow(entry, house.nameOf(entry.booking.staffId), house.time))
    .map((row) => ({ ...row, href: wayFor(house.who, row.href, row.dogId) }))
  return (
    <Frame here="Day" house={house}>
      {way !== 'rehearse' && <Refresh everySeconds={30} />}
      <DayDesk
        view={{ ...view, rows, way, ways, planned, road, nowMs: house.nowMs, timeZone: house.timeZone }}
        decide={decideDay}
      />
    </Frame>
  )
}

/** By hands where somebody is in the house, by the road where the van drives; a day that is over is not rehearsed. */
function waysToLook(entries: readonly DayEntry[], isOver: boolean): DayWay[] {
  const [house, road] = [entries.some((entry) => !isOnRoad(entry)), entries.some(isOnRoad)]
  return [
    'dog',
    ...(house ? (['hands'] as const) : []),
    ...(road ? (['road'] as const) : []),
    ...(house && !isOver ? (['rehearse'] as const) : []),
  ]
}
