import type { CoatId } from '../coat'
import { COAT_FACTS } from '../coat'
import type { Join } from '../patterns'
import type { ZoneId } from '../zones'
import { distance } from './curve'
import type { Point } from './frames'
import { arcsOf, lengthsAlong, type LengthAt, type SkinSample } from './lengthsAlong'
import { withoutLoops } from './withoutLoops'

/** A point of the coat's outline and how long the hair under it is, mm. */
export interface CoatPoint extends Point {
  lengthMm: number
}

/** Share of a hanging zone's length that shows in the outline; without it the dog balloons. Judged by eye. */
const SEEN: Partial<Record<ZoneId, number>> = {
  'eye-corner': 0.12,
  bridge: 0.3,
  forefoot: 0.45,
  hindfoot: 0.45,
  muzzle: 0.5,
  armpit: 0.5,
  sanitary: 0.5,
  'leg-inside': 0.5,
  lips: 0.55,
  brow: 0.6,
  'ear-out': 0.6,
  belly: 0.7,
  hock: 0.75,
  'tail-base': 0.8,
  throat: 0.85,
}

/** How far a hanging hair leans on its neighbours, in its own lengths. Judged by eye. */
const LEANS = 0.45
/** How far hair that was kept off the skin settles with its neighbours, in soft widths. By eye. */
const SETTLES = 0.7
/** Hair that leans as far as this settles in full, so that it does not begin at once, mm. By eye. */
const SETTLES_FROM_MM = 2
/** Hair longer than this begins to hang, mm. Judged by eye. */
const HANGS_FROM_MM = 14

export interface CoatOptions {
  lengthAt: LengthAt
  joinOf: (zone: ZoneId) => Join
  coat: CoatId
  /** How far a blend reaches, mm. */
  softMm: number
  /** What a shape leaves of the length at each sample, 0 to 1; all of it when left out. */
  shares?: readonly number[]
  /** Below a height hair of the two legs meets in the middle: it keeps so far to its own side, mm. */
  legs?: { belowMm: number; apartMm: number }
  /** A view from above has no floor and nothing hangs in it. */
  fromAbove?: boolean
}

/**
 * Pushes a skin outline out by its coat: short hair stands along the normal, long hair turns toward the floor as far as
 * its kind hangs. A standing coat lies its whole length outside the skin in the middle of a zone.
 * @param samples the outline, counter-clockwise
 * @returns the coat's outline; it never crosses itself and never goes under the floor
 */
export function coatLine(samples: readonly SkinSample[], options: CoatOptions): CoatPoint[] {
  const { coat, softMm, fromAbove = false } = options
  const stands0 = COAT_FACTS[coat].stands
  const seen = (zone: ZoneId) => (zone === 'pads' ? 0 : 1 - (1 - (SEEN[zone] ?? 1)) * (1 - stands0))
  const lengthAt: LengthAt = (zone, side) => options.lengthAt(zone, side) * seen(zone)
  const whole = lengthsAlong(samples, lengthAt, options.joinOf, softMm)
  const { shares } = options
  const lengths = shares ? whole.map((mm, at) => mm * (shares[at] as number)) : whole
  const normals = normalsOf(samples)
  const shifts = normals.map((normal, index): Point => {
    const length = lengths[index] as number
    const stands = fromAbove ? 1 : stands0 + (1 - stands0) * Math.exp(-length / HANGS_FROM_MM)
    const fall = fallAlong(normal)
    return {
      x: length * (stands * normal.x + (1 - stands) * fall.x),
      y: length * (stands * normal.y + (1 - stands) * fall.y),
    }
  })
  const leansMm = LEANS * Math.max(...lengths) * (1 - stands0)
  const hangs = leansMm > 0 && !fromAbove
  const lying = hangs
    ? leaned(samples, shifts, leansMm).map((shift, at) =>
        keptOutside(shift, normals[at] as Point, lengths[at] as number),
      )
    : shifts
  const leaning = hangs ? leaned(samples, lying, softMm * SETTLES * (1 - Math.exp(-leansMm / SETTLES_FROM_MM))) : lying
  const outline = samples.map(({ point }, index): CoatPoint => {
    const shift = leaning[index] as Point
    const y = point.y + shift.y
    const x = onItsSide(point, point.x + shift.x, options.legs)
    return { x, y: fromAbove ? y : Math.max(0, y), lengthMm: lengths[index] as number }
  })
  return withoutLoops(fromAbove ? outline : onTheFloor(outline))
}

