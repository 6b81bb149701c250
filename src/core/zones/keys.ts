import { z } from 'zod'
import { GROUPS, ZONES, groupOf, type ZoneId } from './zones'

/**
 * A name for one zone or several: `all`, a group, `face`, or a zone.
 * `tail` names the group of tail-base, tail and tail-tip.
 */
export const ZONE_KEYS = [...new Set(['all', 'face', ...GROUPS, ...ZONES])] as ZoneKey[]
export type ZoneKey = ZoneId | (typeof GROUPS)[number] | 'all' | 'face'
export const ZoneKey = z.enum(ZONE_KEYS as [ZoneKey, ...ZoneKey[]])

/** How a pattern treats the face decides what `face` means. */
export type FaceStyle = 'shaved' | 'bearded'

const FACE: readonly ZoneId[] = ['cheek', 'muzzle', 'lips', 'bridge', 'throat', 'chin', 'eye-corner']

/** A length for `all`, `body` or `legs` never touches these: they are done for health, not for length. */
export const NEVER_BY_GROUP: readonly ZoneId[] = ['pads', 'sanitary', 'eye-corner', 'lashes', 'ear-canal']

const isGroup = (key: ZoneKey): key is (typeof GROUPS)[number] => (GROUPS as readonly string[]).includes(key)

/** The zones a key names. A beard stays out of `face`. */
export function zonesOf(key: ZoneKey, face: FaceStyle = 'shaved'): ZoneId[] {
  if (key === 'all') return [...ZONES]
  if (key === 'face') return FACE.filter((zone) => face === 'shaved' || zone !== 'chin')
  return isGroup(key) ? ZONES.filter((zone) => groupOf(zone) === key) : [key]
}

/** The zones that a length, tool or words for this key reaches: a group spares what is done for health. */
export function zonesCutBy(key: ZoneKey, face: FaceStyle = 'shaved'): ZoneId[] {
  const spares = key === 'all' || key === 'body' || key === 'legs'
  return zonesOf(key, face).filter((zone) => !spares || !NEVER_BY_GROUP.includes(zone))
}

/** Broad to narrow: the more specific key wins. */
export function breadth(key: ZoneKey): number {
  if (key === 'all') return 3
  if (isGroup(key)) return 2
  return key === 'face' ? 1 : 0
}

/** `armpit` and `belly` follow a group only if nothing closer is set. */
export const FOLLOWERS: readonly ZoneId[] = ['armpit', 'belly']

/**
 * Values given by key, laid out by zone; the more specific key wins.
 * @param reach what a key reaches; a measured coat reaches every zone, a wish spares some
 */
export function spread<T>(
  byKey: Partial<Record<ZoneKey, T>>,
  face: FaceStyle = 'shaved',
  reach: (key: ZoneKey, face: FaceStyle) => ZoneId[] = zonesOf,
): Map<ZoneId, { value: T; key: ZoneKey }> {
  const keys = (Object.keys(byKey) as ZoneKey[]).sort((a, b) => breadth(b) - breadth(a))
  const spreadOut = new Map<ZoneId, { value: T; key: ZoneKey }>()
  for (const key of keys) {
    const value = byKey[key]
    if (value === undefined) continue
    for (const zone of reach(key, face)) spreadOut.set(zone, { value, key })
  }
  return spreadOut
}
