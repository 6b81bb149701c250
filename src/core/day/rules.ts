import { NONE, type State } from '../shop'
import type { DayRule } from './dayPlan'
import {
  BREAK_AFTER_MIN,
  BREAK_MIN,
  FRAIL_BAY_MIN,
  HOUSEHOLD_BEGIN_MIN,
  HOUSEHOLD_DONE_MIN,
  NOISE_MIN,
} from './facts'
import { longestWithoutBreak, stayOf, workOf } from './seenDay'
import type { Workshop } from './workshop'

/** A rule of the day: whom a plan breaks it for, and what is said of it. */
interface Rule {
  id: DayRule
  about: 'dog' | 'person'
  /** Numbers of the dogs or people, each with how far it is off, min. */
  broken: (shop: Workshop, state: State) => Off[]
  why: (name: string, offMin: number) => string
}
interface Off {
  of: number
  byMin: number
}

const eachDog = (shop: Workshop, off: (dog: number) => number): Off[] =>
  shop.dogs.flatMap((_, of) => {
    const byMin = off(of)
    return byMin > 0 ? [{ of, byMin }] : []
  })
const eachPerson = (shop: Workshop, off: (person: number) => number): Off[] =>
  shop.day.people.flatMap((_, of) => {
    const byMin = off(of)
    return byMin > 0 ? [{ of, byMin }] : []
  })

const HOURS: Rule = {
  id: 'hours',
  about: 'person',
  broken: (shop, state) => eachPerson(shop, (person) => pastHoursMin(shop, state, person)),
  why: (name, byMin) => `${name} would work ${byMin} min past the end of the day.`,
}
const PROMISE: Rule = {
  id: 'promise',
  about: 'dog',
  broken: (shop, state) =>
    eachDog(shop, (dog) => stayOf(shop, state, dog).toMin - (shop.floor.shop.jobs[dog]?.untilMin ?? Infinity)),
  why: (name, byMin) => `${name} is done ${byMin} min after the promise.`,
}
const GROOMER: Rule = {
  id: 'groomer',
  about: 'dog',
  broken: (shop, state) =>
    eachDog(shop, (dog) => {
      const promised = shop.dogs[dog]?.groomer
      const by = state.wholeBy[dog] as number
      return promised && by !== NONE && shop.day.people[by]?.id !== promised ? 1 : 0
    }),
  why: (name) => `${name} is trimmed by another groomer than was promised.`,
}
const SKILL: Rule = {
  id: 'skill',
  about: 'dog',
  broken: (shop, state) => eachDog(shop, (dog) => lacksSkill(shop, state, dog)),
  why: (name) => `${name} has not everybody whom it needs: the skill for difficult dogs, or a second pair of hands.`,
}
const BREAK: Rule = {
  id: 'break',
  about: 'person',
  broken: (shop, state) =>
    eachPerson(shop, (person) => longestWithoutBreak(workOf(shop, state, person), BREAK_MIN) - BREAK_AFTER_MIN),
  why: (name) => `${name} works over six hours without a break of ${BREAK_MIN} min.`,
}
const NOISE: Rule = {
  id: 'noise',
  about: 'person',
  broken: (shop, state) => eachPerson(shop, (person) => dryingMin(shop, state, person) - NOISE_MIN),
  why: (name, byMin) => `${name} is ${byMin} min longer at the blower than ears bear in a day without protection.`,
}
const BAY: Rule = {
  id: 'bay-too-long',
  about: 'dog',
  broken: (shop, state) =>
    eachDog(shop, (dog) => (shop.dogs[dog]?.frail ? asideMin(state, dog) - FRAIL_BAY_MIN : 0)),
  why: (name, byMin) => `${name} waits ${byMin + FRAIL_BAY_MIN} min in a bay, and should not be left there over ${FRAIL_BAY_MIN}.`,
}
const HOUSEHOLD: Rule = {
  id: 'household',
  about: 'dog',
  broken: (shop, state) =>
    eachDog(shop, (dog) =>
      shop.dogs.reduce((worst, other, at) => {
        if (at <= dog || other.household === null || other.household !== shop.dogs[dog]?.household) return worst
        const [a, b] = [stayOf(shop, state, dog), stayOf(shop, state, at)]
        const begins = Math.abs(a.fromMin - b.fromMin) - HOUSEHOLD_BEGIN_MIN
        return Math.max(worst, begins, Math.abs(a.toMin - b.toMin) - HOUSEHOLD_DONE_MIN)
      }, 0),
    ),
  why: (name, byMin) => `${name} and its housemate come or leave ${byMin} min further apart than they should.`,
}
const QUIET: Rule = {
  id: 'quiet',
  about: 'dog',
  broken: (shop, state) => eachDog(shop, (dog) => (shop.dogs[dog]?.minds ? sharedMin(shop, state, dog) : 0)),
  why: (name, byMin) => `${name} shares the room with other people’s dogs for ${byMin} min, and minds them.`,
}
const LAST: Rule = {
  id: 'contagious-last',
  about: 'dog',
  broken: (shop, state) =>
    eachDog(shop, (dog) => {
      if (!shop.dogs[dog]?.contagious) return 0
      const begins = stayOf(shop, state, dog).fromMin
      return shop.dogs.reduce(
        (worst, other, at) => (other.contagious ? worst : Math.max(worst, stayOf(shop, state, at).toMin - begins)),
        0,
      )
    }),
  why: (name) => `${name} has something catching and is not the last of the day.`,
}

