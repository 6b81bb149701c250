import { z } from 'zod'
import { Tick, VisitEvent } from './events'
import { foldOn, liveEvents } from './fold'
import { causeOf, compareStamps, orderedLog, stampOf, type Stamp } from './order'
import { NEW_VISIT, Visit } from './state'

/** A fold as it is stored beside its log, in two parts: a visit as it stood, and what happened since. */
export const KeptFold = z.strictObject({
  visit: Visit,
  /** The latest stamp in the visit: what is later than that stands behind all of it. */
  last: z.strictObject({ tick: Tick, device: z.string().optional(), id: z.string() }).nullable(),
  /** The latest events, in order: what comes in a little late is put among these, and no log is read for it. */
  tail: z.array(VisitEvent).default([]),
})
export type KeptFold = z.infer<typeof KeptFold>

export const EMPTY_FOLD: KeptFold = { visit: NEW_VISIT, last: null, tail: [] }

/** A tail that has grown so long is shortened by half. From memory: fifty benches that send at the same moment are in it. */
const LONGEST_TAIL = 64

/** The visit that a kept fold tells of. */
export const stateOf = ({ visit, tail }: KeptFold): Visit =>
  tail.length === 0 ? visit : foldOn(visit, liveEvents(tail))

/** The same in one part, for where hardly anything is added any more. */
export const inOnePart = (kept: KeptFold): KeptFold => ({
  visit: stateOf(kept),
  last: latestOf(kept.tail, kept.last),
  tail: [],
})

/** @param longest so many events are kept apart at the most; with 0 it is in one part */
export const keptFoldOf = (log: readonly VisitEvent[], longest = LONGEST_TAIL): KeptFold =>
  shortened({ ...EMPTY_FOLD, tail: orderedLog(log) }, longest)

/**
 * A kept fold with more events; null where the whole log has to be read: an event that stands before what is folded, or
 * takes back or moves one of those.
 */
export function foldFurther(kept: KeptFold, fresh: readonly VisitEvent[], longest = LONGEST_TAIL): KeptFold | null {
  const { visit, last, tail } = kept
  const apart = [...tail, ...fresh]
  const ids = new Set(apart.map(({ id }) => id))
  const isApart = fresh.every((event) => {
    const cause = causeOf(event)
    return (last === null || compareStamps(stampOf(event), last) > 0) && (cause === null || ids.has(cause))
  })
  // Whatever comes after an amendment may stand before it.
  const isAmended = visit.amended.length > 0 || apart.some(({ kind }) => kind === 'amended')
  return isApart && !isAmended ? shortened({ visit, last, tail: orderedLog(apart) }, longest) : null
}

/** Folds the older part of a tail that is too long: half of the longest is left, or a little more. */
function shortened({ visit, last, tail }: KeptFold, longest: number): KeptFold {
  if (tail.length <= longest) return { visit, last, tail }
  const cut = cutOf(tail, longest)
  const older = tail.slice(0, cut)
  return { visit: foldOn(visit, liveEvents(older)), last: latestOf(older, last), tail: tail.slice(cut) }
}

/** Where a tail is parted, so that nothing behind takes back or moves what is before; its end where that is nowhere. */
function cutOf(tail: readonly VisitEvent[], longest: number): number {
  const at = new Map(tail.map(({ id }, index) => [id, index]))
  let first = tail.length
  for (const [from, event] of [...tail.entries()].reverse()) {
    first = Math.min(first, from, at.get(causeOf(event) ?? '') ?? from)
    const left = tail.length - from
    if (left > longest) break
    if (left >= longest / 2 && first === from) return from
  }
  return tail.length
}

const latestOf = (log: readonly VisitEvent[], known: Stamp | null): Stamp | null =>
  log.map(stampOf).reduce((latest, stamp) => (latest && compareStamps(latest, stamp) > 0 ? latest : stamp), known)
