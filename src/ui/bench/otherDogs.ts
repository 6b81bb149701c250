import type { HouseClock } from '@/core/clock'
import { dayRow, type DayEntry } from '../day/dayRow'
import type { OtherDog } from './waits'

/** Other dogs of today whose wait runs, as the bench calls them. */
export const otherDogs = (
  waiting: readonly { entry: DayEntry; groomer: string }[],
  { time, nowMs }: { time: HouseClock; nowMs: number },
): OtherDog[] =>
  waiting.flatMap(({ entry, groomer }) => {
    const { name, wait, visitId } = dayRow(entry, groomer, time, nowMs)
    return wait ? [{ name, wait, href: `/visits/${visitId}/bench` }] : []
  })
