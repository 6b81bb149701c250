import { COATS, type CoatId } from '@/core/coat'
import { learnedLog, paceOn, type Cells, type TimedGroom } from '@/core/pace'
import { STAGES, type StageId } from '@/core/stages'
import { STAGE_SIGMA, stageMedianMin, sumOverDays, type MinutesSum } from '@/core/time'
import { normal } from './random'

/** A made-up house whose truths are known: what each stage, hand, coat and dog does to the minutes, as logs. */
export interface House {
  stageLog: Partial<Record<StageId, number>>
  groomerLog: Record<string, number>
  coatLog: Partial<Record<string, number>>
  dogs: {
    id: string
    coat: CoatId
    weightKg: number
    groomer: string
    log: number
    stageLog: Partial<Record<StageId, number>>
  }[]
  groomerStage: Partial<Record<string, number>>
  noise: number
  daySd: number
}

const DOGS = 40

export function house(next: () => number): House {
  const groomers = ['Wren', 'Ansel', 'Jory']
  const stageLog = Object.fromEntries(STAGES.map((stage) => [stage, 0.2 * normal(next)]))
  const coatLog = Object.fromEntries(COATS.map((coat) => [coat, 0.06 * normal(next)]))
  return {
    stageLog,
    coatLog,
    groomerLog: Object.fromEntries(groomers.map((name) => [name, 0.1 * normal(next)])),
    dogs: Array.from({ length: DOGS }, (_, n) => ({
      id: `dog${n}`,
      coat: COATS[n % COATS.length] as CoatId,
      weightKg: 3 + 27 * next(),
      groomer: groomers[n % groomers.length] as string,
      log: 0.12 * normal(next),
      stageLog: Object.fromEntries(STAGES.map((stage) => [stage, 0.06 * normal(next)])),
    })),
    groomerStage: Object.fromEntries(
      groomers.flatMap((name) => STAGES.map((stage) => [`${name} ${stage}`, 0.05 * normal(next)])),
    ),
    noise: 0.22,
    daySd: 0.09,
  }
}

const priorOf = ({ coat, weightKg }: House['dogs'][0], stage: StageId): number =>
  stageMedianMin(stage, { coat, weightKg, behaviour: {}, matMin: 0, legsScissored: false, show: false, cabinet: false })

/** What house, hand and coat do to a stage. */
const logOf = (house: House, stage: StageId, groomer: string, coat: CoatId): number =>
  (house.stageLog[stage] ?? 0) +
  (house.groomerLog[groomer] ?? 0) +
  (house.groomerStage[`${groomer} ${stage}`] ?? 0) +
  (house.coatLog[coat] ?? 0)

/** One groom as it went in that house. */
export function visit(
  house: House,
  next: () => number,
  { dog, day }: { dog: number; day: number },
): { groom: TimedGroom; totalMin: number } {
  const who = house.dogs[dog] as House['dogs'][0]
  const today = house.daySd * normal(next)
  const stages = STAGES.map((stage) => {
    const priorMin = priorOf(who, stage)
    const truth = logOf(house, stage, who.groomer, who.coat) + who.log + (who.stageLog[stage] ?? 0)
    return { stage, how: null, priorMin, actualMin: priorMin * Math.exp(truth + today + house.noise * normal(next)) }
  })
  return {
    groom: { dog: who.id, groomer: who.groomer, coat: who.coat, day, stages },
    totalMin: stages.reduce((sum, { actualMin }) => sum + actualMin, 0),
  }
}

/** The true median of a groom of an average dog of that coat and size: what its stages come to on a usual day. */
export function median(house: House, { groomer, coat, stages }: TimedGroom): number {
  return stages.reduce((sum, { stage, priorMin }) => {
    return sum + priorMin * Math.exp(logOf(house, stage, groomer, coat) + house.noise ** 2 / 2)
  }, 0)
}

/** What the model says of a groom before it begins. */
export function predicted(cells: Cells, groom: TimedGroom): MinutesSum {
  const pace = paceOn(cells, groom, groom.day)
  const terms = groom.stages.map(({ stage, how, priorMin }) => {
    if (!pace) return { medianMin: priorMin, sigma: STAGE_SIGMA }
    const { house, dog } = learnedLog(pace, stage, how)
    return { medianMin: priorMin * Math.exp(house + dog), sigma: pace.stages[stage]?.sigma ?? STAGE_SIGMA }
  })
  return sumOverDays(terms, 0, pace?.daySigma ?? 0)
}
