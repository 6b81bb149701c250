import type { Aim } from '../shop'
import { broken, HOURS, PROMISE, SOFT_RULES } from './rules'
import { endOfDay, seeDay, waitingOf } from './seenDay'
import type { Workshop } from './workshop'

/** What stands where in a score: what outranks what. The last is none of them, and shows a search where a rule is nearly kept. */
export const RANK = { past: 0, broken: 1, late: 2, soft: 3, end: 4, waiting: 5, off: 6 } as const

/** What each weighs while the search looks for its way, in minutes of the day's end. From memory. */
const WEIGHTS = [20, 200, 4, 40, 1, 0.05, 0.05]

/** How good a plan of the day is: hours kept, promises, the other rules, the end, the dogs' waiting. */
export const dayAim = (shop: Workshop): Aim => ({
  weights: WEIGHTS,
  judge: (state, score) => {
    const seen = seeDay(shop, state)
    let [past, late, lateDogs, soft, off] = [0, 0, 0, 0, 0]
    broken(HOURS, shop, seen, state, (_, byMin) => (past += byMin))
    broken(PROMISE, shop, seen, state, (_, byMin) => {
      lateDogs++
      late += byMin
    })
    for (const rule of SOFT_RULES)
      broken(rule, shop, seen, state, (_, byMin) => {
        soft++
        off += byMin
      })
    score.set([past, lateDogs, late, soft, endOfDay(shop, seen), waitingOf(seen), off])
  },
})
