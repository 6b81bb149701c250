import { CATCH_UP_FACTS } from '@/core/catch-up'
import { howOf, learn, paceKeys, type Cells, type TimedStage } from '@/core/pace'
import { makePlan, type Case } from '@/core/plan'
import type { StageId } from '@/core/stages'
import { standing, timedStages, type Visit } from '@/core/visit'
import { keepCells, readCells } from '@/data/pace'
import type { StoredVisit } from '@/data/visits'
import { DAY_MS } from '../house/houseTime'

interface Hands {
  /** With whom it was booked: theirs are the stages of which nobody says who did them. */
  booked: number
  hands: ReadonlyMap<StageId, number>
}

/**
 * Learns from a groom that was wrapped up: the cells it touches are read, moved on and kept. Minutes are theirs who had the
 * hands on a stage. The house is held meanwhile.
 */
export async function learnMinutes(
  { plannedCase, dogId }: StoredVisit,
  visit: Visit,
  { booked, hands }: Hands,
  nowMs: number,
): Promise<void> {
  const stages = timed(plannedCase, visit, nowMs)
  const handOf = ({ stage }: TimedStage) => hands.get(stage) ?? booked
  for (const hand of new Set(stages.map(handOf))) {
    const of = { dog: String(dogId), groomer: String(hand), coat: plannedCase.dog.coat }
    const before = await readCells(paceKeys(of))
    const cells: Cells = new Map(before)
    const theirs = stages.filter((each) => handOf(each) === hand)
    learn(cells, { ...of, day: Math.floor(nowMs / DAY_MS), stages: theirs })
    await keepCells(new Map([...cells].filter(([id, cell]) => before.get(id) !== cell)))
  }
}

/** The table's minutes against what was done, of every stage that was timed to its end. */
function timed(planned: Case, visit: Visit, nowMs: number): TimedStage[] {
  const { pace: _, ...byTable } = standing(planned, makePlan(planned), visit).case
  const table = makePlan(byTable)
  const done = timedStages(visit, nowMs)
  // What was made simpler to catch up says nothing of the stage as it is usually done.
  const simpler = new Set(visit.caughtUp.map((option) => CATCH_UP_FACTS[option].stage))
  const matted = Object.values(byTable.mats ?? {}).some((grade) => (grade ?? 0) > 0)
  return table.stages.flatMap(({ id, p50, zones }) => {
    const actual = done.find(({ stage }) => stage === id)
    if (!actual || simpler.has(id)) return []
    return [{ ...actual, how: howOf(id, zones, table.card, matted), priorMin: p50 }]
  })
}
