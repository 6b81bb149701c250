import { minutesOf } from '../people'
import { turnsOf, type Turns } from '../shop'
import type { DayPlan } from './dayPlan'
import { BREAK_MIN } from './facts'
import type { Workshop } from './workshop'

/** Turns in the order in which the plan begins, with its second handlers, and breaks where it leaves room for them. */
export function turnsBy(shop: Workshop, { work }: DayPlan): Turns {
  const { floor, day, dogs, pieces } = shop
  const begins = dogs.flatMap(({ id, bring }, dog) =>
    (pieces[dog] ?? []).flatMap((piece, at) => {
      if (piece.seen) return []
      const row = work.find(
        ({ dog: own, stage, kind }) =>
          own === id && stage === piece.stages[0]?.id && kind === (piece.kind === 'cabinet' ? 'wait' : 'hands'),
      )
      return [
        {
          dog,
          at,
          known: row !== undefined,
          frees: piece.place === 'tub',
          second: holderOf(work, row),
          fromMin: minutesOf(row ? row.from : bring),
        },
      ]
    }),
  )
  shop.resting.forEach((person, at) => {
    const fromMin = freeFrom(work, day.people[person]?.id)
    begins.push({ dog: dogs.length + at, at: 0, known: true, frees: false, second: null, fromMin })
  })
  // Of two that begin together the one whose hands are held within reach comes first.
  begins.sort(
    (a, b) =>
      Number(b.known) - Number(a.known) ||
      a.fromMin - b.fromMin ||
      Number(b.frees) - Number(a.frees) ||
      a.dog - b.dog ||
      a.at - b.at,
  )
  const turns = turnsOf(
    floor,
    begins.map(({ dog }) => dog),
  )
  for (const { dog, at, second } of begins)
    turns.second[(floor.first[dog] as number) + at] = day.people.findIndex(({ id }) => id === second)
  return turns
}

/** The same with the plan's hands, and no dog before it was to come: where a search goes on from a plan. */
export function turnsAs(shop: Workshop, plan: DayPlan): Turns {
  const { floor, day, dogs, pieces } = shop
  const turns = turnsBy(shop, plan)
  dogs.forEach(({ id }, dog) => {
    const first = floor.first[dog] as number
    const begins = plan.dogs.find((own) => own.id === id)?.begins
    if (begins !== undefined) turns.notBefore[dog] = minutesOf(begins)
    ;(pieces[dog] ?? []).forEach((piece, at) => {
      const row = plan.work.find((own) => own.dog === id && own.kind === 'hands' && own.stage === piece.stages[0]?.id)
      const person = day.people.findIndex((own) => own.id === row?.person)
      if (person < 0 || !floor.tasks[first + at]?.workers.includes(person)) return
      if (piece.trim) turns.whole[dog] = person
      else turns.by[first + at] = person
    })
  })
  return turns
}

/** Where a plan leaves somebody room for a break, min; where it leaves none, after all their work. */
function freeFrom(work: DayPlan['work'], person: string | undefined): number {
  const own = work
    .filter((row) => row.person === person)
    .map(({ from, to }) => ({ fromMin: minutesOf(from), toMin: minutesOf(to) }))
    .sort((a, b) => a.fromMin - b.fromMin)
  const before = own.find(({ toMin }, at) => (own[at + 1]?.fromMin ?? Infinity) - toMin >= BREAK_MIN)
  return before?.toMin ?? 0
}

const holderOf = (work: DayPlan['work'], row: DayPlan['work'][number] | undefined): string | null =>
  work.find(({ dog, stage, kind }) => kind === 'holds' && dog === row?.dog && stage === row.stage)?.person ?? null
