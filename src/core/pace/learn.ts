import type { StageId } from '../stages'
import { cellOn, look, shrunk, type Cells } from './cells'
import { DAY_KEY, NOISE_KEY, effectsOf, lookVars, stageKeys, sumOf, visitKeys, type PaceOf } from './effects'

/** One groom as it was timed. */
export interface TimedGroom extends PaceOf {
  /** Days since 1970. */
  day: number
  stages: readonly TimedStage[]
}

export interface TimedStage {
  stage: StageId
  how: string | null
  /** What the handbook's arithmetic says without any learning, min. */
  priorMin: number
  actualMin: number
  /** Less than 1 where the timing is doubtful: taken up twice, or long paused. */
  weight?: number
}

/** What is further off than this many deviations counts as this far. Source: from memory; Huber's own constants lie below 2. */
const FURTHEST = 2
/**
 * What drawing in at two deviations leaves of a normal spread, by which learned spreads are divided (published: the
 * consistency factor of Huber's Proposal 2, 1964). Of its square: 2Φ(2) − 1 − 4φ(2) + 8(1 − Φ(2)); of a shift that all
 * stages of a day share: 2Φ(2) − 1.
 */
const SQUARE_KEPT = 0.9205
const SHARED_KEPT = 0.9545
/** Shorter than this was a slip of the hand, min. Source: from memory. */
const LEAST_MIN = 0.2

const PRIOR_ERROR = 'error prior'
const LEARNED_ERROR = 'error learned'

/**
 * Learns from one groom: partial pooling on the log scale over stage, groomer, coat, way of working and dog, each shrunk
 * toward 0 by the normal-normal rule. Every effect looks at what the others leave unexplained at that moment (one step
 * of the Gauss-Seidel method, published, also known as backfitting), so that sums and counts suffice and nothing is fitted again.
 * What lies absurdly far off is drawn in first (Huber, 1964).
 */
export function learn(cells: Cells, groom: TimedGroom): void {
  const { day } = groom
  const timed = groom.stages.filter(({ actualMin, priorMin }) => actualMin >= LEAST_MIN && priorMin > 0)
  if (timed.length === 0) return
  const vars = lookVars(cells, day)
  const wholes = () => effectsOf(cells, visitKeys(groom), vars.visit, day)
  const at = ({ stage, how }: TimedStage) => effectsOf(cells, stageKeys(groom, stage, how), vars.stage, day)
  const furthest = FURTHEST * Math.sqrt(vars.stage)
  const whole = sumOf(wholes())
  const seen = timed.map((each) => {
    const expected = whole + sumOf(at(each))
    const off = Math.log(each.actualMin / each.priorMin) - expected
    const drawnIn = Math.max(-furthest, Math.min(furthest, off))
    return { ...each, expected, off: drawnIn, value: expected + drawnIn, weight: each.weight ?? 1 }
  })
  keepErrors(cells, seen, day)
  keepSpread(
    cells,
    seen.map(({ off }) => off),
    vars,
    groom,
  )
  const left = seen.map((each) => {
    const effects = at(each)
    let all = sumOf(effects)
    for (const { key, mean, lookVar, betweenVar } of Object.values(effects)) {
      look(cells, key, day, each.value - whole - (all - mean), each.weight)
      all += shrunk(cellOn(cells, key, day), lookVar, betweenVar).mean - mean
    }
    return each.value - all
  })
  const mean = left.reduce((sum, value) => sum + value, 0) / left.length
  for (const name of ['groomer', 'dog'] as const) {
    const effects = wholes()
    const effect = effects[name]
    if (effect) look(cells, effect.key, day, mean - (sumOf(effects) - effect.mean), wholeWeight(left.length, vars))
  }
}

/** A groom of which few stages were timed says less of groomer and dog. */
function wholeWeight(stages: number, { stage, visit, day }: ReturnType<typeof lookVars>): number {
  return visit / (day + (stage - day) / stages)
}

/** How far stages lay from each other, and the day from what was expected: means and squares are enough. */
function keepSpread(cells: Cells, offs: readonly number[], vars: ReturnType<typeof lookVars>, groom: TimedGroom): void {
  const count = offs.length
  const mean = offs.reduce((sum, off) => sum + off, 0) / count
  const within = offs.reduce((sum, off) => sum + (off - mean) ** 2, 0)
  const unsure = Object.values(effectsOf(cells, visitKeys(groom), vars.visit, groom.day)).reduce(
    (sum, { variance }) => sum + variance,
    0,
  )
  if (count > 1) look(cells, NOISE_KEY, groom.day, within / (count - 1) / SQUARE_KEPT, count - 1)
  look(
    cells,
    DAY_KEY,
    groom.day,
    (mean ** 2 - (SQUARE_KEPT * (vars.stage - vars.day)) / count) / SHARED_KEPT ** 2 - unsure,
  )
}

/** How far off the whole groom was, by the handbook alone and as learned. */
function keepErrors(
  cells: Cells,
  seen: readonly { priorMin: number; actualMin: number; expected: number }[],
  day: number,
): void {
  const total = (of: (each: (typeof seen)[number]) => number) => seen.reduce((sum, each) => sum + of(each), 0)
  const actual = Math.log(total(({ actualMin }) => actualMin))
  look(cells, PRIOR_ERROR, day, (actual - Math.log(total(({ priorMin }) => priorMin))) ** 2)
  look(
    cells,
    LEARNED_ERROR,
    day,
    (actual - Math.log(total(({ priorMin, expected }) => priorMin * Math.exp(expected)))) ** 2,
  )
}

/** Whether what was learned has told the minutes of grooms to come at least as well as the handbook alone. */
export const isTrusted = (cells: Cells, day: number): boolean =>
  cellOn(cells, LEARNED_ERROR, day).sum <= cellOn(cells, PRIOR_ERROR, day).sum

export const HOUSE_KEYS = [NOISE_KEY, DAY_KEY, PRIOR_ERROR, LEARNED_ERROR] as const
