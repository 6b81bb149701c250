import { z } from 'zod'
import { DIFFICULT_GRADE, isTrim, Skill } from '../people'
import { openWait, slotPromise, termsOf, type Case, type Plan } from '../plan'
import { sumOverDays } from '../time'
import type { Needs } from './hindrances'

/** The chance of slots a few minutes apart, percent: before the first it is nought, after the last a hundred. */
const Curve = z.strictObject({ fromMin: z.number().int(), percents: z.array(z.number().int().min(0).max(100)) })

/** What the book keeps of a plan, so that a week can be drawn without making its plans again. Minutes, litres. */
export const BookedFit = z.strictObject({
  p50: z.number(),
  p90: z.number(),
  shortestMin: z.number().int(),
  /** The chance at which this house calls a slot held, percent. */
  promisedPercent: z.number().int(),
  curve: Curve,
  groomer: z.boolean(),
  skills: z.array(Skill),
  waterLitres: z.number(),
})
export type BookedFit = z.infer<typeof BookedFit>

const STEP_MIN = 5
const LONGEST_MIN = 720

/** The chance of each slot, from the first that may hold to the first that surely does. */
export function fitCurve(planned: Case, plan: Plan): BookedFit['curve'] {
  const waitMin = plan.stages.reduce((sum, _, at) => sum + openWait(plan.stages, at), 0)
  const sum = sumOverDays(termsOf(planned, plan.stages), waitMin, planned.pace?.daySigma ?? 0)
  const percents: number[] = []
  let fromMin = STEP_MIN
  for (let min = STEP_MIN; min <= LONGEST_MIN; min += STEP_MIN) {
    const percent = Math.round(sum.chanceWithin(min) * 100)
    if (percent === 0 && percents.length === 0) fromMin = min + STEP_MIN
    else percents.push(percent)
    if (percent === 100) break
  }
  return { fromMin, percents }
}

/** The chance to be done within a slot, percent; slots between two steps go by the shorter. */
export function chanceAt({ fromMin, percents }: BookedFit['curve'], slotMin: number): number {
  const at = Math.floor((slotMin - fromMin) / STEP_MIN)
  return at < 0 ? 0 : (percents[at] ?? 100)
}

/** What a plan asks of the person: a groomer's stages, stripping by hand, a hand for difficult dogs. */
export function needsOf({ behaviour = {} }: Case, { stages, card }: Plan): Needs {
  const difficult = Object.values(behaviour).some((grade) => grade >= DIFFICULT_GRADE)
  const strips = card.some(({ method, zone }) => method === 'strip' && zone !== 'ear-canal')
  return {
    // A look over is every groomer's; a plan of nothing else is a bath.
    groomer: stages.some(({ id }) => isTrim(id)),
    skills: [...(strips ? (['hand-strip'] as const) : []), ...(difficult ? (['difficult dogs'] as const) : [])],
  }
}

export const promisedPercent = (planned: Case): number => Math.round(slotPromise(planned).chance * 100)
