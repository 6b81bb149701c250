import { clockOf } from '../people'
import type { HouseDay } from './day'
import type { DayPlan } from './dayPlan'
import { endOfDay, RANK, waitingOf } from './judge'
import { planVan } from './planVan'
import { riskOf } from './risk'
import { asWork, rowsOf } from './rows'
import { RULES } from './rules'
import { named, saysNoShows, saysWaits } from './says'
import { EFFORT, searchDay, type Effort, type Found } from './search'
import { stayOf, waitsOf } from './seenDay'

/** Plans a day: pure, and the same for the same day and seed. */
export const planDay = (day: HouseDay, effort: Effort = EFFORT): DayPlan =>
  day.setting === 'mobile' ? planVan(day) : planOf(searchDay(day, effort))

/** A salon's day as it was found, with its chances and what is to be said of it. */
export function planOf(found: Found): DayPlan {
  const { shop, state, boundMin, proved } = found
  const rows = rowsOf(shop, state)
  const risk = riskOf(shop, state, shop.day.seed)
  return {
    kovit: 'dayplan/1',
    work: asWork(rows),
    dogs: shop.dogs.map(({ id }, dog) => {
      const { fromMin, toMin } = stayOf(shop, state, dog)
      return {
        id,
        begins: clockOf(fromMin),
        done: clockOf(toMin),
        doneLate: clockOf(Math.ceil(risk.lateMin[dog] ?? toMin)),
        chance: risk.chance[dog] ?? 0,
        waitsMin: waitsOf(shop, state, dog),
      }
    }),
    stops: [],
    end: { at: clockOf(endOfDay(shop, state)), driveMin: 0, waitingMin: waitingOf(shop, state) },
    bound: { at: clockOf(Math.min(boundMin, found.score[RANK.end] as number)), driveMin: 0 },
    proved,
    breaks: [...breaksOf(found)],
    says: [...saysWaits(rows), ...saysNoShows(shop.day)],
  }
}

function* breaksOf({ shop, state }: Found): Generator<DayPlan['breaks'][number]> {
  for (const { id, about, broken, why } of RULES)
    for (const { of, byMin } of broken(shop, state)) {
      const name = (about === 'dog' ? shop.dogs[of]?.id : shop.day.people[of]?.id) as string
      yield { rule: id, [about]: name, why: why(named(name), Math.round(byMin)) }
    }
}
