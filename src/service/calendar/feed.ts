import dayjs from 'dayjs'
import timezone from 'dayjs/plugin/timezone'
import utc from 'dayjs/plugin/utc'
import { ICalCalendarMethod, ICalEventStatus, default as ical } from 'ical-generator'
import { tzlib_get_ical_block } from 'timezones-ical-library'
import { lifeWords } from '@/core/book'
import { addDays } from '@/core/units'
import { readBookings, readCalledOff } from '@/data/bookings'
import { WHOLE_HOUSE, readFeedBySecret } from '@/data/calendars'
import { readDogsById } from '@/data/dogs'
import { readHouseholds } from '@/data/households'
import { MS_PER_MIN } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import { whatIsDone } from '../book/bookView'

dayjs.extend(utc)
dayjs.extend(timezone)

/** A feed tells so many days behind and ahead. Source: common practice. */
const BEHIND_DAYS = 28
const AHEAD_DAYS = 190

interface FeedLine {
  bookingId: number
  dogId: number
  staffId: number
  startMs: number
  slotMin: number
  version: number
  what: string
  cancelled: boolean
  standing: string
  changedMs: number
  place: string | null
}

/**
 * The days of a person or of the house as an iCalendar (RFC 5545): a booking keeps its UID whatever happens to it, times
 * stand with their zone, cancelled ones say so. Null where the address leads nowhere.
 */
export async function calendarFeed(secret: string, house: OpenHouse): Promise<string | null> {
  const feed = await readFeedBySecret(secret)
  return feed && calendarOf(feed.staffId, house)
}

/** The whole book as one file. */
export const bookAsCalendar = (house: OpenHouse): Promise<string> => calendarOf(WHOLE_HOUSE, house)

async function calendarOf(feedOf: number, house: OpenHouse): Promise<string> {
  const whole = feedOf === WHOLE_HOUSE
  const lines = (await feedLines(house)).filter(({ staffId }) => whole || staffId === feedOf)
  const dogs = await readDogsById(lines.map(({ dogId }) => dogId))
  const homes = await readHouseholds([...dogs.values()].map(({ householdId }) => householdId))
  const { name, timeZone, key, nameOf } = house
  const calendar = ical({
    name: whole ? name : `${nameOf(feedOf)}, ${name}`,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Kovit', product: 'book', language: 'EN' },
    timezone: { name: timeZone, generator: zoneOf },
  })
  // The library writes a plain date as it stands in UTC; one that knows its zone it writes by that zone's clock.
  const there = (ms: number) => dayjs(ms).tz(timeZone)
  for (const line of lines) {
    const dog = dogs.get(line.dogId)
    const place = line.place ?? ''
    calendar.createEvent({
      id: `booking-${line.bookingId}@${key}`,
      sequence: line.version,
      start: there(line.startMs),
      end: there(line.startMs + line.slotMin * MS_PER_MIN),
      stamp: new Date(line.changedMs),
      timezone: timeZone,
      summary: `${dog?.name ?? 'A dog'}, ${line.what}${whole ? ` (${nameOf(line.staffId)})` : ''}`,
      description: `${dog?.breed ?? ''}, ${homes.get(dog?.householdId ?? 0)?.name ?? ''}: ${line.standing}`,
      status: line.cancelled ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
      ...(place ? { location: place } : {}),
    })
  }
  return calendar.toString()
}

/** The zone with its changes, as RFC 5545 asks for it beside times that name it. */
function zoneOf(timeZone: string): string {
  const [block = ''] = tzlib_get_ical_block(timeZone)
  return block
}

async function feedLines({ time, nowMs }: OpenHouse): Promise<FeedLine[]> {
  const today = time.day(nowMs)
  const [fromMs, toMs] = [time.startOfDay(addDays(today, -BEHIND_DAYS)), time.startOfDay(addDays(today, AHEAD_DAYS))]
  const [bookings, off] = await Promise.all([readBookings(fromMs, toMs), readCalledOff(fromMs, toMs)])
  const open = bookings.map((booking): FeedLine => {
    const { id, dogId, staffId, startMs, slotMin, version, standing, changedMs, home } = booking
    return {
      bookingId: id,
      dogId,
      staffId,
      startMs,
      slotMin,
      version,
      changedMs,
      what: whatIsDone(booking),
      cancelled: false,
      standing: lifeWords(standing),
      place: home?.place ?? null,
    }
  })
  const gone = off.map(({ bookingId, dogId, staffId, startMs, slotMin, standing, atMs, version }): FeedLine => ({
    bookingId,
    dogId,
    staffId,
    startMs,
    slotMin,
    version,
    changedMs: atMs,
    what: lifeWords(standing),
    cancelled: true,
    standing: lifeWords(standing),
    place: null,
  }))
  return [...open, ...gone]
}
