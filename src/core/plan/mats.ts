import { matMinutes } from '../time'
import { groupOf, spread, type ZoneId } from '../zones'
import type { Case } from './case'

/** Minutes of de-matting a dog is asked to bear. Source: house default, from memory. */
export const BRUSH_LIMIT_MIN = 20

export interface MatWork {
  grades: Map<ZoneId, number>
  /** Zones where the blade goes under the mat. */
  under: Set<ZoneId>
  /** What is worked out by hand, unscaled. */
  minutes: number
  overLimit: boolean
}

/** What mats make of a groom: grade 4 always takes the blade under it, grade 3 when combing out asks too much. */
export function matWork(input: Pick<Case, 'mats' | 'behaviour' | 'house'>): MatWork {
  const grades = new Map([...spread(input.mats ?? {})].map(([zone, { value }]) => [zone, value] as const))
  const overLimit = matMinutes(grades) > (input.house?.brushLimitMin ?? BRUSH_LIMIT_MIN)
  const patient = (input.behaviour?.brush ?? 0) < 3
  const under = new Set(
    [...grades].filter(([, grade]) => grade === 4 || (grade === 3 && (overLimit || !patient))).map(([zone]) => zone),
  )
  const worked = new Map([...grades].filter(([zone]) => !under.has(zone)))
  return { grades, under, minutes: matMinutes(worked), overLimit }
}

/** Five or more zones, or a third of the body and leg zones, shaved for mats. Source: common practice. */
export function isPelt(under: ReadonlySet<ZoneId>): boolean {
  const bodyAndLegs = [...under].filter((zone) => groupOf(zone) === 'body' || groupOf(zone) === 'legs').length
  return under.size >= 5 || bodyAndLegs * 3 >= BODY_AND_LEG_ZONES
}

/** Zones of the groups body and legs: ten and six. */
const BODY_AND_LEG_ZONES = 16
