import { SIDES, type Side, type ZoneId } from './zones'

/** One value for each side of a dog. */
export type BothSides<T> = Record<Side, T>

/**
 * What a list says of each side of each zone. An entry without a side stands for both; where only one side is named, it
 * stands for both as well.
 */
export function sidesOf<T extends { zone: ZoneId; side?: Side | null | undefined }>(
  entries: readonly T[],
): Map<ZoneId, BothSides<T>> {
  const byZone = new Map<ZoneId, BothSides<T>>()
  for (const entry of entries) {
    const known = byZone.get(entry.zone)
    if (!known || !entry.side) byZone.set(entry.zone, { left: entry, right: entry })
    else byZone.set(entry.zone, { ...known, [entry.side]: entry })
  }
  return byZone
}

/** One value where both sides agree, else one for each side. */
export function perSide<T>(
  both: BothSides<T>,
  agree: (left: T, right: T) => boolean,
): { side: Side | null; value: T }[] {
  if (agree(both.left, both.right)) return [{ side: null, value: both.left }]
  return SIDES.map((side) => ({ side, value: both[side] }))
}
