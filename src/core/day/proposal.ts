import { clockOf, minutesOf } from '../people'
import { stageLabel } from '../stages'
import type { HouseDay } from './day'
import type { DayPlan } from './dayPlan'
import type { PlannedDay } from './planDay'
import { named } from './says'

/** Something that the people of a dog have to know. */
export interface Tell {
  dog: string
  words: string
}

/** A plan to go on by, and a sentence each: what changes, whom to tell, what it wins. */
export interface Proposal {
  plan: DayPlan
  changes: string
  tell: string
  wins: string
}

/** What is not worth a change: min, and share of days. From memory. */
const WORTH = { pastMin: 5, lateMin: 5, endMin: 10, share: 0.1 }
/** A dog that begins by less than this otherwise is not told of, min. From memory. */
const TELLING_MIN = 10
const MOST_CHANGES = 3

/**
 * Proposes the day planned anew where that is worth the change against the plan as it runs; and where it is not, but owners
 * have to know that it runs otherwise than they were told, the plan as it runs.
 * @param before the plan as it was taken: what owners were told by
 * @returns null where nothing has to change and nobody has to be told
 */
export function proposalOf(day: HouseDay, before: DayPlan, kept: PlannedDay, anew: PlannedDay): Proposal | null {
  // What cannot be done as it was fixed is no reason for another plan that does not either.
  const fixed = isAgainstWhatIsFixed(day, kept.plan) && !isAgainstWhatIsFixed(day, anew.plan)
  const wins = fixed ? ['does what was fixed'] : winsOf(figuresOf(day, kept), figuresOf(day, anew))
  const plan = wins.length > 0 ? anew.plan : kept.plan
  const tells = tellsOf(day, before, plan)
  if (wins.length === 0 && tells.length === 0) return null
  return {
    plan,
    changes:
      wins.length > 0 ? `${listed(changesOf(day, kept.plan, plan))}.` : 'The same hands go on in the same order.',
    tell:
      tells.length === 0 ? 'Nobody has to be told.' : `To be told: the people of ${and(tells.map(({ dog }) => dog))}.`,
    wins: wins.length > 0 ? `It ${and(wins)}.` : 'No other order that was found wins the time back.',
  }
}

/** Somebody has fixed something since that the plan does otherwise. */
function isAgainstWhatIsFixed({ dogs, now }: HouseDay, { work }: DayPlan): boolean {
  return dogs.some(({ id, locks, noBay }) => {
    const toCome = work.filter(({ dog, kind, from }) => dog === id && kind !== 'holds' && from >= now)
    const otherwise = locks.some(({ stage, person, from }) =>
      toCome.some(
        (row) =>
          row.stage === stage &&
          ((person !== undefined && row.person !== null && row.person !== person) ||
            (from !== undefined && row.from < from)),
      ),
    )
    return otherwise || (noBay && toCome.some(({ station }) => station?.startsWith('bay')))
  })
}

interface Figures {
  /** In the order of what outranks what, each the less the better. */
  pastMin: number
  broken: number
  lateMin: number
  soft: number
  endMin: number
  unsure: number
}

function figuresOf(day: HouseDay, { plan, all }: PlannedDay): Figures {
  const count = (...rules: string[]) => plan.breaks.filter(({ rule }) => rules.includes(rule)).length
  const late = plan.dogs.map(({ id, done }) => minutesOf(done) - minutesOf(promiseOf(day, id)))
  return {
    pastMin: pastHoursMin(day, plan),
    broken: count('promise'),
    lateMin: late.reduce((sum, min) => sum + Math.max(0, min), 0),
    soft: plan.breaks.length - count('hours', 'promise'),
    endMin: minutesOf(plan.end.at),
    unsure: 1 - all.share,
  }
}

/** Work of all people after they should have gone home, min. */
const pastHoursMin = ({ people }: HouseDay, { work }: DayPlan): number =>
  people.reduce((sum, { id, to }) => {
    const after = work.filter((row) => row.person === id && row.to > to)
    return sum + after.reduce((min, row) => min + minutesOf(row.to) - minutesOf(row.from > to ? row.from : to), 0)
  }, 0)

/** What the second is better by; nothing where something that outranks it is worse. */
function winsOf(a: Figures, b: Figures): string[] {
  const worse = RANKED.findIndex((key) => b[key] > a[key])
  const better = (key: keyof Figures, atLeast: number) =>
    a[key] - b[key] >= atLeast && (worse < 0 || RANKED.indexOf(key) < worse)
  const promises = a.broken - b.broken
  return [
    ...(better('pastMin', WORTH.pastMin) ? [`saves ${a.pastMin - b.pastMin} min of work after hours`] : []),
    ...(better('broken', 1) ? [promises === 1 ? 'keeps one promise more' : `keeps ${promises} promises more`] : []),
    ...(better('lateMin', WORTH.lateMin) ? [`saves ${a.lateMin - b.lateMin} min of lateness`] : []),
    ...(better('soft', 1) ? ['breaks fewer of the day’s rules'] : []),
    ...(better('endMin', WORTH.endMin)
      ? [`ends the day ${a.endMin - b.endMin} min earlier, at ${clockOf(b.endMin)}`]
      : []),
    ...(better('unsure', WORTH.share)
      ? [`lifts the chance that all promises hold from ${percent(1 - a.unsure)} to ${percent(1 - b.unsure)} %`]
      : []),
  ]
}

