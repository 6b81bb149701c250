import { minutesOf } from '../people'
import type { DayDog, HouseDay } from './day'
import { quickDay, type PlannedDay } from './planDay'
import { named } from './says'

/** What one more dog costs the others of its day. */
export interface DayCost {
  /** Promises to the others that would be broken. */
  broken: number
  /** By how much the chance that all of theirs hold falls, 0 to 1. */
  shareLost: number
  /** What they wait longer in sum, min. */
  waitsMin: number
  /** In a few words. */
  says: string
}

/** A chance that falls by less is not told of, and a wait that grows by less, min. From memory. */
const TELLING = { share: 0.05, waitMin: 10 }

/** Plans a day quickly without a dog and with it: both by the same rules, so that what differs is the dog's. */
export function costOf(day: HouseDay, dog: DayDog): DayCost {
  if (day.dogs.length === 0) return { broken: 0, shareLost: 0, waitsMin: 0, says: '' }
  const before = quickDay(day)
  const after = quickDay({ ...day, dogs: [...day.dogs, dog] })
  const others = (plan: PlannedDay) => plan.plan.dogs.filter(({ id }) => id !== dog.id)
  const late = (plan: PlannedDay) =>
    others(plan).filter(({ id, done }) => done > (day.dogs.find((own) => own.id === id)?.promise ?? '23:59'))
  const waits = (plan: PlannedDay) => others(plan).reduce((sum, { waitsMin }) => sum + waitsMin, 0)
  const hold = (plan: PlannedDay) => others(plan).reduce((share, { chance }) => share * chance, 1)
  const broken = Math.max(0, late(after).length - late(before).length)
  const shareLost = Math.max(0, hold(before) - hold(after))
  const waitsMin = Math.max(0, waits(after) - waits(before))
  const worst = late(after).find(({ id }) => !late(before).some((own) => own.id === id))
  return {
    broken,
    shareLost,
    waitsMin,
    says: saysCost({ broken, shareLost, waitsMin }, worst?.id, overrun(after, dog)),
  }
}

/** By how much the dog itself is done after its promise, min. */
const overrun = ({ plan }: PlannedDay, { id, promise }: DayDog): number =>
  minutesOf(plan.dogs.find((own) => own.id === id)?.done ?? '00:00') - minutesOf(promise)

function saysCost(
  { broken, shareLost, waitsMin }: Omit<DayCost, 'says'>,
  late: string | undefined,
  ownLateMin: number,
): string {
  if (broken > 0) return late ? `${named(late)} would be late` : 'another dog would be late'
  if (ownLateMin > 0) return `hands and places are short then: done ${ownLateMin} min later`
  if (shareLost >= TELLING.share) return `the others hold ${Math.round(shareLost * 100)} % less surely`
  if (waitsMin >= TELLING.waitMin) return `the others wait ${waitsMin} min longer`
  return 'costs the others nothing'
}
