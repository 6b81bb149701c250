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

/** Coat shorter than this shows no scallops, mm. */
const SMOOTH_BELOW_MM = 2.5

/**
 * The coat's edge as a path: scallops for curly kinds, plain otherwise. Seen area stays as it is on average.
 * @param scale dog height against half a metre, so that small dogs have small curls
 * @param floorMm where the floor is: hair that lies on it has no curls there
 */
export function edgePath(edge: readonly CoatPoint[], coat: CoatId, scale: number, floorMm = 0): string {
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
