import { measuresOf, type Measures, type Stature } from '../build'
import type { PatternId } from '../patterns'
import type { ZoneId } from '../zones'
import { boundedLeastSquares, type Bounds } from './leastSquares'

/** What a dog should look like: one length seen against another. */
export interface Target {
  id: 'length-height' | 'muzzle-skull' | 'chest-height'
  /** The first is this many times the second. */
  ratio: number
  inWords: string
  source: string
}

const BICHON = 'American Kennel Club standard of the Bichon Frise, from memory'
const COTTON: readonly Target[] = [
  { id: 'length-height', ratio: 1.25, inWords: 'length a quarter more than height', source: BICHON },
  { id: 'muzzle-skull', ratio: 3 / 5, inWords: 'muzzle to skull as three to five', source: BICHON },
  { id: 'chest-height', ratio: 1 / 2, inWords: 'chest half the height', source: BICHON },
]
const SQUARE: readonly Target[] = [
  {
    id: 'length-height',
    ratio: 1,
    inWords: 'length about equals height',
    source: 'American Kennel Club Poodle standard, from memory',
  },
]
const LONG_LOW: readonly Target[] = [
  {
    id: 'length-height',
    ratio: 1.1,
    inWords: 'eleven in withers to tail set for ten in height',
    source: 'American Kennel Club Scottish Terrier standard, from memory',
  },
]

/** What each style aims at; a style without one asks for no proportion. */
const TARGETS: Partial<Record<PatternId, readonly Target[]>> = {
  'round-cotton': COTTON,
  'clean-face-round': SQUARE,
  'show-puppy': SQUARE,
  'fusion-flare': SQUARE,
  'one-length': SQUARE,
  'terrier-jacket': SQUARE,
  'schnauzer-pattern': SQUARE,
}

export function targetsOf(pattern: PatternId | undefined, dog: Stature): readonly Target[] {
  if (dog.build === 'long-low' && pattern === 'terrier-jacket') return LONG_LOW
  return (pattern && TARGETS[pattern]) ?? []
}

/** Zones that change how a dog's body looks: breastbone and rump make it longer, back higher, underline deeper. */
export const SHAPING: readonly ZoneId[] = ['chest', 'rump', 'back', 'skirt', 'muzzle', 'skull']
type Lengths = (zone: ZoneId) => number

/** What is seen: body with its coat, mm. Source: common practice. */
export function apparent(
  measures: Measures,
  lengthMm: Lengths,
): { length: number; height: number; chest: number; muzzle: number; skull: number } {
  return {
    length: measures.length + lengthMm('chest') + lengthMm('rump'),
    height: measures.height + lengthMm('back'),
    chest: measures.chestDepth + lengthMm('back') + lengthMm('skirt'),
    muzzle: measures.muzzle + lengthMm('muzzle'),
    skull: measures.skull + lengthMm('skull'),
  }
}

/** How strongly the card is held on to against the wanted proportion. Source: from memory. */
const HOLD = 0.05
/** Nothing is advised shorter than this, mm: a blade's plain jacket. Source: common practice (a 7F). */
const LEAST_MM = 3.2
/** Advice finer than this is not worth a cut, mm. */
const WORTH_MM = 1

export interface Advice {
  zone: ZoneId
  fromMm: number
  toMm: number
}

export interface Balance {
  advice: Advice[]
  /** Each wanted proportion: as the card makes it, as the advice makes it, and what it should be. */
  targets: (Target & { before: number; after: number; reached: boolean })[]
}

/** A ratio this near is reached, and nothing is advised. Source: from memory. */
const NEAR = 0.02

/**
 * Which zones to take tighter or leave longer so that the dog shows the wanted proportions: a small bounded least-squares
 * problem whose unknowns are coat lengths, from a plain jacket up to the coat that is there.
 */
export function balance(dog: Stature, targets: readonly Target[], cardMm: Lengths, presentMm: Lengths): Balance {
  const measures = measuresOf(dog)
  const from = SHAPING.map((zone) => cardMm(zone))
  const bounds = SHAPING.map((zone, at): Bounds => ({
    low: Math.min(LEAST_MM, from[at] ?? 0),
    high: Math.max(presentMm(zone), from[at] ?? 0),
  }))
  const isNear = (target: Target, lengthMm: Lengths) =>
    Math.abs(ratioOf(target, apparent(measures, lengthMm)) - target.ratio) <= NEAR * target.ratio
  const wanting = targets.filter((target) => !isNear(target, cardMm))
  const hold = SHAPING.map((_, at) => ({
    a: SHAPING.map((__, each) => (each === at ? HOLD : 0)),
    b: HOLD * (from[at] ?? 0),
  }))
  const solved =
    wanting.length === 0
      ? from
      : boundedLeastSquares([...targets.map((each) => rowOf(each, measures)), ...hold], bounds, from)
  const advised = (zone: ZoneId) => {
    const at = SHAPING.indexOf(zone)
    return at < 0 ? cardMm(zone) : Math.round(solved[at] ?? 0)
  }
  const advice = SHAPING.map((zone, at) => ({ zone, fromMm: from[at] ?? 0, toMm: advised(zone) }))
  const worth = wanting.length === 0 ? [] : advice.filter(({ fromMm, toMm }) => Math.abs(toMm - fromMm) >= WORTH_MM)
  const taken = (zone: ZoneId) => worth.find((each) => each.zone === zone)?.toMm ?? cardMm(zone)
  return {
    advice: worth,
    targets: targets.map((target) => {
      const before = ratioOf(target, apparent(measures, cardMm))
      const after = ratioOf(target, apparent(measures, taken))
      return { ...target, before, after, reached: isNear(target, taken) }
    }),
  }
}

/** first − ratio × second = 0, as a row over the coat lengths. */
function rowOf({ id, ratio }: Target, measures: Measures): { a: number[]; b: number } {
  const part = (zones: Partial<Record<ZoneId, number>>) => SHAPING.map((zone) => zones[zone] ?? 0)
  if (id === 'length-height')
    return { a: part({ chest: 1, rump: 1, back: -ratio }), b: ratio * measures.height - measures.length }
  if (id === 'muzzle-skull')
    return { a: part({ muzzle: 1, skull: -ratio }), b: ratio * measures.skull - measures.muzzle }
  return { a: part({ skirt: 1, back: 1 - ratio }), b: ratio * measures.height - measures.chestDepth }
}

function ratioOf({ id }: Target, seen: ReturnType<typeof apparent>): number {
  if (id === 'length-height') return seen.length / seen.height
  return id === 'muzzle-skull' ? seen.muzzle / seen.skull : seen.chest / seen.height
}
