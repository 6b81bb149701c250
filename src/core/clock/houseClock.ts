/** Clock and calendar of the house, read off a stored moment; stored times are UTC. */
export interface HouseClock {
  /** `09:05` */
  clock: (ms: number) => string
  /** `2027-03-02` */
  day: (ms: number) => string
  /** `Tuesday 2 March` */
  longDay: (ms: number) => string
  /** `2 Mar` */
  shortDay: (ms: number) => string
  minuteOfHour: (ms: number) => number
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

/** @param timeZone an IANA name, `Europe/London` */
export function houseClock(timeZone: string): HouseClock {
  const clock = formatter('clock', timeZone)
  return {
    clock,
    day: formatter('day', timeZone),
    longDay: formatter('longDay', timeZone),
    shortDay: formatter('shortDay', timeZone),
    minuteOfHour: (ms) => Number(clock(ms).slice(3)),
  }
}
