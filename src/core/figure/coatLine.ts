import type { CoatId } from '../coat'
import { COAT_FACTS } from '../coat'
import type { ZoneId } from '../zones'
import { distance } from './curve'
import type { Point } from './frames'

export interface SkinSample {
  point: Point
  zone: ZoneId | null
}

/** Share of a zone's length that shows in the outline; without it the dog balloons. Judged by eye. */
const SEEN: Partial<Record<ZoneId, number>> = {
  'eye-corner': 0.12, bridge: 0.3, forefoot: 0.45, hindfoot: 0.45, muzzle: 0.5, armpit: 0.5, sanitary: 0.5,
  'leg-inside': 0.5, lips: 0.55, brow: 0.6, 'ear-out': 0.6, belly: 0.7, hock: 0.75, 'tail-base': 0.8, throat: 0.85, pads: 0,
} // prettier-ignore

/** How far a hanging hair leans on its neighbours, in its own lengths. Judged by eye. */
const LEANS = 0.45

/** Hair longer than this begins to hang, mm. Judged by eye. */
const HANGS_FROM_MM = 14

/**
 * Pushes a skin outline out by its coat: short hair stands along the normal, long hair turns toward the floor
 * as far as its kind hangs. Lengths are smoothed along the outline so that zones blend.
 * @param samples the outline, counter-clockwise
 * @param softMm how far a blend reaches
 */
export function coatLine(
  samples: readonly SkinSample[],
  lengthMm: (zone: ZoneId) => number,
  coat: CoatId,
  softMm: number,
): Point[] {
  const wanted = samples.map(({ zone }) => (zone === null ? 0 : lengthMm(zone) * (SEEN[zone] ?? 1)))
  const lengths = smoothAlong(samples, wanted, softMm)
  const shifts = samples.map((_, index): Point => {
    const normal = normalAt(samples, index)
    const length = lengths[index] ?? 0
    const stands0 = COAT_FACTS[coat].stands
    const stands = stands0 + (1 - stands0) * Math.exp(-length / HANGS_FROM_MM)
    const fall = fallAlong(normal)
    return {
      x: length * (stands * normal.x + (1 - stands) * fall.x),
      y: length * (stands * normal.y + (1 - stands) * fall.y),
    }
  })
  // Long hair leans on its neighbours: without this a hanging coat breaks into points where the skin turns sharply.
  const leansMm = Math.max(softMm * 0.4, LEANS * Math.max(...lengths) * (1 - COAT_FACTS[coat].stands))
  const xs = smoothAlong(samples, shifts.map(({ x }) => x), leansMm) // prettier-ignore
  const ys = smoothAlong(samples, shifts.map(({ y }) => y), leansMm) // prettier-ignore
  return samples.map(({ point }, index) => ({
    x: point.x + (xs[index] ?? 0),
    y: Math.max(0, point.y + (ys[index] ?? 0)),
  }))
}

/** Straight down with the part that would enter the body removed: on top the hair slides along the skin. */
function fallAlong(normal: Point): Point {
  const inward = Math.min(0, -normal.y)
  return { x: -inward * normal.x, y: -1 - inward * normal.y }
}

/** Outward for a counter-clockwise outline. */
function normalAt(samples: readonly SkinSample[], index: number): Point {
  const count = samples.length
  const before = (samples[(index - 2 + count) % count] as SkinSample).point
  const after = (samples[(index + 2) % count] as SkinSample).point
  const length = distance(before, after) || 1
  return { x: (after.y - before.y) / length, y: -(after.x - before.x) / length }
}

/** Gaussian smoothing along a closed outline. */
function smoothAlong(samples: readonly SkinSample[], values: readonly number[], sigmaMm: number): number[] {
  const count = samples.length
  const first = samples[0]?.point
  const last = samples[count - 1]?.point
  if (!first || !last) return []
  const perimeter = samples.reduce(
    (sum, { point }, at) => sum + distance(point, (samples[(at + 1) % count] as SkinSample).point),
    0,
  )
  const reach = Math.min(Math.ceil((2.5 * sigmaMm * count) / perimeter), Math.floor(count / 2) - 1)
  const weights = Array.from({ length: 2 * reach + 1 }, (_, at) => {
    const mm = ((at - reach) * perimeter) / count
    return Math.exp(-(mm * mm) / (2 * sigmaMm * sigmaMm))
  })
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  return values.map((_, index) => {
    let sum = 0
    for (let at = 0; at < weights.length; at++)
      sum += (weights[at] as number) * (values[(index + at - reach + count) % count] as number)
    return sum / total
  })
}

/** Turns an outline counter-clockwise, which the normals need. */
export function counterClockwise<T extends { point: Point }>(samples: readonly T[]): T[] {
  const area = samples.reduce((sum, { point }, at) => {
    const next = (samples[(at + 1) % samples.length] as T).point
    return sum + point.x * next.y - next.x * point.y
  }, 0)
  return area < 0 ? [...samples].reverse() : [...samples]
}
