import { costOf, type DayCost } from '@/core/day'
import type { Case } from '@/core/plan'
import type { Day } from '@/core/units'
import type { Dog } from '@/data/dogs'
import { planFor } from '../booking/planFor'
import { dayEntries } from '../day/dayEntry'
import { dayDog } from '../day/dogOfDay'
import { houseDay } from '../day/houseDay'
import type { OpenHouse } from '../house/openHouse'

/** A start that could be offered, and what would be groomed then. */
export interface Start {
  day: Day
  clock: string
  staffId: number
  slotMin: number
  dog: Dog
  plannedCase: Case
}

/** What a start costs the other dogs of its day, by a plan of the whole day with it and without. */
export async function costAt(start: Start, house: OpenHouse): Promise<DayCost> {
  const { day, clock, staffId, slotMin, dog, plannedCase } = start
  const planned = await houseDay(await dayEntries(house, day), house, day)
  const booking = { id: 0, startMs: house.time.at(day, clock), slotMin, staffId }
  const entry = { booking, dog, plannedCase, plan: planFor(plannedCase), visit: null }
  return costOf(planned.day, dayDog(entry, `${dog.name} (new)`, house, planned.day.people, { locks: [], noBay: [] }))
}
