import type { ZoneKey } from '../../zones'
import { namesIn } from './names'
import { sayZones } from './sayZones'
import type { Said } from './spoken'
import { tokensOf } from './tokens'
import type { Question } from './understood'
import { ZONE_NAMES } from './zoneNames'

/** Names of zones that mean nothing else: most readings have one, and need not be read for it. */
const PLAIN_ZONES = new Set(
  ZONE_NAMES.map(([names]) => namesIn(names)[0] ?? '').filter(
    (name) => /^[a-z]{4,}$/.test(name) && !/^(back|side)/.test(name),
  ),
)
const hasPlainZone = (reading: string): boolean => reading.split(' ').some((word) => PLAIN_ZONES.has(word))

const namesZone = (token: Said): boolean => token.is === 'zone' || (token.is === 'shape' && token.zones.length > 0)
/** These are a whole dog's by themselves. */
const isWhole = ({ is }: Said): boolean => is === 'same' || is === 'pattern' || is === 'season'

/**
 * What may be meant, in words that stand by themselves: an answer is read alone, and must not reach further than what was
 * asked about.
 * @returns null where nobody knows where it would be
 */
export function inPlace(reading: string, zones: readonly ZoneKey[], zoned: boolean): string | null {
  if (hasPlainZone(reading)) return reading
  const said = tokensOf(reading)
  if (said.some(namesZone)) return reading
  if (zones.length > 0)
    return / off$/.test(reading) ? `${reading} ${sayZones(zones)}` : `${reading} on ${sayZones(zones)}`
  if (said.some(isWhole)) return reading
  return zoned ? null : `${reading} all over`
}

/** A length as the answer to a question that asks for one, mm; null where it asks for something else, or nobody knows where. */
export function lengthAnswer({ question, zones }: Question): ((lengthMm: number) => string) | null {
  if (!/how (many mm|short)/i.test(question) || zones.length === 0) return null
  return (lengthMm) => `${lengthMm} mm on ${sayZones(zones)}`
}