const RANKED = [
  'pastMin',
  'broken',
  'lateMin',
  'soft',
  'endMin',
  'unsure',
] as const satisfies readonly (keyof Figures)[]

const percent = (share: number): number => Math.round(share * 100)
const promiseOf = (day: HouseDay, dog: string): string => day.dogs.find(({ id }) => id === dog)?.promise ?? '23:59'

/** A change in words, and how many minutes it is about: the largest is told first. */
interface Change {
  words: string
  min: number
}

/** Who has whom otherwise, and who begins at another time. */
function changesOf(day: HouseDay, before: DayPlan, after: DayPlan): string[] {
  const changes = day.dogs
    .flatMap(({ id }) => [...handsChanged(id, before, after), ...beginsChanged(id, before, after)])
    .sort((a, b) => b.min - a.min)
  return changes.length > 0 ? changes.map(({ words }) => words) : ['The same hands have the same dogs in another order']
}

function handsChanged(dog: string, before: DayPlan, after: DayPlan): Change[] {
  const changed = new Map<string, { stages: string[]; min: number }>()
  for (const { stage, person, kind, dog: own, from, to } of after.work) {
    if (own !== dog || kind !== 'hands' || stage === null || person === null) continue
    const was = before.work.find((row) => row.dog === dog && row.stage === stage && row.kind === 'hands')
    if (!was || was.person === person) continue
    const { stages, min } = changed.get(person) ?? { stages: [], min: 0 }
    const lastsMin = minutesOf(to) - minutesOf(from)
    changed.set(person, { stages: [...stages, stageLabel(stage).toLowerCase()], min: min + lastsMin })
  }
  return [...changed].map(([person, { stages, min }]) => {
    const what = stages.length > 2 ? `${stages[0]} to ${stages.at(-1)}` : and(stages)
    return { words: `${named(person)} takes ${named(dog)} for ${what}`, min }
  })
}

function beginsChanged(dog: string, before: DayPlan, after: DayPlan): Change[] {
  const [was, is] = [before, after].map(({ dogs }) => dogs.find(({ id }) => id === dog)?.begins)
  if (was === undefined || is === undefined) return []
  const min = Math.abs(minutesOf(is) - minutesOf(was))
  return min < TELLING_MIN ? [] : [{ words: `${named(dog)} begins at ${is}, not ${was}`, min }]
}

/** What owners have to know of a plan that they do not know by the one before; without one, by what was promised. */
export function tellsOf(day: HouseDay, before: DayPlan | null, plan: DayPlan): Tell[] {
  return plan.dogs.flatMap(({ id, begins, done }) => {
    const dog = day.dogs.find((own) => own.id === id)
    if (!dog) return []
    const known = before?.dogs.find((own) => own.id === id)
    const toldDone = known && known.done > dog.promise ? known.done : dog.promise
    const toldBegin = known?.begins ?? dog.bring
    const here = day.happened.some((row) => row.dog === id)
    const late = done > dog.promise && Math.abs(minutesOf(done) - minutesOf(toldDone)) >= WORTH.lateMin
    const moved = !here && Math.abs(minutesOf(begins) - minutesOf(toldBegin)) >= TELLING_MIN
    const words = [
      ...(moved ? [day.setting === 'mobile' ? comesAt(id, begins, known) : bringAt(id, begins, toldBegin)] : []),
      ...(late ? [`${named(id)} will be done about ${done}, not at ${toldDone}.`] : []),
    ]
    return words.length === 0 ? [] : [{ dog: id, words: words.join(' ') }]
  })
}

const bringAt = (dog: string, begins: string, told: string): string =>
  `Please bring ${named(dog)} at ${begins}, not at ${told}.`

/** Who was told a window of hours, or nothing, has no time that it is not. */
const comesAt = (dog: string, begins: string, known: DayPlan['dogs'][number] | undefined): string =>
  `The van comes to ${named(dog)} about ${begins}${known ? `, not at ${known.begins}` : ''}.`

/** @example and(['Quill', 'Otis']) // 'Quill and Otis' */
const and = (all: readonly string[]): string =>
  all.length < 2 ? all.join('') : `${all.slice(0, -1).join(', ')} and ${all.at(-1)}`

const listed = (changes: readonly string[]): string => {
  const more = changes.length - MOST_CHANGES
  return [...changes.slice(0, MOST_CHANGES), ...(more > 0 ? [`and ${more} more`] : [])].join('; ')
}
