import dayjs from 'dayjs'
import timezone from 'dayjs/plugin/timezone'
import utc from 'dayjs/plugin/utc'
import { houseClock, type HouseClock } from '@/core/clock'
import { minutesOf } from '@/core/people'

dayjs.extend(utc)
dayjs.extend(timezone)

/** The house's clock in both directions: a moment as it is read there, and the moment of a clock time there. */
export interface HouseTime extends HouseClock {
  /** The moment of a clock time on a day. */
  at: (day: string, clock: string) => number
  startOfDay: (day: string) => number
}

/** A page asks for the same mornings over and over, and each costs a third of a millisecond. */
const MOST_MOMENTS = 5000
const moments = new Map<string, number>()

function momentOf(timeZone: string, day: string, clock: string): number {
  const key = `${timeZone} ${day} ${clock}`
  const moment = moments.get(key) ?? dayjs.tz(`${day} ${clock}`, timeZone).valueOf()
  if (moments.size >= MOST_MOMENTS) moments.clear()
  moments.set(key, moment)
  return moment
}

/** @param timeZone an IANA name, `Europe/London` */
export function houseTime(timeZone: string): HouseTime {
  const at = (day: string, clock: string) => momentOf(timeZone, day, clock)
  return { ...houseClock(timeZone), at, startOfDay: (day) => at(day, '00:00') }
}

/** Minutes after midnight that the house's clock shows. */
export const minuteOfDay = (time: Pick<HouseClock, 'clock'>, ms: number): number => minutesOf(time.clock(ms))

export const MS_PER_MIN = 60_000
export const MS_PER_HOUR = 3_600_000
export const DAY_MS = 86_400_000
