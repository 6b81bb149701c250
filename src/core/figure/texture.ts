import type { CoatId } from '../coat'
import { distance, pathOf, tenth } from './curve'
import type { CoatPoint } from './coatLine'
import type { Point } from './frames'

/** Scallops of standing curls: step along the edge and how far they bulge, mm on a dog of half a metre. By eye. */
const SCALLOP: Partial<Record<CoatId, { stepMm: number; bulge: number }>> = {
  curly: { stepMm: 9, bulge: 0.24 },
  cotton: { stepMm: 12, bulge: 0.13 },
  fleece: { stepMm: 15, bulge: 0.16 },
}

/** Hanging hair ends in locks below, wire stands in points all round: step and depth, mm on a dog of half a metre. By eye. */
const POINTS: Partial<Record<CoatId, { stepMm: number; deep: number; onlyBelow: boolean }>> = {
  drop: { stepMm: 9, deep: 5, onlyBelow: true },
  silky: { stepMm: 10, deep: 6, onlyBelow: true },
  wire: { stepMm: 6, deep: 1.6, onlyBelow: false },
}
/** Points are as deep as that on hair so long and longer, mm. By eye. */
const FULL_POINTS_MM = 40

/** Coat shorter than this shows no scallops, mm. */
const SMOOTH_BELOW_MM = 2.5

/**
 * The coat's edge as a path: scallops for curly kinds, locks where long hair hangs, points of wire, plain otherwise. Seen area stays as it is on average.
 * @param scale dog height against half a metre, so that small dogs have small curls
 * @param floorMm where the floor is: hair that lies on it has no curls there
 */
export function edgePath(edge: readonly CoatPoint[], coat: CoatId, scale: number, floorMm = 0): string {
  const points = POINTS[coat]
  if (points) return pointedPath(edge, points, scale, floorMm)
  const kind = SCALLOP[coat]
  if (!kind) return pathOf(edge)
  const step = kind.stepMm * scale
  let walked = 0
  let from: Point = edge[0] as CoatPoint
  let path = `M${tenth(from.x)} ${tenth(-from.y)}`
  for (let index = 1; index <= edge.length; index++) {
    const point = edge[index % edge.length] as CoatPoint
    const before = edge[index - 1] as CoatPoint
    const after = edge[(index + 1) % edge.length] as CoatPoint
    walked += distance(point, before)
    const straight = point.lengthMm < SMOOTH_BELOW_MM || (point.y === floorMm && before.y === floorMm)
    const floorNext = point.y === floorMm && after.y === floorMm
    if (!straight && !floorNext && walked < step && index < edge.length) continue
    const chord = distance(from, point)
    if (straight || chord < 0.5) path += `L${tenth(point.x)} ${tenth(-point.y)}`
    else path += `Q${bulgePoint(from, point, chord * kind.bulge * 2)} ${tenth(point.x)} ${tenth(-point.y)}`
    from = point
    walked = 0
  }
  return `${path}Z`
}

function bulgePoint(from: Point, to: Point, depth: number): string {
  const chord = distance(from, to)
  const x = (from.x + to.x) / 2 + ((to.y - from.y) / chord) * depth
  const y = (from.y + to.y) / 2 - ((to.x - from.x) / chord) * depth
  return `${tenth(x)} ${tenth(-y)}`
}

/** An edge that breaks into points: every other one stands out by what its hair allows. */
function pointedPath(
  edge: readonly CoatPoint[],
  { stepMm, deep, onlyBelow }: NonNullable<(typeof POINTS)[CoatId]>,
  scale: number,
  floorMm: number,
): string {
  const step = stepMm * scale * 0.5
  let walked = 0
  let out = true
  let path = ''
  edge.forEach((point, at) => {
    const before = edge[(at - 1 + edge.length) % edge.length] as CoatPoint
    const after = edge[(at + 1) % edge.length] as CoatPoint
    walked += distance(point, before)
    const long = distance(before, after) || 1
    const [right, up] = [(after.x - before.x) / long, (after.y - before.y) / long]
    const hangs = onlyBelow ? Math.max(0, right - 0.3) : 1
    let depth = 0
    if (walked >= step) {
      out = !out
      walked = 0
      if (out && point.y !== floorMm) depth = deep * scale * hangs * Math.min(1, point.lengthMm / FULL_POINTS_MM) ** 0.7
    }
    path += `${path === '' ? 'M' : 'L'}${tenth(point.x + up * depth)} ${tenth(-(point.y - right * depth))}`
  })
  return `${path}Z`
}
