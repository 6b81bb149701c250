import type { Metadata } from 'next'
import Link from 'next/link'
import { readBookings } from '@/data/bookings'
import { readOwners, type Owner } from '@/data/dogs'
import { readLogs, readVisitsOfBookings } from '@/data/visits'
import { DayBoard } from '@/ui/day/DayBoard'
import { Outbox } from '@/ui/day/Outbox'
import { DayNotices } from '@/ui/day/DayNotices'
import { dayRow, type DayEntry } from '@/ui/day/dayRow'
import { Frame } from '@/ui/frame/Frame'
import { Refresh } from '@/ui/frame/Refresh'
import { Saying } from '@/ui/frame/Saying'
import { addDays, Day } from '@/core/units'
import type { HouseTime } from '@/service/house/houseTime'
import { openHouse, type OpenHouse } from '../house'
import { readDayEntry } from '../visitFile'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Day' }

export default async function DayPage({ searchParams }: { searchParams: Promise<{ day?: string | string[] }> }) {
  const house = await openHouse()
  const { time, nowMs } = house
  const today = time.day(nowMs)
  const asked = Day.safeParse((await searchParams).day)
  const day = asked.success ? asked.data : today
  const entries = await readDay(house, day)
  const rows = entries.map((entry) => dayRow(entry, house.nameOf(entry.booking.staffId), time, nowMs))
  const home = entries.filter(({ visit }) => visit?.finishedMs != null).length
  const inHouse = entries.filter(({ visit }) => visit !== null && visit.finishedMs === null).length
  return (
    <Frame here="Day" house={house.name} timeZone={house.timeZone} nowMs={nowMs}>
      <Refresh everySeconds={30} />
      <section style={{ display: 'grid', gridTemplateColumns: '340px 1fr', gap: 24, minHeight: 76 }}>
        <div>
          <h1>{time.longDay(time.at(day, '12:00'))}</h1>
          <p className="kv-quiet" style={{ fontSize: 16 }}>
            {rows.length === 0
              ? 'nothing booked'
              : `${home} home, ${inHouse} in the house, ${rows.length - home - inHouse} to come`}
          </p>
          <p style={{ display: 'flex', gap: 16, marginTop: 2 }}>
            <Link href={`/?day=${addDays(day, -1)}`}>Day before</Link>
            {day !== today && <Link href="/">Today</Link>}
            <Link href={`/?day=${addDays(day, 1)}`}>Day after</Link>
          </p>
        </div>
        {day === today && <DayNotices rows={rows} />}
      </section>
      {rows.length === 0 ? (
        <Saying
          title="Nothing is booked on this day"
          way={
            <Link className="kv-button" href="/dogs">
              Book a dog
            </Link>
          }
        >
          Book from a dog’s file; the slot is proposed from the dog’s own plan.
        </Saying>
      ) : (
        <>
          <DayBoard rows={rows} time={time} nowMs={day === today ? nowMs : null} />
          <Outbox messages={await outbox(entries, time)} />
        </>
      )}
    </Frame>
  )
}

/** Messages of the day's visits, with who they are for. */
async function outbox(entries: readonly DayEntry[], time: HouseTime) {
  const owners = entries.some(({ visit }) => (visit?.told.length ?? 0) > 0)
    ? await readOwners()
    : new Map<number, Owner>()
  return entries.flatMap(({ visit, visitId, dog }) =>
    (visit?.told ?? []).map(({ words, atMs }) => {
      const owner = owners.get(dog.householdId)
      return {
        key: `${visitId} ${atMs}`,
        dog: dog.name,
        owner: owner?.name ?? 'the owner',
        phone: owner?.phone ?? null,
        words,
        clock: time.clock(atMs),
      }
    }),
  )
}

async function readDay({ time, nowMs }: OpenHouse, day: string): Promise<DayEntry[]> {
  const bookings = await readBookings(time.startOfDay(day), time.startOfDay(addDays(day, 1)))
  const visits = await readVisitsOfBookings(bookings.map(({ id }) => id))
  const logs = await readLogs(visits.map(({ id }) => id))
  const entries = await Promise.all(
    bookings.map((booking) => {
      const stored = visits.find(({ bookingId }) => bookingId === booking.id)
      return readDayEntry(booking, stored, stored ? (logs.get(stored.id) ?? []) : [], nowMs, time)
    }),
  )
  return entries.filter((entry) => entry !== null)
}
