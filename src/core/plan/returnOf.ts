import type { CardEntry } from '../request'
import { returning, type Return } from '../returning'
import type { PlannedStage } from '../stages'
import { STAGE_SIGMA, matMinutes, type Term } from '../time'
import type { ZoneId } from '../zones'
import type { Case } from './case'
import { matWork } from './mats'
import { slotPromise } from './promise'

/** Each stage as the sum of minutes takes it: its median, and how far it spreads in this house. */
export const termsOf = ({ pace }: Case, stages: readonly PlannedStage[]): Term[] =>
  stages.map(({ id, p50 }) => ({ medianMin: p50, sigma: pace?.stages[id]?.sigma ?? STAGE_SIGMA }))

/** When this dog should be back, left with this card. @param waitMin waits that nothing fills */
export function returnOf(
  input: Case,
  stages: readonly PlannedStage[],
  waitMin: number,
  card: readonly CardEntry[],
): Return {
  const mats = matWork(input)
  const worked = matMinutes(new Map([...mats.grades].filter(([zone]) => !mats.under.has(zone))))
  const terms = termsOf(input, stages).map((term, at) =>
    stages[at]?.id === 'brush-out' ? { ...term, medianMin: Math.max(1, term.medianMin - worked) } : term,
  )
  return returning({
    dog: input.dog,
    rates: input.dog.growthMmPerWeek ?? {},
    date: input.date,
    card,
    mats: Math.max(0, ...mats.grades.values()),
    tooLongMm: tooLong(input),
    next: {
      terms,
      waitMin,
      daySigma: input.pace?.daySigma ?? 0,
      slotMin: input.slotMin,
      chance: slotPromise(input).chance,
    },
  })
}

/** A length that the owner called too long once is too long when it has grown to be. */
function tooLong({ last }: Case): Partial<Record<ZoneId, number>> {
  const found = (last?.card ?? []).filter(({ zone }) => last?.verdicts?.[zone] === 'too long')
  return Object.fromEntries(found.map(({ zone, lengthMm }) => [zone, lengthMm]))
}
