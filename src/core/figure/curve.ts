import type { Point } from './frames'

/**
 * Samples a smooth curve through points: centripetal Catmull-Rom, which makes no loops or cusps
 * (Yuksel, Schaefer and Keyser 2011, Computer-Aided Design), each segment as the cubic it is.
 * @returns for every sample its point and the index of the control point its segment starts at
 */
export function sampleCurve(
  points: readonly Point[],
  stepMm: number,
  closed: boolean,
): { point: Point; from: number }[] {
  const count = points.length
  const at = (index: number): Point => {
    const inside = closed ? (index + count) % count : Math.max(0, Math.min(count - 1, index))
    return points[inside] as Point
  }
  const samples: { point: Point; from: number }[] = []
  const segments = closed ? count : count - 1
  for (let from = 0; from < segments; from++) {
    const [a, b, c, d] = [at(from - 1), at(from), at(from + 1), at(from + 2)] as [Point, Point, Point, Point]
    const steps = Math.max(1, Math.round(distance(b, c) / stepMm))
    const [before, here, after] = [knot(a, b), knot(b, c), knot(c, d)]
    const x = cubic(a.x, b.x, c.x, d.x, before, here, after)
    const y = cubic(a.y, b.y, c.y, d.y, before, here, after)
    for (let step = 0; step < steps; step++) {
      const t = step / steps
      samples.push({
        point: { x: ((x[3] * t + x[2]) * t + x[1]) * t + x[0], y: ((y[3] * t + y[2]) * t + y[1]) * t + y[0] },
        from,
      })
    }
  }
  if (!closed) samples.push({ point: at(count - 1), from: count - 1 })
  return samples
}

type Cubic = readonly [number, number, number, number]

/** One coordinate of a segment from b to c as a cubic in 0 to 1, its tangents from the knots' spacing. */
function cubic(a: number, b: number, c: number, d: number, before: number, here: number, after: number): Cubic {
  const from = here * ((b - a) / before - (c - a) / (before + here) + (c - b) / here)
  const to = here * ((c - b) / here - (d - b) / (here + after) + (d - c) / after)
  return [b, from, 3 * (c - b) - 2 * from - to, 2 * (b - c) + from + to]
}

/** Math.hypot is many times slower than this and guards against sizes that no dog has. */
export const distance = (a: Point, b: Point): number => Math.sqrt((a.x - b.x) ** 2 + (a.y - b.y) ** 2)

/** Centripetal spacing of knots; never nothing, so that two equal points do no harm. */
const knot = (from: Point, to: Point): number => Math.max(1e-6, Math.sqrt(distance(from, to)))

/** An SVG path in screen coordinates: y grows downward, tenths of a mm. */
export function pathOf(points: readonly Point[], closed = true): string {
  let path = ''
  for (const { x, y } of points) path += `${path === '' ? 'M' : 'L'}${tenth(x)} ${tenth(-y)}`
  return closed ? `${path}Z` : path
}

/**
 * Tenths of a mm in words. Most of what drawing costs is numbers made into text: two whole ones are twice as fast as one
 * with a point.
 */
export function tenth(value: number): string {
  const tenths = Math.round(value * 10)
  const size = tenths < 0 ? -tenths : tenths
  const whole = Math.floor(size / 10)
  const rest = size - whole * 10
  return `${tenths < 0 ? '-' : ''}${whole}${rest === 0 ? '' : `.${rest}`}`
}

/** An open curve through points as a path. */
export const curvePath = (points: readonly Point[], stepMm: number): string =>
  pathOf(
    sampleCurve(points, stepMm, false).map(({ point }) => point),
    false,
  )