/** Where a leg's hair ends that would grow through the other leg's. */
function onItsSide(point: Point, x: number, legs: CoatOptions['legs']): number {
  if (legs === undefined || point.y > legs.belowMm || Math.abs(point.x) < legs.apartMm) return x
  return point.x > 0 ? Math.max(legs.apartMm, x) : Math.min(-legs.apartMm, x)
}

/** Hair lies on the skin, never in it: at least this share of its length stands off. By eye. */
const LEAST_OFF = 0.12

function keptOutside(shift: Point, normal: Point, lengthMm: number): Point {
  const lacks = LEAST_OFF * lengthMm - (shift.x * normal.x + shift.y * normal.y)
  return lacks > 0 ? { x: shift.x + normal.x * lacks, y: shift.y + normal.y * lacks } : shift
}

/** Points that lie on the floor in a row are one straight edge. */
function onTheFloor(outline: readonly CoatPoint[]): CoatPoint[] {
  const count = outline.length
  const isDown = (at: number) => (outline[(at + count) % count] as CoatPoint).y === 0
  return outline.filter((_, at) => !(isDown(at) && isDown(at - 1) && isDown(at + 1)))
}

/** Long hair leans on its neighbours: without this a hanging coat breaks into points where the skin turns sharply. */
function leaned(samples: readonly SkinSample[], shifts: readonly Point[], leansMm: number): Point[] {
  const xs = smoothAlong(
    samples,
    shifts.map(({ x }) => x),
    leansMm,
  )
  const ys = smoothAlong(
    samples,
    shifts.map(({ y }) => y),
    leansMm,
  )
  return samples.map((_, at) => ({ x: xs[at] as number, y: ys[at] as number }))
}

/** Straight down with the part that would enter the body removed: on top the hair slides along the skin. */
function fallAlong(normal: Point): Point {
  const inward = Math.min(0, -normal.y)
  return { x: -inward * normal.x, y: -1 - inward * normal.y }
}

/** The skin stays while its coat is tried at many lengths. */
const knownNormals = new WeakMap<readonly SkinSample[], Point[]>()

function normalsOf(samples: readonly SkinSample[]): Point[] {
  const known = knownNormals.get(samples)
  if (known) return known
  const normals = samples.map((_, index) => normalAt(samples, index))
  knownNormals.set(samples, normals)
  return normals
}

/** Outward for a counter-clockwise outline. */
function normalAt(samples: readonly SkinSample[], index: number): Point {
  const count = samples.length
  const before = (samples[(index - 2 + count) % count] as SkinSample).point
  const after = (samples[(index + 2) % count] as SkinSample).point
  const length = distance(before, after) || 1
  return { x: (after.y - before.y) / length, y: -(after.x - before.x) / length }
}

/** Three passes of a running mean are a Gaussian to the eye, and cost the same however wide they are. */
const PASSES = 3

/** Smooths values along a closed outline, about as a Gaussian of this sigma would. */
function smoothAlong(samples: readonly SkinSample[], values: readonly number[], sigmaMm: number): Float64Array {
  const count = samples.length
  const { perimeterMm } = arcsOf(samples)
  // A box of half-width h has variance h(h + 1)/3 in samples; three passes add up.
  const sigma = (sigmaMm * count) / perimeterMm
  const half = Math.max(0, Math.min((Math.sqrt(1 + 4 * sigma * sigma) - 1) / 2, count / 2 - 2))
  let smooth = Float64Array.from(values)
  for (let pass = 0; half > 0 && pass < PASSES; pass++) smooth = runningMean(smooth, half)
  return smooth
}

/** The mean of so many neighbours to each side; of the next beyond a share, so that it does not leap as it widens. */
function runningMean(values: Float64Array, half: number): Float64Array<ArrayBuffer> {
  const count = values.length
  const whole = Math.floor(half)
  const share = half - whole
  const means = new Float64Array(count)
  let sum = 0
  for (let at = -whole; at <= whole; at++) sum += values[(at + count) % count] as number
  for (let at = 0, into = (whole + 1) % count, out = (count - whole) % count; at < count; at++) {
    const before = values[out === 0 ? count - 1 : out - 1] as number
    means[at] = (sum + share * (before + (values[into] as number))) / (2 * half + 1)
    sum += (values[into] as number) - (values[out] as number)
    into = into + 1 === count ? 0 : into + 1
    out = out + 1 === count ? 0 : out + 1
  }
  return means
}

/** Turns an outline counter-clockwise, which the normals need. */
export function counterClockwise<T extends { point: Point }>(samples: readonly T[]): T[] {
  const area = samples.reduce((sum, { point }, at) => {
    const next = (samples[(at + 1) % samples.length] as T).point
    return sum + point.x * next.y - next.x * point.y
  }, 0)
  return area < 0 ? [...samples].reverse() : [...samples]
}
