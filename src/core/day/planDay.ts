import { clockOf } from '../people'
import type { HouseDay } from './day'
import type { DayPlan } from './dayPlan'
import { RANK } from './judge'
import { planVan } from './planVan'
import { DAYS, riskOf, type Risk } from './risk'
import { asWork, rowsOf } from './rows'
import { broken, RULES } from './rules'
import { named, saysNoRoom, saysNoShows, saysWaits } from './says'
import { AGAIN_STEPS, MOST_STEPS, QUICK_STEPS, searchDay, type Found } from './search'
import { endOfDay, seeDay, waitingOf } from './seenDay'

/** A day's plan with what is known of all its promises together. */
export interface PlannedDay {
  plan: DayPlan
  /** The share of days on which all promises hold, 0 to 1, and its standard error. */
  all: { share: number; error: number }
}

/** Plans a day: pure, and the same for the same day and seed. */
export const planDay = (day: HouseDay): DayPlan => plannedDay(day).plan

/**
 * @param stop told how far the search is, 0 to 1; true takes what there is
 * @param from a plan to go on from: what is found is no worse, and differs where that wins something
 */
export function plannedDay(day: HouseDay, stop?: (share: number) => boolean, from?: DayPlan): PlannedDay {
  if (day.setting === 'mobile') return planVan(day)
  return asPlanned(searchDay(day, stop, from ? AGAIN_STEPS : MOST_STEPS, from), day.stations.bay)
}

/** Days that are played where many plans are weighed against each other: a chance to within two percent. */
const QUICK_DAYS = 1000

/** A day planned by priority rules and few steps: good enough to weigh one day against another, in a fraction of the time. */
export function quickDay(day: HouseDay): PlannedDay {
  return day.setting === 'mobile'
    ? planVan(day)
    : asPlanned(searchDay(day, undefined, QUICK_STEPS), day.stations.bay, QUICK_DAYS)
}

/**
 * A plan as it was found, with what is known of its promises.
 * @param bays that the house has
 * @param days that are played
 */
export function asPlanned(found: Found, bays: number, days = DAYS): PlannedDay {
  const risk = riskOf(found.shop, found.state, found.shop.day.seed, days)
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
