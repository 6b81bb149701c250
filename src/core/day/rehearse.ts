import { seeded } from '../chance'
import { clockOf, isBathers, minutesOf } from '../people'
import { stageLabel, type StageId } from '../stages'
import type { HouseDay } from './day'
import type { DayPlan } from './dayPlan'
import { keptAs } from './kept'
import { playedOnce } from './risk'
import { asWork, rowsOf, type Row } from './rows'

/** Somebody goes to another dog: what they might do instead stands beside it, in no order. */
export interface Turn {
  atMin: number
  person: string
  dog: string
  choices: { dog: string; stage: string; right: boolean }[]
}

/** Where a day gets tight: a dog that is done late, or with little room before its promise. Minutes. */
export interface TightSpot {
  dog: string
  doneMin: number
  /** What is left before the promise; below 0 it is broken. */
  leftMin: number
}

/** A day played once. */
export interface Rehearsal {
  plan: DayPlan
  turns: Turn[]
  tight: TightSpot[]
}

/** Less room than this before a promise is tight, min. From memory. */
const TIGHT_MIN = 10
/** Choices beside the right one. */
const OTHERS = 2

/**
 * Plays a plan once: every stage's minutes drawn from its own spread, all of them slower or faster together as days are.
 * @param seed the same seed plays the same day
 */
export function rehearsed(day: HouseDay, plan: DayPlan, seed: number): Rehearsal {
  const { shop, state } = keptAs(day, plan)
  const rows = rowsOf(shop, playedOnce(shop, state, seed)).map(rounded)
  const dones = new Map(plan.dogs.map(({ id, done }) => [id, doneBy(rows, id) ?? minutesOf(done)]))
  const dogs = plan.dogs.map((dog) => ({ ...dog, done: clockOf(dones.get(dog.id) as number) }))
  const tight = day.dogs.flatMap(({ id, promise }) => {
    const doneMin = dones.get(id)
    const leftMin = minutesOf(promise) - (doneMin ?? 0)
    return doneMin !== undefined && leftMin < TIGHT_MIN ? [{ dog: id, doneMin, leftMin }] : []
  })
  const endMin = Math.max(...dones.values(), minutesOf(day.now))
  return {
    plan: { ...plan, work: asWork(rows), dogs, end: { ...plan.end, at: clockOf(endMin) }, breaks: [] },
    turns: turnsOf(day, rows, seed),
    tight: tight.sort((a, b) => a.doneMin - b.doneMin),
  }
}

function rounded(row: Row): Row {
  const [fromMin, toMin] = [Math.round(row.fromMin), Math.round(row.toMin)]
  return { ...row, fromMin, toMin, from: clockOf(fromMin), to: clockOf(toMin) }
}

const doneBy = (rows: readonly Row[], dog: string): number | null => {
  const own = rows.filter((row) => row.dog === dog)
  return own.length === 0 ? null : Math.max(...own.map(({ toMin }) => toMin))
}

/** Every time that somebody goes to another dog, in the order of the clock. */
function turnsOf(day: HouseDay, rows: readonly Row[], seed: number): Turn[] {
  const { share } = seeded(seed)
  const hands = rows.filter(({ kind, stage }) => kind === 'hands' && stage !== null)
  const last = new Map<string, string>()
  const turns: Turn[] = []
  for (const { person, dog, stage, fromMin } of hands) {
    if (person === null || stage === null || last.get(person) === dog) continue
    const choices = [
      { dog, stage: stageLabel(stage), right: true },
      ...instead(day, hands, person, dog, fromMin).slice(0, OTHERS),
    ]
    turns.push({ atMin: fromMin, person, dog, choices: mixed(choices, share) })
    last.set(person, dog)
  }
  return turns
}

/** What else somebody might take up just then: the next of each other dog, as far as it is theirs to do. */
function instead({ people }: HouseDay, hands: readonly Row[], person: string, dog: string, atMin: number) {
  const isGroomer = people.some(({ id, role }) => id === person && role === 'groomer')
  const next = new Map<string, StageId>()
  for (const row of hands)
    if (row.dog !== dog && row.fromMin > atMin && row.stage !== null && !next.has(row.dog)) next.set(row.dog, row.stage)
  return [...next]
    .filter(([, stage]) => isGroomer || isBathers(stage))
    .map(([other, stage]) => ({ dog: other, stage: stageLabel(stage), right: false }))
}

function mixed<T>(all: readonly T[], share: () => number): T[] {
  return all
    .map((each) => ({ each, at: share() }))
    .sort((a, b) => a.at - b.at)
    .map(({ each }) => each)
}