/** In the order in which they are said. */
export const RULES: readonly Rule[] = [HOURS, PROMISE, GROOMER, SKILL, BREAK, NOISE, BAY, HOUSEHOLD, QUIET, LAST]

/** Rules that are counted as one: hours and promises stand above them. */
export const SOFT_RULES = RULES.slice(2)

export function pastHoursMin({ floor, pieces, dogs }: Workshop, state: State, person: number): number {
  const untilMin = floor.shop.workers[person]?.untilMin ?? Infinity
  let past = 0
  for (let job = 0; job < dogs.length; job++)
    for (let task = floor.first[job] as number; task < (floor.first[job + 1] as number); task++) {
      const own = state.worker[task] === person || state.second[task] === person
      if (!own || pieces[job]?.[task - (floor.first[job] as number)]?.seen) continue
      past += Math.max(0, (state.end[task] as number) - Math.max(state.start[task] as number, untilMin))
    }
  return past
}

function lacksSkill({ day, dogs, floor, pieces }: Workshop, state: State, dog: number): number {
  const { difficult, heldAt } = dogs[dog] as (typeof dogs)[number]
  if (heldAt.size > 0 && day.people.length < 2) return 1
  if (!difficult) return 0
  const first = floor.first[dog] as number
  return (pieces[dog] ?? []).some(({ seen }, at) => {
    const by = state.worker[first + at] as number
    return !seen?.over && by >= 0 && !day.people[by]?.skills.includes('difficult dogs')
  })
    ? 1
    : 0
}

function dryingMin({ day, dogs, floor, pieces }: Workshop, state: State, person: number): number {
  let minutes = 0
  for (let job = 0; job < dogs.length; job++)
    for (const [at, piece] of (pieces[job] ?? []).entries()) {
      if (piece.kind !== 'hands' || piece.place !== 'dryer') continue
      const by = piece.seen
        ? day.people[person]?.id === piece.seen.person
        : state.worker[(floor.first[job] as number) + at] === person
      if (by) minutes += piece.seen ? piece.seen.endMin - piece.seen.fromMin : piece.minutes
    }
  return minutes
}

/** Minutes that a dog has stood aside by a plan. */
export function asideMin({ aside }: State, dog: number): number {
  let minutes = 0
  for (let at = 0; at < aside.length; at += 4)
    if (aside[at] === dog) minutes += (aside[at + 3] as number) - (aside[at + 2] as number)
  return minutes
}

function sharedMin(shop: Workshop, state: State, dog: number): number {
  const own = stayOf(shop, state, dog)
  return shop.dogs.reduce((sum, other, at) => {
    const family = at === dog || (other.household !== null && other.household === shop.dogs[dog]?.household)
    if (family) return sum
    const { fromMin, toMin } = stayOf(shop, state, at)
    return sum + Math.max(0, Math.min(own.toMin, toMin) - Math.max(own.fromMin, fromMin))
  }, 0)
}
