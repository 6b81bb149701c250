import type { HouseClock } from './houseClock'

const DAY_MIN = 24 * 60
const MS_PER_MIN = 60_000
const minutesOf = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5))

/**
 * The latest moment before now at which the house's clock showed this. Within the day of a clock change it may be an hour
 * off where the change lies between.
 * @param clock `09:05`
 */
export function lately(clock: string, time: Pick<HouseClock, 'clock'>, nowMs: number): number {
  const agoMin = (minutesOf(time.clock(nowMs)) - minutesOf(clock) + DAY_MIN) % DAY_MIN
  return Math.floor(nowMs / MS_PER_MIN) * MS_PER_MIN - agoMin * MS_PER_MIN
}
