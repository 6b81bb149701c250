import ICAL from 'ical.js'
import { z } from 'zod'
import { refuse, type Result } from '@/core/result'
import { addDays } from '@/core/units'
import { freeBusy, keepBusy, readBusy, type StoredBusy } from '@/data/calendars'
import { inTransaction } from '@/data/connection'
import { DAY_MS, type HouseTime } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'

/** Repeating times are read so far ahead, days, and no more than so many. Source: from memory. */
const AHEAD_DAYS = 365
const MOST_TIMES = 500
/** What a page can send to its server in one go, characters. Source: given by the framework, with some room. */
const MOST_TEXT = 900_000

export const CalendarText = z.strictObject({
  staffId: z.number({ error: 'Choose whose times these are.' }).int().positive(),
  text: z.string().max(MOST_TEXT, { error: 'This file is larger than 900 kB.' }),
})

/** What a calendar file would keep. */
export interface ReadTimes {
  times: Omit<StoredBusy, 'id'>[]
  /** What of it is past, free, cancelled, beyond a year, or says no time that can be read. */
  left: number
}

/** Reads the busy times of a calendar file (RFC 5545), repeating ones as they fall. Nothing is kept. */
export function readCalendar(
  { staffId, text }: z.infer<typeof CalendarText>,
  { time, nowMs }: Pick<OpenHouse, 'time' | 'nowMs'>,
): Result<ReadTimes> {
  const events = eventsIn(text)
  if (events === null) return refuse('text', 'This is not a calendar file: it has no VCALENDAR that can be read.')
  const toMs = time.startOfDay(addDays(time.day(nowMs), AHEAD_DAYS))
  const times: ReadTimes['times'] = []
  let left = 0
  for (const event of events) {
    const found = isBusy(event) ? readTimes(event, { time, toMs }) : []
    const coming = found.filter((each) => each.toMs > nowMs && each.fromMs < toMs)
    if (coming.length === 0) left += 1
    for (const each of coming)
      times.push({
        ...each,
        staffId,
        uid: (event.uid || 'without uid').slice(0, 200),
        why: (event.summary || 'busy').slice(0, 200),
      })
  }
  if (times.length > MOST_TIMES) return refuse('text', `This file has more than ${MOST_TIMES} times to come.`)
  return { ok: true, value: { times: times.sort((a, b) => a.fromMs - b.fromMs), left } }
}

function eventsIn(text: string): ICAL.Event[] | null {
  try {
    const calendar = new ICAL.Component(ICAL.parse(text) as unknown[])
    if (calendar.name !== 'vcalendar') return null
    for (const zone of calendar.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone)
    const parts = calendar.getAllSubcomponents('vevent')
    const isMoved = (part: ICAL.Component) => part.hasProperty('recurrence-id')
    // A time that was moved out of its repeat stands beside it, and takes the place of the one it was.
    return parts
      .filter((part) => !isMoved(part))
      .map((part) => {
        const event = new ICAL.Event(part)
        for (const other of parts)
          if (isMoved(other) && other.getFirstPropertyValue('uid') === event.uid)
            event.relateException(new ICAL.Event(other))
        return event
      })
  } catch {
    return null
  }
}

const isBusy = (event: ICAL.Event): boolean => {
  const value = (name: string) => String(event.component.getFirstPropertyValue(name) ?? '').toUpperCase()
  return value('transp') !== 'TRANSPARENT' && value('status') !== 'CANCELLED'
}

/** The moment of a time: one without a zone, and a whole day, is the house's. */
function momentOf(at: ICAL.Time, time: HouseTime): number {
  if (!at.isDate && at.zone !== ICAL.Timezone.localTimezone) return at.toUnixTime() * 1000
  const two = (n: number) => String(n).padStart(2, '0')
  return time.at(`${at.year}-${two(at.month)}-${two(at.day)}`, `${two(at.hour)}:${two(at.minute)}`)
}

/** None where a date cannot be read: another program's slip in one event keeps back no other. */
function readTimes(...asked: Parameters<typeof timesOf>): ReturnType<typeof timesOf> {
  try {
    return timesOf(...asked)
  } catch {
    return []
  }
}

function timesOf(
  event: ICAL.Event,
  { time, toMs }: { time: HouseTime; toMs: number },
): { fromMs: number; toMs: number }[] {
  const span = (start: ICAL.Time, end: ICAL.Time) => ({ fromMs: momentOf(start, time), toMs: momentOf(end, time) })
  if (!event.isRecurring()) return [span(event.startDate, event.endDate)].filter((each) => each.toMs > each.fromMs)
  const found: { fromMs: number; toMs: number }[] = []
  const each = event.iterator()
  for (let next = each.next(); next && found.length <= MOST_TIMES * 4; next = each.next()) {
    const { startDate, endDate } = event.getOccurrenceDetails(next)
    const one = span(startDate, endDate)
    if (one.fromMs >= toMs) break
    if (one.toMs > one.fromMs) found.push(one)
  }
  return found
}

/** `2 Mar 09:00 to 10:30` */
export const whenWords = ({ fromMs, toMs }: { fromMs: number; toMs: number }, time: HouseTime): string => {
  const until = time.day(fromMs) === time.day(toMs) ? '' : `${time.shortDay(toMs)} `
  return `${time.shortDay(fromMs)} ${time.clock(fromMs)} to ${until}${time.clock(toMs)}`
}

/** What a calendar file would keep, in words. */
export function previewCalendar(
  asked: z.infer<typeof CalendarText>,
  house: OpenHouse,
): Result<{ times: { when: string; why: string }[]; left: number }> {
  const read = readCalendar(asked, house)
  if (!read.ok) return read
  const { times, left } = read.value
  return {
    ok: true,
    value: { left, times: times.map((each) => ({ why: each.why, when: whenWords(each, house.time) })) },
  }
}

/** Keeps what a calendar file says; a time that is there already is told anew. */
export async function keepCalendar(
  asked: z.infer<typeof CalendarText>,
  house: OpenHouse,
): Promise<Result<{ kept: number }>> {
  if (!house.staff.some(({ id }) => id === asked.staffId)) return refuse('staffId', 'Nobody of that name works here.')
  const read = readCalendar(asked, house)
  if (!read.ok) return read
  await inTransaction(() => keepBusy(read.value.times, house.nowMs))
  return { ok: true, value: { kept: read.value.times.length } }
}

/** Says that a time is free again. */
export async function freeTime(id: number, nowMs: number): Promise<Result<null>> {
  return (await freeBusy(id, nowMs)) ? { ok: true, value: null } : refuse('id', 'This time is free already.')
}

/** Own times of the year to come. */
export async function busyTimes({ time, nowMs, nameOf }: OpenHouse) {
  const rows = await readBusy(nowMs, nowMs + AHEAD_DAYS * DAY_MS)
  return rows.map(({ id, staffId, fromMs, toMs, why }) => ({
    id,
    who: nameOf(staffId),
    why,
    when: whenWords({ fromMs, toMs }, time),
  }))
}
