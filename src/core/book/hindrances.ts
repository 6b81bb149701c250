import {
  clockOf,
  closedWhy,
  minutesOf,
  weekdayOf,
  workingMinutes,
  type Opening,
  type Skill,
  type Work,
  type Role,
} from '../people'

/** What a groom asks of the person who does it. */
export interface Needs {
  /** Some of its stages are a groomer's, not a bather's. */
  groomer: boolean
  skills: readonly Skill[]
}

/** Somebody who may be given a dog. */
export interface Hand {
  id: number
  name: string
  role: Role
  work: Work
}

/** A stretch that somebody has given away, minutes after midnight. */
export interface Taken {
  staffId: number
  day: string
  from: number
  to: number
  dogId: number
  dog: string
  householdId: number
}

/** A time that is somebody's own: a holiday, the dentist. Minutes after midnight. */
export interface BusyTime {
  staffId: number
  day: string
  from: number
  to: number
  why: string
}

export interface Wanted {
  dogId: number
  dog: string
  day: string
  /** Minutes after midnight. */
  from: number
  to: number
  needs: Needs
}

/** What is known of the day on which it is wanted. */
export interface DayFacts {
  opening: Opening
  hand: Hand
  taken: readonly Taken[]
  busy: readonly BusyTime[]
}

type HindranceKind = 'same-dog' | 'closed' | 'hours' | 'rest' | 'busy' | 'hands' | 'break' | 'skill'

/** Why a dog should not come then. All but the first may be overruled by a person who says so. */
export interface Hindrance {
  kind: HindranceKind
  sentence: string
}

/** Whoever has dogs for longer than this has a break so long, min. Source: common practice; local law decides. */
const LONG_DAY_MIN = 360
const BREAK_MIN = 30

/** Everything that speaks against a time, each as a sentence that names it. */
export function hindrances(wanted: Wanted, facts: DayFacts): Hindrance[] {
  const found: (Hindrance | null)[] = [
    sameDog(wanted, facts),
    outOfHours(wanted, facts),
    atRest(wanted, facts),
    isBusy(wanted, facts),
    noHands(wanted, facts),
    noBreak(wanted, facts),
    cannot(wanted, facts),
  ]
  return found.filter((each) => each !== null)
}

interface Stretch {
  from: number
  to: number
}

const across = (a: Stretch, b: Stretch): boolean => a.from < b.to && b.from < a.to

function sameDog({ dogId, dog, day }: Wanted, { taken }: DayFacts): Hindrance | null {
  const there = taken.find((each) => each.day === day && each.dogId === dogId)
  return there
    ? { kind: 'same-dog', sentence: `${dog} is booked on that day already, at ${clockOf(there.from)}.` }
    : null
}

function outOfHours({ day, from, to }: Wanted, { opening, hand }: DayFacts): Hindrance | null {
  const shut = closedWhy(opening, day)
  if (shut !== null) return { kind: 'closed', sentence: `The house is ${shut}.` }
  // Where nobody said when, any hour is good.
  if (!opening.days && !hand.work.hours) return null
  const weekday = weekdayOf(day)
  if (hand.work.hours && !hand.work.hours[weekday])
    return { kind: 'hours', sentence: `${hand.name} is free on ${weekday}.` }
  const open = workingMinutes(opening, hand.work, day)
  if (open && from >= open.from && to <= open.to) return null
  const hours = open ? `from ${clockOf(open.from)} to ${clockOf(open.to)}` : 'not at all'
  return { kind: 'hours', sentence: `${hand.name} works ${hours} on ${weekday}; this ends at ${clockOf(to)}.` }
}

function atRest(wanted: Wanted, { hand }: DayFacts): Hindrance | null {
  const rest = restOf(hand.work)
  if (!rest || !across(wanted, rest)) return null
  return { kind: 'rest', sentence: `${hand.name} has a break from ${clockOf(rest.from)} to ${clockOf(rest.to)}.` }
}

/** The daily break of somebody, minutes after midnight. */
export const restOf = ({ rest }: Work): Stretch | null =>
  rest ? { from: minutesOf(rest.from), to: minutesOf(rest.to) } : null

function isBusy(wanted: Wanted, { hand, busy }: DayFacts): Hindrance | null {
  const other = busy.find((each) => each.staffId === hand.id && each.day === wanted.day && across(wanted, each))
  return other ? { kind: 'busy', sentence: `${hand.name} is away then: ${other.why || 'busy'}.` } : null
}

function noHands(wanted: Wanted, { hand, taken }: DayFacts): Hindrance | null {
  const others = taken.filter(
    (each) =>
      each.staffId === hand.id && each.day === wanted.day && each.dogId !== wanted.dogId && across(wanted, each),
  )
  if (others.length === 0) return null
  const words = others.map(({ dog, from, to }) => `${dog} from ${clockOf(from)} to ${clockOf(to)}`)
  const lastsMin = wanted.to - wanted.from
  return { kind: 'hands', sentence: `${hand.name} has ${words.join(' and ')} then; this groom takes ${lastsMin} min.` }
}

function noBreak(wanted: Wanted, { hand, taken }: DayFacts): Hindrance | null {
  const own = taken.filter((each) => each.staffId === hand.id && each.day === wanted.day)
  const work = [...own, wanted].sort((a, b) => a.from - b.from)
  const workedMin = work.reduce((sum, { from, to }) => sum + to - from, 0)
  const rests = work.some((each, at) => {
    const before = work[at - 1]
    return before !== undefined && each.from - before.to >= BREAK_MIN
  })
  if (workedMin <= LONG_DAY_MIN || rests || restOf(hand.work)) return null
  const hours = `${Math.floor(workedMin / 60)} h ${String(workedMin % 60).padStart(2, '0')}`
  return { kind: 'break', sentence: `${hand.name} would have ${hours} of dogs without a break of ${BREAK_MIN} min.` }
}

function cannot({ needs, dog }: Wanted, { hand }: DayFacts): Hindrance | null {
  if (hand.role === 'front desk')
    return { kind: 'skill', sentence: `${hand.name} is at the front desk and grooms no dog.` }
  if (needs.groomer && hand.role === 'bather')
    return { kind: 'skill', sentence: `${hand.name} is a bather; ${dog}’s groom has stages that are a groomer’s.` }
  const { skills } = hand.work
  const lacking = skills === undefined ? [] : needs.skills.filter((each) => !skills.includes(each))
  if (lacking.length === 0) return null
  return { kind: 'skill', sentence: `${dog} needs ${lacking.join(' and ')}, which ${hand.name} does not do.` }
}
