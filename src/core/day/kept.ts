import { minutesOf } from '../people'
import { provePlan, Serial, turnsOf, type Turns } from '../shop'
import type { DayDog, HouseDay } from './day'
import type { DayPlan } from './dayPlan'
import { dayAim, RANK } from './judge'
import { asPlanned, plannedDay, type PlannedDay } from './planDay'
import { searchDay, type Found } from './search'
import { workshopOf, type Workshop } from './workshop'

/**
 * A day with a plan that was taken kept as it is: the same hands in the same order and nothing earlier, moved on only by
 * what happened. In the literature right-shift rescheduling (R. J. Abumaizar and J. A. Svestka, 1997, International Journal
 * of Production Research 35). A dog that the plan does not know comes after those that it knows.
 */
export function keptDay(day: HouseDay, taken: DayPlan): PlannedDay {
  return day.setting === 'mobile' ? plannedDay(day) : asPlanned(keptAs(day, taken))
}

/** The same as the planner finds a plan, so that it can be judged, told and played like one. */
export function keptAs(day: HouseDay, taken: DayPlan): Found {
  const shop = keptShop(day, taken, (planned) => planned)
  const serial = new Serial(shop.floor)
  const score = new Float64Array(Object.keys(RANK).length)
  // What happened may stand in the way of what was planned: then the plan is found anew around it.
  if (!serial.run(turnsBy(shop, taken))) return searchDay(day)
  const aim = dayAim(shop)
  aim.judge(serial.state, score)
  const keeps = score[RANK.past] === 0 && score[RANK.broken] === 0
  const { boundMin } = provePlan(shop.floor, aim, score, RANK.end, keeps, 0)
  // Whoever is ready sooner goes on sooner: only what somebody has fixed waits for its time, and a dog for its owner.
  const played = keptShop(day, taken, (_, own) => own)
  return { shop: played, state: serial.state, score, boundMin, proved: false }
}

function keptShop(
  day: HouseDay,
  taken: DayPlan,
  from: (planned: string, own: string | undefined) => string | undefined,
): Workshop {
  const dogs = day.dogs.map((dog) => ({ ...dog, locks: locksBy(day, taken, dog, from) }))
  return workshopOf({ ...day, dogs }, false)
}

/** Everything that the plan says of a dog, fixed; whoever does not work any more is replaced by whoever is free. */
function locksBy(
  { people }: HouseDay,
  { work }: DayPlan,
  { id, locks }: DayDog,
  from: (planned: string, own: string | undefined) => string | undefined,
): DayDog['locks'] {
  const rows = work.filter(({ dog, stage, kind }) => dog === id && stage !== null && kind !== 'holds')
  if (rows.length === 0) return locks
  return [...new Set(rows.map(({ stage }) => stage))].flatMap((stage) => {
    const own = rows.filter((row) => row.stage === stage)
    const person = own.find((row) => row.person !== null)?.person
    const first = own.reduce((a, b) => (a.from <= b.from ? a : b))
    if (stage === null) return []
    const begins = from(first.from, locks.find((lock) => lock.stage === stage)?.from)
    const works = people.some(({ id: at }) => at === person)
    return [{ stage, ...(begins && { from: begins }), ...(works && { person: person as string }) }]
  })
}

/** Turns in the order in which the plan begins. */
function turnsBy(shop: Workshop, { work }: DayPlan): Turns {
  const { floor, dogs, pieces } = shop
  const begins = dogs.flatMap(({ id, bring }, dog) =>
    (pieces[dog] ?? []).flatMap((piece, at) => {
      if (piece.seen) return []
      const row = work.find(
        ({ dog: own, stage, kind }) =>
          own === id && stage === piece.stages[0]?.id && kind === (piece.kind === 'cabinet' ? 'wait' : 'hands'),
      )
      return [{ dog, at, known: row !== undefined, fromMin: minutesOf(row ? row.from : bring) }]
    }),
  )
  begins.sort((a, b) => Number(b.known) - Number(a.known) || a.fromMin - b.fromMin || a.dog - b.dog || a.at - b.at)
  return turnsOf(
    floor,
    begins.map(({ dog }) => dog),
  )
}
