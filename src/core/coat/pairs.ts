import { ZoneId, groupOf } from '../zones'
import type { CoatId } from './coats'
import type { GrowthPair } from './learn'
import { naturalMm } from './natural'

/** Nearer than this to where a coat stays short by itself, growth no longer shows its pace. Source: from memory. */
const STILL_GROWING = 0.9

/**
 * What one visit left and the next one found, by zone: only zones measured one by one count, and only coat that was
 * really cut, so that its length was known.
 * @param leftMm lengths that were cut at the visit before, mm
 * @param foundMm lengths that were measured on arrival, mm
 */
export function growthPairs(
  coat: CoatId,
  leftMm: ReadonlyMap<ZoneId, number>,
  foundMm: ReadonlyMap<ZoneId, number>,
  weeks: number,
): GrowthPair[] {
  return [...foundMm].flatMap(([zone, found]) => {
    const left = leftMm.get(zone)
    const most = naturalMm(coat, zone)
    const stopped = most !== null && found >= most * STILL_GROWING
    return left === undefined || stopped ? [] : [{ group: groupOf(zone), leftMm: left, foundMm: found, weeks }]
  })
}

/** Zones measured by themselves; `tail` as a key is a group. */
export function measuredZones(coatNowMm: Readonly<Record<string, number | undefined>>): Map<ZoneId, number> {
  return new Map(
    Object.entries(coatNowMm).flatMap(([key, mm]) => {
      const zone = ZoneId.safeParse(key)
      return zone.success && zone.data !== 'tail' && mm !== undefined ? [[zone.data, mm] as const] : []
    }),
  )
}

/** Lengths that a card really cut, by zone; the shorter side where two differ. */
export function cutLengths(
  card: readonly { zone: ZoneId; method?: string | undefined; lengthMm: number }[],
): Map<ZoneId, number> {
  const left = new Map<ZoneId, number>()
  for (const { zone, method, lengthMm } of card)
    if (method !== 'leave') left.set(zone, Math.min(left.get(zone) ?? Infinity, lengthMm))
  return left
}
