import type { Aim, State } from '../shop'
import { RULES, SOFT_RULES } from './rules'
import { stayOf, waitsOf } from './seenDay'
import type { Workshop } from './workshop'

/** What stands where in a score: what outranks what. */
export const RANK = { past: 0, broken: 1, late: 2, soft: 3, end: 4, waiting: 5, off: 6 } as const

/** What each weighs while the search looks for its way, in minutes of the day's end. From memory. */
const WEIGHTS = [20, 200, 4, 40, 1, 0.05, 0.05]

/** How good a plan of the day is: hours kept, promises, the other rules, the end, the dogs' waiting. */
export const dayAim = (shop: Workshop): Aim => ({
  weights: WEIGHTS,
  judge: (state, score) => {
    score.fill(0)
    for (const { byMin } of (RULES[0] as (typeof RULES)[number]).broken(shop, state)) score[RANK.past]! += byMin
    for (const { byMin } of (RULES[1] as (typeof RULES)[number]).broken(shop, state)) {
      score[RANK.broken]!++
      score[RANK.late]! += byMin
    }
    for (const { broken } of SOFT_RULES)
      for (const { byMin } of broken(shop, state)) {
        score[RANK.soft]!++
        score[RANK.off]! += byMin
      }
    score[RANK.end] = endOfDay(shop, state)
    score[RANK.waiting] = waitingOf(shop, state)
  },
})

export const endOfDay = (shop: Workshop, state: State): number =>
  Math.max(shop.nowMin, ...shop.dogs.map((_, dog) => stayOf(shop, state, dog).toMin))

export const waitingOf = (shop: Workshop, state: State): number =>
  shop.dogs.reduce((sum, _, dog) => sum + waitsOf(shop, state, dog), 0)
