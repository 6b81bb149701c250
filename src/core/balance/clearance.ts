import { measuresOf, type Stature } from '../build'
import type { ZoneId } from '../zones'

/** Where the tail is set, as a share of the height at the withers. Source: from memory. */
const TAIL_SET = 0.93
/** Hem and plume clear the floor by this or more, mm. Source: common practice. */
export const CLEAR_MM = 25

/**
 * Height above the floor from which the coat of a zone hangs when the dog stands at rest, mm: the tip of the tail let
 * down, the underline. Null for coat that does not hang toward the floor.
 */
export function hangsFromMm(dog: Stature, zone: ZoneId): number | null {
  const { height, chestDepth, tail } = measuresOf(dog)
  if (zone === 'tail' || zone === 'tail-tip') return Math.max(0, TAIL_SET * height - tail)
  return zone === 'skirt' || zone === 'chest' || zone === 'belly' ? height - chestDepth : null
}

/** The longest coat of a zone that keeps clear of the floor by so many mm; null where coat does not reach down. */
export function longestClearMm(dog: Stature, zone: ZoneId, clearMm: number): number | null {
  const from = hangsFromMm(dog, zone)
  return from === null ? null : Math.max(0, Math.round(from - clearMm))
}

/** How far a hem is from the floor, mm; never below it. */
export function hemClearanceMm(dog: Stature, zone: ZoneId, lengthMm: number): number | null {
  const from = hangsFromMm(dog, zone)
  return from === null ? null : Math.max(0, Math.round(from - lengthMm))
}
