import { clockOf } from '../people'
import type { HouseDay } from './day'
import type { DayPlan } from './dayPlan'
import { RANK } from './judge'
import { planVan } from './planVan'
import { riskOf, type Risk } from './risk'
import { asWork, rowsOf } from './rows'
import { broken, RULES } from './rules'
import { named, saysNoRoom, saysNoShows, saysWaits } from './says'
import { searchDay, type Found } from './search'
import { endOfDay, seeDay, waitingOf } from './seenDay'

/** A day's plan with what is known of all its promises together. */
export interface PlannedDay {
  plan: DayPlan
  /** The share of days on which all promises hold, 0 to 1, and its standard error; null on the road. */
  all: { share: number; error: number } | null
}

/** Plans a day: pure, and the same for the same day and seed. */
export const planDay = (day: HouseDay): DayPlan => plannedDay(day).plan

/** @param stop told how far the search is, 0 to 1; true takes what there is */
export function plannedDay(day: HouseDay, stop?: (share: number) => boolean): PlannedDay {
  if (day.setting === 'mobile') return { plan: planVan(day), all: null }
  return asPlanned(searchDay(day, stop), day.stations.bay)
}

/** A plan as it was found, with what is known of its promises. */
export function asPlanned(found: Found, bays = found.shop.day.stations.bay): PlannedDay {
  const risk = riskOf(found.shop, found.state, found.shop.day.seed)
  return { plan: planOf(found, risk, bays), all: { share: risk.all, error: risk.error } }
}

/**
 * A salon's day as it was found, with its chances and what is to be said of it.
 * @param bays that the house has
 */
function planOf(found: Found, risk: Risk, bays: number): DayPlan {
  const { shop, state, boundMin, proved } = found
  const rows = rowsOf(shop, state)
  const seen = seeDay(shop, state)
  return {
    kovit: 'dayplan/1',
    work: asWork(rows),
    dogs: shop.dogs.map(({ id }, dog) => ({
      id,
      begins: clockOf(seen.fromMin[dog] as number),
      done: clockOf(seen.toMin[dog] as number),
      doneLate: clockOf(Math.ceil(risk.lateMin[dog] ?? 0)),
      chance: risk.chance[dog] ?? 0,
      waitsMin: seen.waitsMin[dog] as number,
    })),
    stops: [],
    end: { at: clockOf(endOfDay(shop, seen)), driveMin: 0, waitingMin: waitingOf(seen) },
    bound: { at: clockOf(Math.min(boundMin, found.score[RANK.end] as number)), driveMin: 0 },
    proved,
    breaks: breaksOf(found),
    says: [...saysNoRoom(shop.day, bays), ...saysWaits(rows), ...saysNoShows(shop.day)],
  }
}

function breaksOf({ shop, state }: Found): DayPlan['breaks'] {
  const seen = seeDay(shop, state)
  const all: DayPlan['breaks'] = []
  for (const rule of RULES)
    broken(rule, shop, seen, state, (of, byMin) => {
      const name = (rule.about === 'dog' ? shop.dogs[of]?.id : shop.day.people[of]?.id) as string
      all.push({ rule: rule.id, [rule.about]: name, why: rule.why(named(name), Math.round(byMin)) })
    })
  return all
}
