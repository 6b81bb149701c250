import type { Cells } from '@/core/pace'
import { database } from './connection'
import { setMark } from './marks'

/** The mark of when minutes were last learned: the cells themselves are too many to look through for a change. */
export const MINUTES_LEARNED = 'minutes learned'

/** What was learned of the minutes, of the effects named. */
export async function readCells(ids: readonly string[]): Promise<Cells> {
  const rows = await database().models.paceCell.findAll({ where: { id: [...ids] } })
  return new Map(rows.map(({ id, n, total, day }) => [id, { n, sum: total, day }]))
}

/** Keeps cells that have moved on. Whoever learns holds the house, see `holdHouse`. */
export async function keepCells(moved: Cells): Promise<void> {
  await database().models.paceCell.bulkCreate(
    [...moved].map(([id, { n, sum, day }]) => ({ id, n, total: sum, day })),
    { updateOnDuplicate: ['n', 'total', 'day'] },
  )
  await setMark(MINUTES_LEARNED, Date.now())
}
