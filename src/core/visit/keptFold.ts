import { z } from 'zod'
import { Tick, type VisitEvent } from './events'
import { foldOn, foldVisit } from './fold'
import { causeOf, compareStamps, orderedLog, stampOf, type Stamp } from './order'
import { NEW_VISIT, Visit } from './state'

/** A fold as it is stored beside its log, and the latest stamp in it: what is later than that stands behind all of it. */
export const KeptFold = z.strictObject({
  visit: Visit,
  last: z.strictObject({ tick: Tick, device: z.string().optional(), id: z.string() }).nullable(),
})
export type KeptFold = z.infer<typeof KeptFold>

export const EMPTY_FOLD: KeptFold = { visit: NEW_VISIT, last: null }

/** @param visit the fold of the log, where it is known */
export const keptFoldOf = (log: readonly VisitEvent[], visit = foldVisit(log)): KeptFold => ({
  visit,
  last: latestOf(log),
})

/**
 * A kept fold with more events; null where the whole log has to be read: an event that stands before what is folded, or
 * takes back or moves another.
 */
export function foldFurther(kept: KeptFold, fresh: readonly VisitEvent[]): KeptFold | null {
  const more = orderedLog(fresh)
  const [first] = more
  if (first === undefined) return kept
  const behind = kept.last === null || compareStamps(stampOf(first), kept.last) > 0
  // Whatever comes after an amendment may stand before it.
  const isAmended = kept.visit.amended.length > 0 || more.some(({ kind }) => kind === 'amended')
  if (!behind || isAmended || more.some((event) => causeOf(event) !== null)) return null
  return { visit: foldOn(kept.visit, more), last: latestOf(more) }
}

const latestOf = (log: readonly VisitEvent[]): Stamp | null =>
  log
    .map(stampOf)
    .reduce<Stamp | null>((latest, stamp) => (latest && compareStamps(latest, stamp) > 0 ? latest : stamp), null)
