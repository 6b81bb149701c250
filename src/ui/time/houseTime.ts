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

export function houseTime(timeZone: string): HouseTime {
  const local = (ms: number) => dayjs(ms).tz(timeZone)
  return {
    clock: (ms) => local(ms).format('HH:mm'),
    day: (ms) => local(ms).format('YYYY-MM-DD'),
    longDay: (ms) => local(ms).format('dddd D MMMM'),
    shortDay: (ms) => local(ms).format('D MMM'),
    minuteOfHour: (ms) => local(ms).minute(),
    at: (day, clock) => dayjs.tz(`${day} ${clock}`, timeZone).valueOf(),
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
