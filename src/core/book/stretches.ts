import { workingMinutes, type Opening, type Work } from '../people'
import { restOf, type BusyTime, type Taken } from './hindrances'

/** A stretch of somebody's day that nobody has, minutes after midnight. */
export interface Stretch {
  from: number
  to: number
}

/** What is left of some hours without what is given away. Stretches that touch are one. */
export function without(hours: Stretch, given: readonly Stretch[]): Stretch[] {
  const free: Stretch[] = []
  let at = hours.from
  for (const { from, to } of given.filter((each) => each.to > each.from).sort((a, b) => a.from - b.from)) {
    if (Math.min(from, hours.to) > at) free.push({ from: at, to: Math.min(from, hours.to) })
    at = Math.max(at, to)
  }
  if (at < hours.to) free.push({ from: at, to: hours.to })
  return free
}

interface Who {
  opening: Opening
  hand: { id: number; work: Work }
  taken: readonly Taken[]
  busy: readonly BusyTime[]
}

/** The free stretches of somebody's day: their hours without dogs, breaks and what is their own. */
export function freeStretches(day: string, { opening, hand, taken, busy }: Who): Stretch[] {
  const hours = workingMinutes(opening, hand.work, day)
  if (!hours) return []
  const rest = restOf(hand.work)
  const own = [...taken, ...busy].filter((each) => each.staffId === hand.id && each.day === day)
  return without(hours, rest ? [...own, rest] : own)
}
