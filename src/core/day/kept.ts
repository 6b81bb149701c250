import { minutesOf } from '../people'
import { comparedScores, provePlan, Serial, type State } from '../shop'
import type { DayDog, HouseDay } from './day'
import type { DayPlan } from './dayPlan'
import { dayAim, RANK } from './judge'
import { asPlanned, type PlannedDay } from './planDay'
import { planVan } from './planVan'
import { searchDay, type Found } from './search'
import { turnsBy } from './turnsBy'
import { workshopOf, type Workshop } from './workshop'

/**
 * A day with a plan that was taken kept as it is: the same hands in the same order and nothing earlier, moved on only by
 * what happened. In the literature right-shift rescheduling (R. J. Abumaizar and J. A. Svestka, 1997, International Journal
 * of Production Research 35). A dog that the plan does not know comes after those that it knows; a door that a van's plan does
 * not know comes where it costs least.
 */
export function keptDay(day: HouseDay, taken: DayPlan): PlannedDay {
  return day.setting === 'mobile' ? planVan(day, dogsInOrder(taken)) : asPlanned(keptAs(day, taken), day.stations.bay)
}

/** The dogs of a van's plan in the order of its stops. */
export const dogsInOrder = ({ stops }: DayPlan): string[] => stops.flatMap(({ dogs }) => dogs)

/** The same as the planner finds a plan, so that it can be judged, told and played like one. */
export function keptAs(day: HouseDay, taken: DayPlan): Found {
  // A plan is found on stages that go together, or on single ones: it is laid by whichever keeps it better.
  const [best] = [true, false]
    .flatMap((whole) => laid(keptShop(day, taken, whole), taken))
    .sort((a, b) => comparedScores(a.score, b.score))
  // What happened may stand in the way of what was planned: then the plan is found anew around it.
  if (!best) return searchDay(day)
  const { shop, state, score } = best
  const keeps = score[RANK.past] === 0 && score[RANK.broken] === 0
  const { boundMin } = provePlan(shop.floor, dayAim(shop), score, RANK.end, keeps, 0)
  return { shop: asItIsPlayed(shop, day), state, score, boundMin, proved: false }
}

interface Laid {
  shop: Workshop
  state: State
  score: Float64Array
}

/** A plan laid out in its own order; nothing where it does not fit the day any more. */
function laid(shop: Workshop, taken: DayPlan): Laid[] {
  const serial = new Serial(shop.floor)
  const score = new Float64Array(Object.keys(RANK).length)
  if (!serial.run(turnsBy(shop, taken))) return []
  dayAim(shop).judge(serial.state, score)
  return [{ shop, state: serial.state, score }]
}

function keptShop(day: HouseDay, taken: DayPlan, whole: boolean): Workshop {
  const dogs = day.dogs.map((dog) => ({ ...dog, locks: locksBy(day, taken, dog) }))
  return workshopOf({ ...day, dogs }, whole)
}

/** Whoever is ready sooner goes on sooner: only what somebody has fixed waits for its time, and a dog for its owner. */
function asItIsPlayed(shop: Workshop, { dogs }: HouseDay): Workshop {
  const { floor, pieces } = shop
  const fixedMin = (task: number): number => {
    const dog = floor.jobOf[task] as number
    const stage = pieces[dog]?.[task - (floor.first[dog] as number)]?.stages[0]?.id
    const locks = dogs.find(({ id }) => id === shop.dogs[dog]?.id)?.locks ?? []
    const from = locks.find((lock) => lock.stage === stage)?.from
    return from === undefined ? 0 : minutesOf(from)
  }
  const tasks = floor.tasks.map((task, at) => ({ ...task, fromMin: fixedMin(at) }))
  return { ...shop, floor: { ...floor, tasks } }
}

/**
 * Everything that the plan says of a dog, fixed; whoever does not work any more is replaced by whoever is free. What goes on
 * in the same hands without a stop has no start of its own.
 */
function locksBy({ people }: HouseDay, { work }: DayPlan, { id, locks }: DayDog): DayDog['locks'] {
  const rows = work.filter(({ dog, stage, kind }) => dog === id && stage !== null && kind !== 'holds')
  if (rows.length === 0) return locks
  return [...new Set(rows.map(({ stage }) => stage))].flatMap((stage) => {
    const own = rows.filter((row) => row.stage === stage)
    const person = own.find((row) => row.person !== null)?.person ?? null
    const first = own.reduce((a, b) => (a.from <= b.from ? a : b))
    if (stage === null) return []
    const goesOn = person !== null && rows.some((row) => row.to === first.from && row.person === person)
    const works = people.some(({ id: at }) => at === person)
    return [{ stage, ...(!goesOn && { from: first.from }), ...(works && person !== null && { person }) }]
  })
}
