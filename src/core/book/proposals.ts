import { clockOf, workingMinutes, type Opening, type Work } from '../people'
import { addDays, daysBetween } from '../units'
import { restOf, type BusyTime, type Taken } from './hindrances'
import { without, type Stretch } from './stretches'

export interface Proposal {
  day: string
  clock: string
  staffId: number
  /** In a few words, what speaks for it. */
  why: string
}

export interface ProposalsAsked {
  /** The dog, where it is known: it comes once a day, and is no company to itself. */
  dogId?: number
  slotMin: number
  /** The first day that may be proposed. */
  from: string
  /** The day around which it should come; the first one where nobody knows. */
  around?: string
  opening: Opening
  /** Who could do it; with somebody it may take another slot. */
  people: readonly { id: number; work: Work; slotMin?: number }[]
  taken: readonly Taken[]
  busy?: readonly BusyTime[]
  /** Whose dogs had best come on one trip. */
  householdId: number | null
  /** How much it minds other dogs or strangers, 0 to 4. */
  minds?: number
  /** Who had it last: the best reason to have it again. */
  usualStaffId?: number
  /** So many are wanted, where it is not the usual number. */
  most?: number
}

/** So far ahead is looked, days, and so many starts are proposed. Source: from memory. */
const DAYS = 42
export const MOST_PROPOSED = 3
/** Starts are on the quarter of an hour. Source: common practice. */
const STEP_MIN = 15
/** Dogs of one household begin within this of each other or follow at once, minutes. Source: common practice. */
const TOGETHER_MIN = 30
/** From this grade on a dog is better off in a quiet hour. Source: common practice. */
const MINDS = 2
/** A stretch that is left over is wasted when it is longer than a breath and shorter than any dog, minutes. Source: from memory. */
const WASTED = { above: 15, below: 45 }
/**
 * What a start costs, in days off its week: alone though the household comes, in company though it minds, another groomer,
 * a stretch wasted. Source: from memory.
 */
const COSTS = { dayBefore: 1.2, alone: 100, company: 12, stranger: 1.5, wasted: 0.4 }
const DAY_MIN = 24 * 60

/**
 * The starts that are proposed: beside a dog of the same household where one comes, then by the day that is right, in a
 * quiet hour for a dog that minds company, where no stretch is wasted. One a day. Never outside hours, in a break, on a
 * closed day, or across another dog.
 */
export function proposals(asked: ProposalsAsked): Proposal[] {
  const { from, around = from, most = MOST_PROPOSED } = asked
  const first = [from, addDays(around, -DAYS / 2)].sort().at(-1) ?? from
  const days = Array.from({ length: DAYS }, (_, ahead) => addDays(first, ahead))
  const found = days.flatMap((day) => startsOn(day, asked)).sort((a, b) => a.cost - b.cost)
  const chosen: Start[] = []
  for (const each of found) {
    if (!chosen.some(({ day }) => day === each.day)) chosen.push(each)
    if (chosen.length === most) break
  }
  return chosen.map(({ day, start, staffId, why }) => ({ day, staffId, why, clock: clockOf(start) }))
}

interface Start {
  day: string
  start: number
  staffId: number
  cost: number
  why: string
}

function startsOn(day: string, asked: ProposalsAsked): Start[] {
  const { from, around = from, opening, people, taken, busy = [], usualStaffId, dogId } = asked
  if (taken.some((each) => each.day === day && each.dogId === dogId)) return []
  const off = daysBetween(around, day)
  const away = off < 0 ? -off * COSTS.dayBefore : off
  return people.flatMap(({ id, work, slotMin = asked.slotMin }) => {
    const stranger = usualStaffId === undefined || usualStaffId === id ? 0 : COSTS.stranger
    const hours = workingMinutes(opening, work, day)
    if (!hours) return []
    const rest = restOf(work)
    const own = [...taken, ...busy].filter((each) => each.day === day && each.staffId === id)
    const free = without(hours, rest ? [...own, rest] : own)
    return free.flatMap((stretch) =>
      startsIn(stretch, slotMin).map((start) => {
        const { cost, why } = speaksFor({ from: start, to: start + slotMin }, { day, stretch, hours, own }, asked)
        return { day, start, staffId: id, why, cost: away + cost + stranger + start / DAY_MIN }
      }),
    )
  })
}

function startsIn({ from, to }: Stretch, slotMin: number): number[] {
  const first = Math.ceil(from / STEP_MIN) * STEP_MIN
  const steps = Math.max(0, Math.floor((to - slotMin - first) / STEP_MIN) + 1)
  return Array.from({ length: steps }, (_, step) => first + step * STEP_MIN)
}

interface Around {
  day: string
  stretch: Stretch
  hours: Stretch
  own: readonly Stretch[]
}

function speaksFor(slot: Stretch, at: Around, { taken, householdId, minds = 0 }: ProposalsAsked) {
  const today = taken.filter((each) => each.day === at.day)
  const home = today.filter((each) => each.householdId === householdId)
  const beside = home.find((other) => isBeside(slot, other))
  const company = today.some((each) => each.householdId !== householdId && slot.from < each.to && each.from < slot.to)
  const left = [slot.from - at.stretch.from, at.stretch.to - slot.to]
  const wasted = left.filter((min) => min > WASTED.above && min < WASTED.below).length * COSTS.wasted
  const alone = beside ? -COSTS.alone : 0
  const minded = minds >= MINDS && company ? COSTS.company : 0
  return { cost: alone + minded + wasted, why: whyWords(slot, at, beside, minds >= MINDS && !company) }
}

const isBeside = (slot: Stretch, other: Stretch): boolean =>
  [slot.from - other.from, slot.from - other.to, slot.to - other.from].some((min) => Math.abs(min) <= TOGETHER_MIN)

function whyWords(slot: Stretch, { hours, own }: Around, beside: Taken | undefined, isQuiet: boolean): string {
  if (beside) return `beside ${beside.dog}, one trip`
  if (isQuiet) return 'quiet, no other dog in the room'
  if (own.length === 0) return 'a free day'
  return slot.from === hours.from ? 'first dog, quiet' : 'the first gap that holds'
}
