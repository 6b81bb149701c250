import { GROUPS, type GroupId } from '../zones'
import { COAT_FACTS, type CoatId } from './coats'
import type { Rates } from './growth'

/** What one visit left at a zone group and what the next one found, mm, so many weeks later. */
export interface GrowthPair {
  group: GroupId
  leftMm: number
  foundMm: number
  weeks: number
}

export interface LearnedRate {
  mmPerWeek: number
  /** Standard deviation of that rate, mm a week. */
  sdMmPerWeek: number
  /** Pairs it was learned from, and how many of them looked like a slip of the pen. */
  pairs: number
  doubted: number
}

/** How far dogs of one coat differ, as a share of the coat's rate. Source: from memory. */
const DOGS_DIFFER = 0.25
/** A rule at the skin is read to about this, mm. Source: from memory. */
const READING_MM = 1.5
/** A dog's own rate differs from visit to visit by this share. Source: from memory. */
const VISITS_DIFFER = 0.12
/** Degrees of freedom of the Student t errors: few, so that one absurd figure does not bend the rate. */
const FREEDOM = 4
const ROUNDS = 40
/** A pair weighing less than this is called doubtful. */
const DOUBTFUL = 0.25
/** No coat is taken to stand still, mm a week. */
const LEAST_RATE = 0.1
/** Within two weeks the rule's own error is as large as the growth. */
const LEAST_WEEKS = 2
/** Nearer than this to the terminal length growth no longer shows its pace. */
const STILL_GROWING = 0.9

/**
 * A dog's own growth by zone group: a normal prior about the coat's rate and Student t errors, solved by iteratively
 * reweighted means. With no pair it is the coat's rate; each pair pulls it toward the dog.
 * Source: normal-normal shrinkage; Lange, Little and Taylor 1989 for the t weights.
 */
export function learnRates(coat: CoatId, pairs: readonly GrowthPair[]): Record<GroupId, LearnedRate> {
  const usable = pairs.filter((pair) => tells(coat, pair))
  return Object.fromEntries(
    GROUPS.map((group) => [
      group,
      learnRate(
        COAT_FACTS[coat].growthMmPerWeek,
        usable.filter((pair) => pair.group === group),
      ),
    ]),
  ) as Record<GroupId, LearnedRate>
}

function tells(coat: CoatId, { foundMm, weeks }: GrowthPair): boolean {
  const { terminalMm } = COAT_FACTS[coat]
  return weeks >= LEAST_WEEKS && (terminalMm === null || foundMm < terminalMm * STILL_GROWING)
}

function learnRate(coatRate: number, pairs: readonly GrowthPair[]): LearnedRate {
  const seen = pairs.map(({ leftMm, foundMm, weeks }) => {
    const sd = Math.hypot((Math.SQRT2 * READING_MM) / weeks, VISITS_DIFFER * coatRate)
    return { rate: (foundMm - leftMm) / weeks, precision: 1 / (sd * sd) }
  })
  const prior = 1 / (DOGS_DIFFER * coatRate) ** 2
  let rate = median([coatRate, ...seen.map((each) => each.rate)])
  let weights = seen.map(() => 1)
  let precision = prior
  for (let round = 0; round < ROUNDS; round++) {
    weights = seen.map((each) => (FREEDOM + 1) / (FREEDOM + each.precision * (each.rate - rate) ** 2))
    precision = prior + seen.reduce((sum, each, at) => sum + each.precision * (weights[at] ?? 0), 0)
    const pull = seen.reduce((sum, each, at) => sum + each.precision * (weights[at] ?? 0) * each.rate, prior * coatRate)
    rate = pull / precision
  }
  return {
    mmPerWeek: Number(Math.max(LEAST_RATE, rate).toFixed(3)),
    sdMmPerWeek: Number((1 / Math.sqrt(precision)).toFixed(3)),
    pairs: pairs.length,
    doubted: weights.filter((weight) => weight < DOUBTFUL).length,
  }
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = Math.floor(sorted.length / 2)
  const upper = sorted[middle] ?? 0
  return sorted.length % 2 === 1 ? upper : ((sorted[middle - 1] ?? upper) + upper) / 2
}

/** Only what was really learned: a group without a pair keeps the coat's rate. */
export const ratesOf = (learned: Record<GroupId, LearnedRate>): Rates =>
  Object.fromEntries(
    GROUPS.filter((group) => learned[group].pairs > 0).map((group) => [group, learned[group].mmPerWeek]),
  )
