import { catchUp } from '../catch-up'
import { FULL_KIT } from '../lengths'
import { coatToday, makePlan, type Case, type Plan } from '../plan'
import type { Visit } from './state'

/** The case and the plan of a visit as they stand now. */
export interface Standing {
  case: Case
  plan: Plan
}

/**
 * What the hand measures on the bench decides, as it would have before the start: the plan is made again from it. The
 * stages stay those that were begun with, in their order; only what is cut in them, their minutes and their cautions
 * follow. What was taken to catch up comes last.
 */
export function standing(planned: Case, begun: Plan, visit: Visit): Standing {
  const now = asMeasured(planned, begun, visit)
  if (visit.caughtUp.length === 0) return now
  return { ...now, plan: catchUp(now.plan, visit.caughtUp, planned.kit ?? FULL_KIT, coatToday(now.case)) }
}

function asMeasured(planned: Case, plan: Plan, { measuredMm, mats }: Visit): Standing {
  if (Object.keys(measuredMm).length === 0 && Object.keys(mats).length === 0) return { case: planned, plan }
  // By sides, because there a zone is always a zone: elsewhere `tail` means all of the tail.
  const sides = Object.fromEntries(Object.entries(measuredMm).map(([zone, mm]) => [zone, { left: mm, right: mm }]))
  const known: Case = {
    ...planned,
    coatSidesMm: { ...planned.coatSidesMm, ...sides },
    mats: { ...planned.mats, ...mats },
    order: plan.stages.map(({ id }) => id),
  }
  return { case: known, plan: makePlan(known) }
}
