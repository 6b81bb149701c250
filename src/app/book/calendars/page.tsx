import type { Metadata } from 'next'
import { busyTimes } from '@/service/calendar/busyTimes'
import { feedsOf } from '@/service/calendar/feeds'
import { CalendarsDesk } from '@/ui/book/CalendarsDesk'
import { Frame } from '@/ui/frame/Frame'
import { theHouse } from '../../theHouse'
import { changeFeed, freeOwnTime, keepCalendar } from '../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Calendars' }

export default async function CalendarsPage() {
  const house = await theHouse()
  const [feeds, busy] = await Promise.all([feedsOf(house), busyTimes(house)])
  const staff = house.staff.map(({ id, name }) => ({ id, name }))
  return (
    <Frame here="Book" house={house}>
      <CalendarsDesk view={{ feeds, busy, staff }} acts={{ feed: changeFeed, keep: keepCalendar, free: freeOwnTime }} />
    </Frame>
  )
}
