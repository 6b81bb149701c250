import type { HouseDay } from '@/core/day'
import { closedWhy, USUAL_HOURS, weekdayOf, type Hours, type Opening, type Work } from '@/core/people'
import type { Day } from '@/core/units'
import { handsOf } from '@/core/visit'
import { readLogs } from '@/data/events'
import type { StaffMember } from '@/data/people'
import type { OpenHouse } from '../house/openHouse'
import type { DayEntry } from './dayEntry'
import { happenedTo } from './happened'

type DayPerson = HouseDay['people'][number]

/** Who works on a day, in their hours. */
export const peopleOn = ({ hands, opening }: OpenHouse, day: Day): DayPerson[] =>
  hands.flatMap((member) => {
    const hours = hoursOn(opening, member.work, day)
    return hours ? [dayPerson(member, hours)] : []
  })

/** Somebody with the van: where a house is closed, its van may drive all the same. */
export function driverOn({ hands, opening }: OpenHouse, staffId: number, day: Day): DayPerson | null {
  const member = hands.find(({ id }) => id === staffId)
  if (!member || member.role === 'bather') return null
  return dayPerson(member, hoursOn(opening, member.work, day) ?? USUAL_HOURS)
}

const dayPerson = ({ name, role, work }: StaffMember, hours: Hours): DayPerson => ({
  id: name,
  role: role === 'bather' ? 'bather' : 'groomer',
  skills: work.skills ?? [],
  ...hours,
})

/** Somebody's own hours, where they said them: a dog that is in the house is finished after the door is shut. */
function hoursOn(opening: Opening, { hours }: Work, day: Day): Hours | null {
  if (closedWhy(opening, day) !== null) return null
  const weekday = weekdayOf(day)
  return hours ? (hours[weekday] ?? null) : (opening.days?.[weekday] ?? USUAL_HOURS)
}

/** The clock of the house as a plan of a day reads it: a day to come has not begun, a day that is over has ended. */
export function nowOn({ time, nowMs }: OpenHouse, day: Day): string {
  const today = time.day(nowMs)
  if (day === today) return time.clock(nowMs)
  return day < today ? '23:59' : '00:00'
}

/** What was seen on the benches, by whom. */
export async function happenedOn(
  entries: readonly DayEntry[],
  names: readonly string[],
  house: OpenHouse,
): Promise<HouseDay['happened']> {
  const logs = await readLogs(entries.flatMap(({ visitId }) => (visitId === null ? [] : [visitId])))
  return entries.flatMap((entry, at) => {
    if (!entry.visit || entry.visitId === null) return []
    const by = handsOf(logs.get(entry.visitId) ?? [])
    const who = (stage: Parameters<typeof by.get>[0]) => house.nameOf(by.get(stage) ?? entry.booking.staffId)
    return happenedTo(names[at] as string, entry.visit, who, house.time, house.nowMs)
  })
}
