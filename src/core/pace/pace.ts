import { z } from 'zod'
import { STAGES, StageId } from '../stages'
import { cellOn, type Cells } from './cells'
import { effectsOf, lookVars, spreads, stageKeys, visitKeys, type PaceOf } from './effects'
import { HOUSE_KEYS, isTrusted } from './learn'

const log = z.number().min(-3).max(3)
const sigma = z.number().min(0).max(2)

/** What was learned of the minutes of one dog's groom, as natural logs of factors on the handbook's arithmetic. */
export const Pace = z.strictObject({
  stages: z.partialRecord(StageId, z.strictObject({ house: log, dog: log, sigma })),
  /** By stage and way of working, as `legs scissor`. */
  how: z.record(z.string(), log),
  /** What a day does to all stages alike. */
  daySigma: sigma,
  /** Weighted count of this dog's grooms that it was learned from. */
  visits: z.number().nonnegative(),
})
export type Pace = z.infer<typeof Pace>

/** Ways of working that make a difference, by stage. */
export const HOWS: Partial<Record<StageId, readonly string[]>> = {
  'brush-out': ['matted'],
  body: ['clip', 'comb', 'scissor'],
  legs: ['clip', 'comb', 'scissor'],
  feet: ['clip', 'scissor'],
  head: ['clip', 'scissor'],
}

const round = (value: number): number => Number(value.toFixed(4))
const howKey = (stage: StageId, how: string) => `${stage} ${how}`

/** Every cell that a groom of this dog by this groomer reads. */
export const paceKeys = (of: PaceOf): string[] => [
  ...HOUSE_KEYS,
  ...Object.values(visitKeys(of)),
  ...STAGES.flatMap((stage) => [
    ...Object.values(stageKeys(of, stage, null)),
    ...(HOWS[stage] ?? []).map((how) => stageKeys(of, stage, how).how ?? ''),
  ]),
]

/** The pace of one dog's groom on a day; null as long as learning has not paid. */
export function paceOn(cells: Cells, of: PaceOf, day: number): Pace | null {
  if (cells.size === 0 || !isTrusted(cells, day)) return null
  const vars = lookVars(cells, day)
  const { stageSigma, daySigma } = spreads(cells, day)
  const { groomer, dog } = effectsOf(cells, visitKeys(of), vars.visit, day)
  const stages = STAGES.map((id) => {
    const { stage, groomerStage, coatStage, dogStage } = effectsOf(cells, stageKeys(of, id, null), vars.stage, day)
    const parts = [stage, groomerStage, coatStage, dogStage]
    const unsure = parts.reduce((sum, part) => sum + (part?.variance ?? 0), 0)
    const meanOf = (...effects: (typeof stage)[]) => effects.reduce((sum, part) => sum + (part?.mean ?? 0), 0)
    return [
      id,
      {
        house: round(meanOf(stage, groomerStage, coatStage, groomer)),
        dog: round(meanOf(dogStage, dog)),
        sigma: round(Math.sqrt(stageSigma ** 2 + unsure)),
      },
    ]
  })
  const hows = Object.entries(HOWS).flatMap(([stage, ways]) =>
    ways.map((how) => [
      howKey(stage as StageId, how),
      round(effectsOf(cells, { how: `how ${stage} ${how}` }, vars.stage, day).how?.mean ?? 0),
    ]),
  )
  const unsureOfDog = (groomer?.variance ?? 0) + (dog?.variance ?? 0)
  return {
    stages: Object.fromEntries(stages),
    how: Object.fromEntries(hows),
    daySigma: round(Math.sqrt(daySigma ** 2 + unsureOfDog)),
    visits: round(cellOn(cells, visitKeys(of).dog, day).n),
  }
}

/** The log factor of a stage done in some way: mats never make it quicker. */
export function learnedLog(pace: Pace, stage: StageId, how: string | null): { house: number; dog: number } {
  const { house = 0, dog = 0 } = pace.stages[stage] ?? {}
  const way = how === null ? 0 : (pace.how[howKey(stage, how)] ?? 0)
  return { house: house + (how === 'matted' ? Math.max(0, way) : way), dog }
}
