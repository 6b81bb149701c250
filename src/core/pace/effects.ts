import type { CoatId } from '../coat'
import type { StageId } from '../stages'
import { STAGE_SIGMA } from '../time'
import { cellOn, shrunk, type Cells } from './cells'

/** Who is groomed by whom: what of a groom decides its pace. */
export interface PaceOf {
  dog: string
  groomer: string
  coat: CoatId
}

/** How far effects lie apart, on the log scale. Source of all: from memory; noise and day are learned. */
const BETWEEN = { stage: 0.25, groomer: 0.1, groomerStage: 0.06, coatStage: 0.08, how: 0.15, dog: 0.15, dogStage: 0.07 }
type EffectName = keyof typeof BETWEEN
/** How far a dog's days lie apart, on the log scale. Source: from memory, until the house's own visits say otherwise. */
export const DAY_SIGMA = 0.1
/** A groom has about this many stages that were timed. */
const USUAL_STAGES = 20

/** What the memory of noise and day is worth, in looks. */
const NOISE_LOOKS = 40
const DAY_LOOKS = 15
const LEAST_SIGMA = 0.05

export const NOISE_KEY = 'noise'
export const DAY_KEY = 'day'

/** How far one stage, and one day, lie from what was to be expected: as learned, on the log scale. */
export function spreads(cells: Cells, day: number): { stageSigma: number; daySigma: number } {
  const noise = cellOn(cells, NOISE_KEY, day)
  const days = cellOn(cells, DAY_KEY, day)
  const variance = (cell: typeof noise, sigma: number, looks: number) =>
    (cell.sum + looks * sigma ** 2) / (cell.n + looks)
  const least = (value: number) => Math.sqrt(Math.max(LEAST_SIGMA ** 2, value))
  return {
    stageSigma: least(variance(noise, STAGE_SIGMA, NOISE_LOOKS)),
    daySigma: least(variance(days, DAY_SIGMA, DAY_LOOKS)),
  }
}

interface Effect {
  key: string
  mean: number
  variance: number
  lookVar: number
  betweenVar: number
}

/** Effects on a whole groom: the groomer's hand, and the dog. */
export const visitKeys = ({ dog, groomer }: PaceOf) => ({ groomer: `groomer ${groomer}`, dog: `dog ${dog}` })

/** Effects on one stage. @param how the way it is done, as far as that is known */
export const stageKeys = ({ dog, groomer, coat }: PaceOf, stage: StageId, how: string | null) => ({
  stage: `stage ${stage}`,
  groomerStage: `groomer ${groomer} ${stage}`,
  coatStage: `coat ${coat} ${stage}`,
  ...(how === null ? {} : { how: `how ${stage} ${how}` }),
  dogStage: `dog ${dog} ${stage}`,
})

/** Effects by name, shrunk by what one look at them is worth. */
export function effectsOf(
  cells: Cells,
  keys: Partial<Record<EffectName, string>>,
  lookVar: number,
  day: number,
): Partial<Record<EffectName, Effect>> {
  return Object.fromEntries(
    Object.entries(keys).map(([name, key]) => {
      const betweenVar = BETWEEN[name as EffectName] ** 2
      return [name, { key, lookVar, betweenVar, ...shrunk(cellOn(cells, key, day), lookVar, betweenVar) }]
    }),
  )
}

/** What one look is worth: at a stage its noise and the day's; at a whole groom the day's and what remains of the noise. */
export function lookVars(cells: Cells, day: number): { stage: number; visit: number; day: number } {
  const { stageSigma, daySigma } = spreads(cells, day)
  const [noise, days] = [stageSigma ** 2, daySigma ** 2]
  return { stage: noise + days, visit: days + noise / USUAL_STAGES, day: days }
}

export const sumOf = (effects: Partial<Record<EffectName, Effect>>): number =>
  Object.values(effects).reduce((sum, { mean }) => sum + mean, 0)
