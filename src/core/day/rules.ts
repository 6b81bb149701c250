import { NONE as NONE_OF_SHOP, type State } from '../shop'
import type { DayRule } from './dayPlan'
import { BREAK_AFTER_MIN, BREAK_MIN, FRAIL_BAY_MIN, HOUSEHOLD_BEGIN_MIN, HOUSEHOLD_DONE_MIN, NOISE_MIN } from './facts'
import type { Seen } from './seenDay'
import type { Workshop } from './workshop'

const NONE = NONE_OF_SHOP

/** A rule of the day: whom a plan breaks it for, and what is said of it. */
export interface Rule {
  id: DayRule
  about: 'dog' | 'person'
  /** How far a plan is off for one dog or person, min; 0 or less where it is kept. */
  offMin: (shop: Workshop, seen: Seen, of: number, state: State) => number
  why: (name: string, offMin: number) => string
}

const HOURS: Rule = {
  id: 'hours',
  about: 'person',
  offMin: (_, { pastMin }, person) => pastMin[person] as number,
  why: (name, byMin) => `${name} would work ${byMin} min past the end of the day.`,
}
const PROMISE: Rule = {
  id: 'promise',
  about: 'dog',
  offMin: ({ floor }, { toMin }, dog) => (toMin[dog] as number) - (floor.shop.jobs[dog]?.untilMin ?? Infinity),
  why: (name, byMin) => `${name} is done ${byMin} min after the promise.`,
}
const GROOMER: Rule = {
  id: 'groomer',
  about: 'dog',
  offMin: ({ day, dogs }, _, dog, { wholeBy }) => {
    const promised = dogs[dog]?.groomer
    const by = wholeBy[dog] as number
    return promised && by !== NONE && day.people[by]?.id !== promised ? 1 : 0
  },
  why: (name) => `${name} is trimmed by another groomer than was promised.`,
}
const SKILL: Rule = {
  id: 'skill',
  about: 'dog',
  offMin: (shop, _, dog, state) => (lacksSkill(shop, state, dog) ? 1 : 0),
  why: (name) => `${name} has not everybody whom it needs: the skill for difficult dogs, or a second pair of hands.`,
}
const BREAK: Rule = {
  id: 'break',
  about: 'person',
  offMin: (_, { unbrokenMin }, person) => (unbrokenMin[person] as number) - BREAK_AFTER_MIN,
  why: (name) => `${name} works over six hours without a break of ${BREAK_MIN} min.`,
}
const NOISE: Rule = {
  id: 'noise',
  about: 'person',
  offMin: (_, { dryingMin }, person) => (dryingMin[person] as number) - NOISE_MIN,
  why: (name, byMin) => `${name} is ${byMin} min longer at the blower than ears bear in a day without protection.`,
}
const BAY: Rule = {
  id: 'bay-too-long',
  about: 'dog',
  offMin: ({ dogs }, { asideMin }, dog) => (dogs[dog]?.frail ? (asideMin[dog] as number) - FRAIL_BAY_MIN : 0),
  why: (name, byMin) =>
    `${name} waits ${byMin + FRAIL_BAY_MIN} min in a bay, and should not be left there over ${FRAIL_BAY_MIN}.`,
}
const HOUSEHOLD: Rule = {
  id: 'household',
  about: 'dog',
  offMin: ({ dogs }, { fromMin, toMin }, dog) => {
    const { household } = dogs[dog] as (typeof dogs)[number]
    if (household === null) return 0
    let worst = 0
    for (let mate = dog + 1; mate < dogs.length; mate++) {
      if (dogs[mate]?.household !== household) continue
      const begins = Math.abs((fromMin[dog] as number) - (fromMin[mate] as number))
      const ends = Math.abs((toMin[dog] as number) - (toMin[mate] as number))
      worst = Math.max(worst, begins - HOUSEHOLD_BEGIN_MIN, ends - HOUSEHOLD_DONE_MIN)
    }
    return worst
  },
  why: (name, byMin) => `${name} and its housemate come or leave ${byMin} min further apart than they should.`,
}
const QUIET: Rule = {
  id: 'quiet',
  about: 'dog',
  offMin: (shop, seen, dog) => (shop.dogs[dog]?.minds ? sharedMin(shop, seen, dog) : 0),
  why: (name, byMin) => `${name} shares the room with other people’s dogs for ${byMin} min, and minds them.`,
}
const LAST: Rule = {
  id: 'contagious-last',
  about: 'dog',
  offMin: ({ dogs }, { fromMin, toMin }, dog) =>
    dogs[dog]?.contagious
      ? dogs.reduce((worst, other, at) => {
          const afterIt = (toMin[at] as number) - (fromMin[dog] as number)
          return other.contagious ? worst : Math.max(worst, afterIt)
        }, 0)
      : 0,
  why: (name) => `${name} has something catching and is not the last of the day.`,
}

/** In the order in which they are said. */
export const RULES: readonly Rule[] = [HOURS, PROMISE, GROOMER, SKILL, BREAK, NOISE, BAY, HOUSEHOLD, QUIET, LAST]

/** Rules that are counted as one: hours and promises stand above them. */
const SOFT_RULES = RULES.slice(2)

export { HOURS, PROMISE, SOFT_RULES }

/** Calls with whatever a plan breaks: which dog or person, and how far, min. */
export function broken(
  rule: Rule,
  shop: Workshop,
  seen: Seen,
  state: State,
  tell: (of: number, byMin: number) => void,
): void {
  const count = rule.about === 'dog' ? shop.dogs.length : shop.day.people.length
  for (let of = 0; of < count; of++) {
    const byMin = rule.offMin(shop, seen, of, state)
    if (byMin > 0) tell(of, byMin)
  }
}

function lacksSkill({ day, dogs, floor, pieces }: Workshop, state: State, dog: number): boolean {
  const { difficult, heldAt } = dogs[dog] as (typeof dogs)[number]
  if (heldAt.size > 0 && day.people.length < 2) return true
  if (!difficult) return false
  const first = floor.first[dog] as number
  return (pieces[dog] ?? []).some(({ seen }, at) => {
    const by = state.worker[first + at] as number
    return !seen?.over && by >= 0 && !day.people[by]?.skills.includes('difficult dogs')
  })
}

/** Minutes in which a dog shares the room with dogs of other households. */
function sharedMin({ dogs }: Workshop, { fromMin, toMin }: Seen, dog: number): number {
  let shared = 0
  for (let other = 0; other < dogs.length; other++) {
    const { household } = dogs[other] as (typeof dogs)[number]
    if (other === dog || (household !== null && household === dogs[dog]?.household)) continue
    const to = Math.min(toMin[dog] as number, toMin[other] as number)
    shared += Math.max(0, to - Math.max(fromMin[dog] as number, fromMin[other] as number))
  }
  return shared
}
