import { ZONE_KEYS, zoneLabel, type ZoneId, type ZoneKey } from '@/core/zones'

const GROUP_LABELS: Partial<Record<ZoneKey, string>> = {
  all: 'All over',
  face: 'Face',
  head: 'Head',
  body: 'Body',
  legs: 'Legs',
  feet: 'Feet',
}

/** A zone or group as a person reads it. */
export const keyLabel = (key: ZoneKey): string => GROUP_LABELS[key] ?? zoneLabel(key as ZoneId)

/** Whether a key is one zone of the map, to be picked there. */
export const isOneZone = (key: ZoneKey): key is ZoneId => GROUP_LABELS[key] === undefined

export const KEY_OPTIONS = ZONE_KEYS.map((each) => ({ value: each, label: keyLabel(each) }))

/** A record without one key. */
export function without<T>(byKey: Partial<Record<ZoneKey, T>> | undefined, key: ZoneKey): Partial<Record<ZoneKey, T>> {
  return Object.fromEntries(Object.entries(byKey ?? {}).filter(([each]) => each !== key)) as Partial<Record<ZoneKey, T>>
}

/** Zones that people name as one. */
const AS_ONE: readonly [ZoneKey[], string][] = [
  [['ear-out', 'ear-in', 'ear-edge'], 'Ears'],
  [['forefoot', 'hindfoot'], 'Feet'],
  [['thigh', 'stifle', 'hock'], 'Hind legs'],
]

/** Several keys in a few words: "Ears, Tail". */
export function keysLabel(keys: readonly ZoneKey[]): string {
  const group = AS_ONE.find(([zones]) => zones.every((zone) => keys.includes(zone)))
  if (!group) return keys.map(keyLabel).join(', ')
  const rest = keys.filter((key) => !group[0].includes(key))
  return rest.length === 0 ? group[1] : `${group[1]}, ${keysLabel(rest)}`
}
