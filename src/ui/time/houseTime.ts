import dayjs from 'dayjs'
import timezone from 'dayjs/plugin/timezone'
import utc from 'dayjs/plugin/utc'

dayjs.extend(utc)
dayjs.extend(timezone)

/** Clock and calendar of the house; stored times are UTC. */
export interface HouseTime {
  clock: (ms: number) => string
  /** `2027-03-02` */
  day: (ms: number) => string
  /** `Tuesday 2 March` */
  longDay: (ms: number) => string
  /** `2 Mar` */
  shortDay: (ms: number) => string
  minuteOfHour: (ms: number) => number
  /** The moment of a clock time on a day. */
  at: (day: string, clock: string) => number
  startOfDay: (day: string) => number
}

const FORMATS = {
  clock: ['en-GB', { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }],
  day: ['en-CA', { year: 'numeric', month: '2-digit', day: '2-digit' }],
  longDay: ['en-GB', { weekday: 'long', day: 'numeric', month: 'long' }],
  shortDay: ['en-GB', { day: 'numeric', month: 'short' }],
} as const

const made = new Map<string, Intl.DateTimeFormat>()

/** Making a format is slow, using one is not: a page shows some fifty times. */
function formatter(name: keyof typeof FORMATS, timeZone: string): (ms: number) => string {
  const key = `${name} ${timeZone}`
  const [locale, options] = FORMATS[name]
  const format = made.get(key) ?? new Intl.DateTimeFormat(locale, { ...options, timeZone })
  made.set(key, format)
  return (ms) => format.format(ms)
}

export function houseTime(timeZone: string): HouseTime {
  const clock = formatter('clock', timeZone)
  return {
    clock,
    day: formatter('day', timeZone),
    longDay: formatter('longDay', timeZone),
    shortDay: formatter('shortDay', timeZone),
    minuteOfHour: (ms) => Number(clock(ms).slice(3)),
    at: (day, clockTime) => dayjs.tz(`${day} ${clockTime}`, timeZone).valueOf(),
    startOfDay: (day) => dayjs.tz(`${day} 00:00`, timeZone).valueOf(),
  }
}

/** `4:12` of minutes and seconds; hours are counted in minutes. */
export function showSpan(ms: number): string {
  const seconds = Math.max(0, Math.floor(ms / 1000))
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

/** `4 years`, `7 months` */
export function showAge(bornOn: string, day: string): string {
  const months = dayjs(day).diff(dayjs(bornOn), 'month')
  if (months < 24) return `${months} months`
  return `${Math.floor(months / 12)} years`
}
