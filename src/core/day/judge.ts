import type { Aim, State } from '../shop'
import { broken, HOURS, PROMISE, SOFT_RULES, type Rule } from './rules'
import { blankSeen, endOfDay, seeDay, waitingOf, type Seen } from './seenDay'
import type { Workshop } from './workshop'

/** What stands where in a score: what outranks what. The last is none of them, and shows a search where a rule is nearly kept. */
export const RANK = { past: 0, broken: 1, late: 2, soft: 3, end: 4, tight: 5, waiting: 6, off: 7 } as const

/** What each weighs while the search looks for its way, in minutes of the day's end. From memory, by `npm run bench`. */
const WEIGHTS = [20, 200, 4, 10, 1, 0.2, 0.05, 0.4]

/** The same once it has found it: then no rule is broken to end earlier. From memory, by `npm run bench`. */
const STRICT_WEIGHTS = WEIGHTS.with(RANK.soft, 200)

/** An aim whose rules are no longer for sale. */
export const strictly = (aim: Aim): Aim => ({ ...aim, weights: STRICT_WEIGHTS })

/** Beyond this a rule is broken altogether and being further off leads nowhere, min. From memory. */
const OFF_MOST_MIN = 40

/** A promise is tight when less than this share of a dog's stay is left before it. From memory: about nine days of ten hold. */
const ROOM_SHARE = 0.25

/**
 * How good a plan of the day is: hours kept, promises, the other rules, the end, room before promises, the dogs' waiting.
 * @param rules that are to be kept besides; none where the end alone is asked for
 */
export function dayAim(shop: Workshop, rules: readonly Rule[] = SOFT_RULES): Aim {
  const seen = blankSeen(shop)
  return { weights: WEIGHTS, judge: (state, score) => judged(shop, rules, state, seeDay(shop, state, seen), score) }
}

function judged(shop: Workshop, rules: readonly Rule[], state: State, seen: Seen, score: Float64Array): void {
  score.fill(0)
  broken(HOURS, shop, seen, state, (_, byMin) => (score[RANK.past]! += byMin))
  broken(PROMISE, shop, seen, state, (_, byMin) => {
    score[RANK.broken]!++
    score[RANK.late]! += byMin
  })
  for (const rule of rules)
    broken(rule, shop, seen, state, (_, byMin) => {
      score[RANK.soft]!++
      score[RANK.off]! += Math.min(byMin, OFF_MOST_MIN)
    })
  score[RANK.end] = endOfDay(shop, seen)
  score[RANK.tight] = tightOf(shop, seen)
  score[RANK.waiting] = waitingOf(seen)
}

/** Minutes that are wanting before promises for them to hold on most days; what is over already is as it is. */
function tightOf({ dogs, floor }: Workshop, { fromMin, toMin }: Seen): number {
  let wanting = 0
  for (let dog = 0; dog < dogs.length; dog++) {
    const [from, to] = [fromMin[dog] as number, toMin[dog] as number]
    const left = (floor.shop.jobs[dog]?.untilMin ?? Infinity) - to
    wanting += Math.max(0, ROOM_SHARE * (to - from) - Math.max(0, left))
  }
  return Math.round(wanting)
}
