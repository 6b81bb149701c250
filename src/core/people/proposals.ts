import { addDays } from '../units'
import { clockOf, workingMinutes, type Opening } from './opening'
import type { Work } from './people'

/** A stretch of somebody's day that is given away, minutes after midnight. */
export interface Taken {
  staffId: number
  day: string
  from: number
  to: number
  dog: string
  householdId: number
}

export interface Proposal {
  day: string
  clock: string
  staffId: number
  /** In a few words, what speaks for it. */
  why: string
}

export interface ProposalsAsked {
  slotMin: number
  /** The first day that may be proposed. */
  from: string
  opening: Opening
  people: readonly { id: number; work: Work }[]
  taken: readonly Taken[]
  /** Whose dogs had best come on one trip. */
  householdId: number | null
}

/** So far ahead is looked, days, and so many starts are proposed. Source: from memory. */
const DAYS = 42
const MOST = 3
/** Starts are on the quarter of an hour. Source: common practice. */
const STEP_MIN = 15

/**
 * The starts that are proposed on the telephone: beside a dog of the same household where one comes, then the soonest of
 * each day. Never outside hours, on a closed day, or across another dog.
 */
export function proposals(asked: ProposalsAsked): Proposal[] {
  const days = Array.from({ length: DAYS }, (_, ahead) => addDays(asked.from, ahead))
  const free = days.flatMap((day) => freeOn(day, asked))
  const beside = free.filter((each) => each.beside !== null).slice(0, 1)
  const soonest: Free[] = []
  for (const each of free) if (![...beside, ...soonest].some(({ day }) => day === each.day)) soonest.push(each)
  return [...beside, ...soonest].slice(0, MOST).map(({ day, start, staffId, why }) => ({
    day,
    staffId,
    clock: clockOf(start),
    why,
  }))
}

interface Free {
  day: string
  start: number
  staffId: number
  beside: string | null
  why: string
}

/** The free starts of a day, the soonest of each person, those beside the household's other dog first. */
function freeOn(day: string, { slotMin, opening, people, taken, householdId }: ProposalsAsked): Free[] {
  const home = taken.filter((each) => each.day === day && each.householdId === householdId)
  const found = people.flatMap(({ id, work }): Free[] => {
    const hours = workingMinutes(opening, work, day)
    if (!hours) return []
    const own = taken.filter((each) => each.day === day && each.staffId === id)
    const starts = startsIn(hours, slotMin, own)
    const near = home[0] === undefined ? undefined : nearest(starts, home[0])
    if (near !== undefined && home[0])
      return [{ day, start: near, staffId: id, beside: home[0].dog, why: `beside ${home[0].dog}, one trip` }]
    const [first] = starts
    const why = own.length === 0 ? 'a free day' : first === hours.from ? 'first dog, quiet' : 'the first gap that holds'
    return first === undefined ? [] : [{ day, start: first, staffId: id, beside: null, why }]
  })
  return found.sort((a, b) => Number(a.beside === null) - Number(b.beside === null) || a.start - b.start)
}

function startsIn({ from, to }: { from: number; to: number }, slotMin: number, taken: readonly Taken[]): number[] {
  const first = Math.ceil(from / STEP_MIN) * STEP_MIN
  const steps = Math.max(0, Math.floor((to - slotMin - first) / STEP_MIN) + 1)
  return Array.from({ length: steps }, (_, step) => first + step * STEP_MIN).filter((start) =>
    taken.every((each) => each.to <= start || start + slotMin <= each.from),
  )
}

/** Dogs of one household begin within this of each other or follow at once, minutes. Source: common practice. */
const TOGETHER_MIN = 30

const nearest = (starts: readonly number[], other: Taken): number | undefined =>
  starts.find((start) => Math.abs(start - other.from) <= TOGETHER_MIN || Math.abs(start - other.to) <= TOGETHER_MIN)
