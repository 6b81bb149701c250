import { closedWhy, weekdayOf, type Opening, type Work } from '../people'
import { addDays } from '../units'

/** So far off a closed day another one is looked for, days. Source: from memory. */
const FURTHEST = 6

/** Why somebody cannot have a dog on a day; null when they can. */
function shutFor(opening: Opening, { hours }: Work, day: string): string | null {
  const shut = closedWhy(opening, day)
  if (shut !== null) return shut
  return hours && !hours[weekdayOf(day)] ? `free on ${weekdayOf(day)}` : null
}

/**
 * The day on which something falls that is due on this one: the day itself, or the nearest open one, the later of two
 * equally near. Null where none is open for a week about.
 */
export function nearestOpen(opening: Opening, work: Work, day: string): { day: string; because: string | null } | null {
  const because = shutFor(opening, work, day)
  if (because === null) return { day, because }
  for (let off = 1; off <= FURTHEST; off++)
    for (const other of [addDays(day, off), addDays(day, -off)])
      if (shutFor(opening, work, other) === null) return { day: other, because }
  return null
}
