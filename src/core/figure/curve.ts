import type { Point } from './frames'

/**
 * Samples a smooth curve through points: centripetal Catmull-Rom, which makes no loops or cusps
 * (Yuksel, Schaefer and Keyser 2011, Computer-Aided Design), by Barry and Goldman's pyramid.
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
    const t1 = knot(a, b)
    const t2 = t1 + knot(b, c)
    const t3 = t2 + knot(c, d)
    for (let step = 0; step < steps; step++) {
      const t = t1 + ((t2 - t1) * step) / steps
      const ab = mix(a, b, 0, t1, t)
      const bc = mix(b, c, t1, t2, t)
      const cd = mix(c, d, t2, t3, t)
      samples.push({ point: mix(mix(ab, bc, 0, t2, t), mix(bc, cd, t1, t3, t), t1, t2, t), from })
    }
  }
  if (!closed) samples.push({ point: at(count - 1), from: count - 1 })
  return samples
}

/** Math.hypot is many times slower than this and guards against sizes that no dog has. */
export const distance = (a: Point, b: Point): number => Math.sqrt((a.x - b.x) ** 2 + (a.y - b.y) ** 2)

/** Centripetal spacing of knots; never nothing, so that two equal points do no harm. */
const knot = (from: Point, to: Point): number => Math.max(1e-6, Math.sqrt(distance(from, to)))

function mix(p: Point, q: Point, from: number, to: number, t: number): Point {
  const share = (t - from) / (to - from)
  return { x: p.x + (q.x - p.x) * share, y: p.y + (q.y - p.y) * share }
}

/** An SVG path in screen coordinates: y grows downward, tenths of a mm. */
export function pathOf(points: readonly Point[], closed = true): string {
  return (
    points.map(({ x, y }, index) => `${index === 0 ? 'M' : 'L'}${tenth(x)} ${tenth(-y)}`).join('') + (closed ? 'Z' : '')
  )
}

/** Rounded to a tenth of a mm: toFixed would make text of it twice. */
export const tenth = (value: number): number => Math.round(value * 10) / 10
