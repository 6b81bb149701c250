import { COAT_FACTS } from '../../coat'
import type { DrawOptions, FigurePart } from '../view'
import { grown, lineAt, mass, type Spot } from './mass'
import type { Face } from './measures'

/** Half its width, and how far its root sinks toward its ends, in half breadths. By eye. */
const HALF = 0.76
const SINKS = 0.2
/** Its root lies on the skull, no higher than this share of the dome. By eye. */
const ON_SKULL = 0.84
/** It is never drawn thinner than this below its root, nor lower than so far under the eyes. By eye. */
const LEAST = 0.06
const MOST = 1.5
/** Over the eye it lets the eye be told through it. By eye. */
export const SEEN_THROUGH = 0.82

/** How far above a straight edge a shape lifts the visor, from the middle (0) to the eye corner (1). By eye. */
const LIFT: Record<string, (out: number) => number> = {
  arch: (out) => 0.2 * (1 - out * out),
  round: (out) => 0.12 * (1 - out * out),
  dome: (out) => 0.12 * (1 - out * out),
  V: (out) => 0.36 * (1 - out),
}
/** Hanging hair that nobody cut to a line parts in the middle: of what is below the eye this is left there. By eye. */
const PARTS = 0.72
/** Beyond this of its half breadth it hangs as long as it is. By eye. */
const PARTED_TO = 0.7
/** Toward its ends it runs out to nothing, the later the higher this is. By eye. */
const ENDS = 12
const STEPS = [1, 0.75, 0.5, 0.25, 0, -0.25, -0.5, -0.75, -1] as const

/** Hair from above the eyes, falling over the brow: its lower edge comes down as it grows, straight, to a shape, or parted. */
export function visor(face: Face, { dog, heightMm, lengthAt, shapeOf }: DrawOptions): FigurePart {
  const lengthMm = lengthAt('visor')
  const { visorRoot, dome, eye, unitMm } = face
  const low = visorRoot - lengthMm / unitMm
  const below = Math.max(0, eye - low)
  const shape = shapeOf?.('visor') ?? null
  const hangs = 1 - COAT_FACTS[dog.coat].stands
  const lift = (out: number): number =>
    shape === null ? hangs * PARTS * below * Math.max(0, 1 - out / PARTED_TO) ** 1.4 : (LIFT[shape]?.(out) ?? 0)
  const root = (out: number) => Math.min(visorRoot, ON_SKULL * dome) - SINKS * out * out
  const edge = STEPS.map((out): Spot => {
    const away = Math.abs(out)
    const droops = 0.12 * below * (1 - away)
    const end = Math.min(root(out) - LEAST, low + lift(away) - droops)
    return [out * HALF, Math.max(-MOST, end + (root(out) - end) * away ** ENDS)]
  })
  const top = [-0.75, -0.4, 0, 0.4, 0.75].map((out): Spot => [out * HALF, root(out)])
  const strands = [-0.8, -0.5, -0.2, 0.2, 0.5, 0.8].map((out): Spot[] => {
    const end = low + lift(Math.abs(out)) + 0.05
    return [
      [out * HALF * 0.7, root(out) - 0.06],
      [out * HALF, Math.min(root(out) - 0.07, Math.max(-MOST + 0.05, end))],
    ]
  })
  return mass(face, dog.coat, heightMm, {
    id: 'fringe',
    place: 'fringe',
    ground: 'visor',
    lengthMm,
    corners: [...top, ...edge],
    hem: edge,
    ...(hangs > 0.5 ? { strands } : {}),
    weight: lineAt(lengthMm, 9),
    opacity: 1 - (1 - SEEN_THROUGH) * grown(below, 0.1),
  })
}
