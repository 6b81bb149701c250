import type { Transaction } from 'sequelize'
import { CATCH_UP_FACTS } from '@/core/catch-up'
import type { Case } from '@/core/plan'
import { makePlan } from '@/core/plan'
import { howOf, learn, paceKeys, paceOn, type Cells, type Pace, type PaceOf, type TimedGroom } from '@/core/pace'
import { standing, timedStages, type Visit } from '@/core/visit'
import { database } from './connection'

const DAY_MS = 86_400_000
const dayNumber = (ms: number) => Math.floor(ms / DAY_MS)

async function readCells(of: PaceOf, within?: Transaction): Promise<Cells> {
  const rows = await database().models.paceCell.findAll({
    where: { id: paceKeys(of) },
    raw: true,
    transaction: within ?? null,
  })
  return new Map(rows.map(({ id, n, total, day }) => [id, { n, sum: total, day }]))
}

/** How fast this dog's groom goes with this groomer, as learned; null as long as learning has not paid. */
export async function readPace(
  dogId: number,
  staffId: number,
  coat: PaceOf['coat'],
  atMs: number,
): Promise<Pace | null> {
  const of = { dog: String(dogId), groomer: String(staffId), coat }
  return paceOn(await readCells(of), of, dayNumber(atMs))
}

/** The table's minutes against what was done, of every stage that was timed to its end. */
function timed(planned: Case, visit: Visit, nowMs: number, of: PaceOf, day: number): TimedGroom {
  const { pace: _, ...byTable } = standing(planned, makePlan(planned), visit).case
  const table = makePlan(byTable)
  const done = timedStages(visit, nowMs)
  // What was made simpler to catch up says nothing of the stage as it is usually done.
  const simpler = new Set(visit.caughtUp.map((option) => CATCH_UP_FACTS[option].stage))
  const stages = table.stages.flatMap(({ id, p50, zones }) => {
    const actual = done.find(({ stage }) => stage === id)
    if (!actual || simpler.has(id)) return []
    const matted = Object.values(byTable.mats ?? {}).some((grade) => (grade ?? 0) > 0)
    return [{ ...actual, how: howOf(id, zones, table.card, matted), priorMin: p50 }]
  })
  return { ...of, day, stages }
}

/** Learns from a groom that was wrapped up: the cells it touches are read, moved on and kept. */
export async function learnFrom(
  {
    planned,
    visit,
    dogId,
    staffId,
    nowMs,
  }: { planned: Case; visit: Visit; dogId: number; staffId: number; nowMs: number },
  transaction: Transaction,
): Promise<void> {
  const of = { dog: String(dogId), groomer: String(staffId), coat: planned.dog.coat }
  const before = await readCells(of, transaction)
  const cells: Cells = new Map(before)
  learn(cells, timed(planned, visit, nowMs, of, dayNumber(nowMs)))
  const moved = [...cells].filter(([id, cell]) => before.get(id) !== cell)
  await database().models.paceCell.bulkCreate(
    moved.map(([id, { n, sum, day }]) => ({ id, n, total: sum, day })),
    { updateOnDuplicate: ['n', 'total', 'day'], transaction },
  )
}
