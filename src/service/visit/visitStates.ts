import { isDeepStrictEqual } from 'node:util'
import { keptFoldOf, stateOf, type KeptFold, type Visit, type VisitEvent } from '@/core/visit'
import { lastNumbers, readLog, readLogs } from '@/data/events'
import { keepFold, readFoldAndLast, readFolds, type StoredFold } from '@/data/folds'

/** The fold of each of these visits: as kept where that knows the whole log, else the log folded. */
export async function wholeFolds(visitIds: readonly number[]): Promise<Map<number, KeptFold>> {
  const [folds, numbers] = await Promise.all([readFolds(visitIds), lastNumbers(visitIds)])
  const isWhole = (id: number) => folds.get(id)?.no === (numbers.get(id) ?? 0)
  const logs = await readLogs(visitIds.filter((id) => !isWhole(id)))
  return new Map(
    visitIds.map((id) => [id, logs.has(id) ? keptFoldOf(logs.get(id) ?? []) : (folds.get(id) as StoredFold).kept]),
  )
}

/** The state of each of these visits. */
export const visitStates = async (visitIds: readonly number[]): Promise<Map<number, Visit>> =>
  new Map([...(await wholeFolds(visitIds))].map(([id, kept]) => [id, stateOf(kept)]))

/** The fold of one visit as kept, or from its log; for whoever holds the visit's row. */
export async function wholeFold(visitId: number): Promise<KeptFold> {
  const { stored, last } = await readFoldAndLast(visitId)
  return stored?.no === last ? stored.kept : keptFoldOf(await readLog(visitId))
}

/** Holds the kept fold against the log, and keeps what the log says: at the close, in one part. */
export async function checkFold(visitId: number, log: readonly VisitEvent[]): Promise<void> {
  const { stored, last: no } = await readFoldAndLast(visitId)
  const kept = keptFoldOf(log, 0)
  // eslint-disable-next-line no-console -- a fault of ours, for the log of the server
  const warn = () => console.warn(`The kept state of visit ${visitId} differed from its log; the log stands.`)
  if (stored?.no === no && !isDeepStrictEqual(stateOf(stored.kept), kept.visit)) warn()
  await keepFold(visitId, { no, kept })
}
