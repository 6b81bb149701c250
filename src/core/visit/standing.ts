import { catchUp } from '../catch-up'
import { factsAfter, type HealthFact } from '../health'
import { careOf, makePlan, matWork, meansOf, referrals, type Case, type Plan } from '../plan'
import { underWay } from './fold'
import type { Visit } from './state'

/** The case and the plan of a visit as they stand now. */
export interface Standing {
  case: Case
  plan: Plan
}

/**
 * What the hand measures and finds on the bench decides, as it would have before the start: the plan is made again from
 * it. The stages stay those that were begun with, in their order; only what is cut in them, their minutes and their
 * cautions follow. What was taken to catch up comes after that, and what has to be minded last: by the cuts as they are
 * now, by the weight and by how the dog takes it today.
 */
export function standing(planned: Case, begun: Plan, visit: Visit): Standing {
  const now = asFound(planned, begun, visit)
  const plan = visit.caughtUp.length === 0 ? now.plan : catchUp(now.plan, visit.caughtUp, meansOf(now.case))
  const told = visit.weightKg !== null || visit.findings.length > 0 || Object.keys(visit.behaviour).length > 0
  return {
    case: now.case,
    plan: plan !== begun || told ? { ...plan, ...careNow(now.case, plan, begun, visit) } : begun,
  }
}

function asFound(planned: Case, plan: Plan, visit: Visit): Standing {
  const { measuredMm, mats } = visit
  const findings = visit.findings.filter((finding) => !isCutAlready(finding, plan, visit))
  const nothing = Object.keys(measuredMm).length === 0 && Object.keys(mats).length === 0 && findings.length === 0
  if (nothing) return { case: planned, plan }
  // By sides, because there a zone is always a zone: elsewhere `tail` means all of the tail.
  const sides = Object.fromEntries(Object.entries(measuredMm).map(([zone, mm]) => [zone, { left: mm, right: mm }]))
  const known: Case = {
    ...planned,
    coatSidesMm: { ...planned.coatSidesMm, ...sides },
    mats: { ...planned.mats, ...mats },
    health: factsAfter(planned.health ?? [], findings.map(factOf)),
    order: plan.stages.map(({ id }) => id),
  }
  return { case: known, plan: makePlan(known) }
}

/** A finding at a zone whose stage was over comes too late to change what was cut there. */
function isCutAlready({ zone, atMs }: Visit['findings'][number], plan: Plan, { stages }: Visit): boolean {
  const stage = plan.stages.find(({ zones }) => zones.includes(zone))?.id
  return stages.some((record) => record.stage === stage && record.endMs !== null && record.endMs <= atMs)
}

const factOf = ({ atMs: _, by: __, ...finding }: Visit['findings'][number]) => finding

/** What stands of a dog's health with what was found today. */
export const healthNow = (known: readonly HealthFact[], visit: Visit): HealthFact[] =>
  factsAfter(known, visit.findings.map(factOf))

/** What has to be minded now. What concerns the whole groom and came up after its first stage stands where the hand is until it was seen. */
function careNow(known: Case, plan: Plan, begun: Plan, visit: Visit): Pick<Plan, 'cautions' | 'consents' | 'refer'> {
  const grades = Object.fromEntries(Object.entries(visit.behaviour).map(([trigger, { grade }]) => [trigger, grade]))
  const today: Case = {
    ...known,
    dog: { ...known.dog, weightKg: visit.weightKg ?? known.dog.weightKg },
    behaviour: { ...known.behaviour, ...grades },
    health: healthNow(known.health ?? [], visit),
  }
  const care = careOf(today, plan.card, plan.stages, matWork(known))
  const first = plan.stages[0]?.id
  const atFirst = new Set(begun.cautions.filter(({ stage }) => stage === first).map(({ id }) => id))
  const isLate = ({ id, stage }: Plan['cautions'][number]) => stage === first && !atFirst.has(id)
  const hand = underWay(visit)?.stage ?? first ?? 'arrive'
  const cautions = care.cautions.map((each) =>
    isLate(each) ? { ...each, stage: visit.seen.includes(each.id) ? ('look-over' as const) : hand } : each,
  )
  return { ...care, cautions, refer: referrals(today) }
}
