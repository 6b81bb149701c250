import dayjs from 'dayjs'
import timezone from 'dayjs/plugin/timezone'
import utc from 'dayjs/plugin/utc'

dayjs.extend(utc)
dayjs.extend(timezone)

export const MS_PER_MIN = 60_000
export const DAY_MS = 24 * 60 * MS_PER_MIN
export const QUARTER = 15 * MS_PER_MIN
/** The demo's day is half done: it is one o'clock and some minutes there. */
const DEMO_HOUR = 13

export const toQuarter = (ms: number) => Math.round(ms / QUARTER) * QUARTER

export interface DemoClock {
  nowMs: number
  timeZone: string
  atHour: (ms: number, hour: number) => number
}

/**
 * The demo's house lies where it is early afternoon now. Started at whatever hour, its day is half done, and no groom
 * of it runs over midnight. The moments themselves are the real ones.
 */
export function demoClock(nowMs: number): DemoClock {
  const eastOfUtc = DEMO_HOUR - dayjs(nowMs).utc().hour()
  // The names of these zones count westward: Etc/GMT-3 is three hours east.
  const timeZone = eastOfUtc === 0 ? 'Etc/UTC' : `Etc/GMT${eastOfUtc > 0 ? '-' : '+'}${Math.abs(eastOfUtc)}`
  const there = (ms: number) => dayjs(ms).tz(timeZone)
  return {
    nowMs,
    timeZone,
    atHour: (ms, hour) => there(ms).startOf('day').hour(hour).valueOf(),
  }
}
