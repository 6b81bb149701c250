import { z } from 'zod'
import { Tick, type VisitEvent } from './events'
import { foldOn, foldVisit } from './fold'
import { causeOf, compareEvents, orderedLog, tickOf } from './order'
import { NEW_VISIT, Visit } from './state'

/** A fold as it is stored beside its log, and the event that stands last in it. */
export const KeptFold = z.strictObject({
  visit: Visit,
  last: z.strictObject({ tick: Tick, device: z.string().optional(), id: z.string() }).nullable(),
})
export type KeptFold = z.infer<typeof KeptFold>

export const EMPTY_FOLD: KeptFold = { visit: NEW_VISIT, last: null }

export const keptFoldOf = (log: readonly VisitEvent[]): KeptFold => ({
  visit: foldVisit(log),
  last: placeOf(orderedLog(log).at(-1)),
})

/**
 * A kept fold with more events; null where the whole log has to be read: an event that stands before what is folded, or
 * takes back or moves another.
 */
export function foldFurther(kept: KeptFold, fresh: readonly VisitEvent[]): KeptFold | null {
  const more = orderedLog(fresh)
  const [first] = more
  if (first === undefined) return kept
  const behind = kept.last === null || compareEvents(first, { ...first, ...asEvent(kept.last) }) > 0
  if (!behind || more.some((event) => causeOf(event) !== null || event.kind === 'amended')) return null
  return { visit: foldOn(kept.visit, more), last: placeOf(more.at(-1)) }
}

const asEvent = ({ tick, device, id }: NonNullable<KeptFold['last']>) => ({ tick, device, id })

const placeOf = (event: VisitEvent | undefined): KeptFold['last'] =>
  event ? { tick: tickOf(event), ...(event.device ? { device: event.device } : {}), id: event.id } : null
