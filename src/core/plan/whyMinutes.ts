import { howOf, learnedLog } from '../pace'
import { stageMedianMin, type StageWork } from '../time'
import type { Case } from './case'
import { matWork } from './mats'
import type { Plan } from './plan'
import { workOf } from './planStages'

export interface MinutesWhy {
  what: string
  /** What it adds to the hands-on minutes; less than 0 where it saves. */
  min: number
}

/** Less than this is not worth a line, min. */
const TELLING = 0.5

/**
 * Where a plan's hands-on minutes come from: the table's calm 7 kg drop coat, and what each thing about this dog and
 * this house adds to it, one after the other. They add up to the medians of the stages.
 */
export function whyMinutes(input: Case, { stages, card }: Plan): MinutesWhy[] {
  const mats = matWork(input)
  const work = workOf(input, card, mats)
  const table: StageWork = {
    ...work,
    coat: 'drop',
    weightKg: 7,
    behaviour: {},
    matMin: 0,
    legsScissored: false,
    show: false,
  }
  const steps: [string, StageWork][] = [
    ['A calm 7 kg drop coat', table],
    [`${input.dog.weightKg} kg`, { ...table, weightKg: work.weightKg }],
    [`${input.dog.coat} coat`, { ...table, weightKg: work.weightKg, coat: work.coat }],
    ['scissored legs, show feet', { ...work, behaviour: {}, matMin: 0 }],
    ['mats', { ...work, behaviour: {} }],
    ['behaviour', work],
  ]
  const sums = steps.map(([, each]) => stages.reduce((sum, { id }) => sum + stageMedianMin(id, each), 0))
  const learned = (dogToo: boolean) =>
    stages.reduce((sum, { id, zones }) => {
      const { house, dog } = input.pace
        ? learnedLog(input.pace, id, howOf(id, zones, card, work.matMin > 0))
        : { house: 0, dog: 0 }
      return sum + stageMedianMin(id, work) * Math.exp(house + (dogToo ? dog : 0))
    }, 0)
  const whole = sums.at(-1) ?? 0
  const rows = steps.map(([what], at) => ({ what, min: (sums[at] ?? 0) - (sums[at - 1] ?? 0) }))
  const own = [
    { what: 'this house and this groomer', min: learned(false) - whole },
    { what: 'its own visits', min: learned(true) - learned(false) },
  ]
  return [...rows, ...own].filter(({ min }) => Math.abs(min) >= TELLING)
}
