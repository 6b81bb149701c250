import { spread, type ZoneId, type ZoneKey } from '../zones'
import { COATS, type CoatId } from './coats'

/**
 * Where a coat stays short by itself, mm: the face of a spaniel, the legs of a spitz. Kinds that are not named grow alike
 * everywhere. Source: from memory.
 */
const NATURAL_MM: Partial<Record<CoatId, Partial<Record<ZoneKey, number>>>> = {
  silky: {
    body: 30,
    legs: 30,
    feet: 20,
    tail: 70,
    head: 10,
    'ear-out': 30,
    'ear-edge': 60,
    neck: 25,
    chest: 50,
    skirt: 60,
  },
  double: { body: 50, legs: 30, feet: 15, tail: 70, head: 12, neck: 60, chest: 60 },
  smooth: { all: 15, head: 8 },
}

/** Where hair wears off on any dog long before a year is out, mm. Source: from memory. */
const WEARS_OFF_MM: Partial<Record<ZoneKey, number>> = {
  lashes: 25,
  bridge: 30,
  'ear-canal': 30,
  'ear-in': 40,
  pads: 30,
  belly: 50,
  sanitary: 50,
}

const wearsOff = spread(WEARS_OFF_MM)
const staysShort = new Map(COATS.map((coat) => [coat, spread(NATURAL_MM[coat] ?? {})]))

/** The most that a coat reaches at a zone by itself, mm; null where it just grows. */
export function naturalMm(coat: CoatId, zone: ZoneId): number | null {
  const limits = [staysShort.get(coat)?.get(zone), wearsOff.get(zone)].flatMap((limit) => limit?.value ?? [])
  return limits.length === 0 ? null : Math.min(...limits)
}
