import type { ZoneKey } from '../../zones'
import { sayZones } from './sayZones'
import type { Said } from './spoken'
import { tokensOf } from './tokens'
import type { Question } from './understood'

const namesZone = (token: Said): boolean => token.is === 'zone' || (token.is === 'shape' && token.zones.length > 0)
/** These are a whole dog's by themselves. */
const isWhole = ({ is }: Said): boolean => is === 'same' || is === 'pattern' || is === 'season'

interface PlaceIn {
  names: boolean
  whole: boolean
}
/** The same few readings come back at every letter that is typed. */
const KNOWN = new Map<string, PlaceIn>()
const MOST_KNOWN = 500

function placeIn(reading: string): PlaceIn {
  const known = KNOWN.get(reading)
  if (known) return known
  const said = tokensOf(reading)
  const place = { names: said.some(namesZone), whole: said.some(isWhole) }
  if (KNOWN.size >= MOST_KNOWN) KNOWN.clear()
  KNOWN.set(reading, place)
  return place
}

/**
 * What may be meant, in words that stand by themselves: an answer is read alone, and must not reach further than what was
 * asked about.
 * @returns null where nobody knows where it would be
 */
export function inPlace(reading: string, zones: readonly ZoneKey[], zoned: boolean): string | null {
  const { names, whole } = placeIn(reading)
  if (names) return reading
  if (zones.length > 0)
    return / off$/.test(reading) ? `${reading} ${sayZones(zones)}` : `${reading} on ${sayZones(zones)}`
  if (whole) return reading
  return zoned ? null : `${reading} all over`
}

/** A length as the answer to a question that asks for one, mm; null where it asks for something else, or nobody knows where. */
export function lengthAnswer({ question, zones }: Question): ((lengthMm: number) => string) | null {
  if (!/how (many mm|short)/i.test(question) || zones.length === 0) return null
  return (lengthMm) => `${lengthMm} mm on ${sayZones(zones)}`
}
