import type { CoatId } from '../coat'
import { pathOf, sampleCurve } from './curve'
import type { Point } from './frames'
import type { LengthAt } from './lengthsAlong'
import { edgePath } from './texture'
import { curlScale, type FigurePart, type ShapeOf } from './view'

/** Where the fringe grows on a head seen from the front. */
export interface FringeRoot {
  /** The middle between the eyes' upper edges. */
  eyes: Point
  skullMm: number
  /** A visor this long comes down to the eyes, mm. */
  toEyeMm: number
}

/** Half its width, its top at the sides and in the middle, above the eyes, in skulls. By eye. */
const HALF = 0.33
const TOP = { side: 0.12, middle: 0.22 }
/** It is never drawn thinner than this below its top, nor longer than the face, in skulls. */
const LEAST = 0.03
const MOST = 0.62

/** How far above a straight edge a shape lifts the fringe, in skulls, from the middle (0) to the eye corner (1). By eye. */
const LIFT: Record<string, (out: number) => number> = {
  arch: (out) => 0.09 * (1 - out * out),
  round: (out) => 0.05 * (1 - out * out),
  dome: (out) => 0.05 * (1 - out * out),
  V: (out) => 0.16 * (1 - out),
}
const STEPS = [1, 0.75, 0.5, 0.25, 0, -0.25, -0.5, -0.75, -1] as const

/** Hair from above the eyes, falling over the brow: its lower edge comes down as it grows, straight or to a shape. */
export function fringe(
  { eyes, skullMm, toEyeMm }: FringeRoot,
  coat: CoatId,
  heightMm: number,
  lengthAt: LengthAt,
  shapeOf?: ShapeOf,
): FigurePart {
  const lengthMm = lengthAt('visor')
  const lift = LIFT[shapeOf?.('visor') ?? ''] ?? (() => 0)
  const low = (toEyeMm - lengthMm) / skullMm
  const at = (out: number, up: number): Point => ({ x: eyes.x + out * HALF * skullMm, y: eyes.y + up * skullMm })
  const top = [
    at(-1, TOP.side),
    at(-0.55, TOP.middle - 0.02),
    at(0, TOP.middle),
    at(0.55, TOP.middle - 0.02),
    at(1, TOP.side),
  ]
  const edge = STEPS.map((out) => {
    const under = TOP.middle - (TOP.middle - TOP.side) * out * out - LEAST
    return at(out, Math.max(-MOST, Math.min(under, low + lift(Math.abs(out)))))
  })
  const outline = sampleCurve([...top, ...edge].reverse(), skullMm / 30, true).map(({ point }) => ({
    ...point,
    lengthMm,
  }))
  const hem = pathOf(
    sampleCurve(edge, skullMm / 30, false).map(({ point }) => point),
    false,
  )
  return {
    id: 'fringe',
    place: 'fringe',
    ground: 'visor',
    skin: hem,
    coat: edgePath(outline, coat, curlScale(heightMm)),
    outline,
  }
}
