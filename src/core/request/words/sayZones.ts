import type { ZoneKey } from '../../zones'
import { namesIn } from './names'
import { ZONE_NAMES } from './zoneNames'

const first = (names: string): string => namesIn(names)[0] ?? names
const isSame = (a: readonly ZoneKey[], b: readonly ZoneKey[]): boolean =>
  a.length === b.length && a.every((key) => b.includes(key))

/** Zones in an owner's words, which are understood again: `the legs`, `the inside ears`. */
export function sayZones(keys: readonly ZoneKey[]): string {
  if (keys.length === 0 || keys.includes('all')) return 'all over'
  const whole = ZONE_NAMES.find(([, named]) => isSame(named, keys))
  if (whole) return `the ${first(whole[0])}`
  return keys
    .map((key) => ZONE_NAMES.find(([, named]) => isSame(named, [key])))
    .flatMap((row) => (row ? [`the ${first(row[0])}`] : []))
    .join(' and ')
}
