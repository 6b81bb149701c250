import type { DayPlan } from '../day'
import { isTrim } from '../people'
import { STAGE_FACTS, stageLabel, type StageId } from '../stages'

/** What a bench knows of the plan that was taken: who has this dog when, and what its groomer has besides. */
export interface BenchHands {
  own: { stage: StageId; person: string }[]
  besides: { dog: string; stage: StageId; from: string; to: string }[]
}

/** @param ids what the dog may be called in the plan */
export function benchHands({ work }: DayPlan, ids: readonly string[], groomer: string): BenchHands {
  const hands = work.flatMap(({ dog, stage, person, kind, from, to }) =>
    kind === 'hands' && stage !== null && person !== null ? [{ dog, stage, person, from, to }] : [],
  )
  return {
    own: hands.filter(({ dog }) => ids.includes(dog)).map(({ stage, person }) => ({ stage, person })),
    besides: hands
      .filter(({ dog, person }) => !ids.includes(dog) && person === groomer)
      .map(({ dog, stage, from, to }) => ({ dog, stage, from, to })),
  }
}

/**
 * What is said at the bench where the next stage is in other hands, such as "Jory takes Quill to the tub; you have Nettle’s
 * head"; null where it stays in the same. Free hands are told of by `freeSays`.
 * @param now house clock
 */
export function benchSays(
  { own, besides }: BenchHands,
  at: { dog: string; groomer: string; isYou: boolean; isFree: boolean; next: StageId; now: string },
): string | null {
  const { dog, groomer, isYou, isFree, next, now } = at
  const person = own.find(({ stage }) => stage === next)?.person
  if (person === undefined || person === groomer) return null
  const { needs } = STAGE_FACTS[next]
  const there = needs === null ? `for ${stageLabel(next).toLowerCase()}` : `to the ${needs}`
  const meanwhile = isFree ? undefined : besides.find(({ to }) => to > now)
  const rest = meanwhile ? `; ${has(isYou, groomer)} ${workOf(meanwhile)}` : ''
  return `${person} takes ${dog} ${there}${rest}.`
}

/** What free hands are good for by the plan; null where it knows nothing. */
export function freeSays({ besides }: BenchHands, isYou: boolean, groomer: string, now: string): string | null {
  const next = besides.find(({ to }) => to > now)
  if (!next) return null
  return `By the day’s plan ${has(isYou, groomer)} ${workOf(next)} ${next.from <= now ? 'now' : `at ${next.from}`}.`
}

const has = (isYou: boolean, groomer: string): string => (isYou ? 'you have' : `${groomer} has`)

/** @example workOf({ dog: 'Nettle', stage: 'head' }) // 'Nettle’s head'; of what is no part of a trim `Nettle, dry` */
const workOf = ({ dog, stage }: { dog: string; stage: StageId }): string =>
  `${dog}${isTrim(stage) ? '’s' : ','} ${stageLabel(stage).toLowerCase()}`
