import type { EarSet } from '../../build'
import type { Side, ZoneId } from '../../zones'
import { curvePath, pathOf, sampleCurve } from '../curve'
import type { LengthAt } from '../lengthsAlong'
import type { BarePart, DrawnCells } from '../mirrored'
import { inMirror, screen, skinOf, type FigureCell } from '../view'
import { atMost, type Spot } from './mass'
import type { Face } from './measures'

type EarPoint = readonly [number, number, ZoneId]

const hangs = (ears: EarSet): boolean => ears === 'drop' || ears === 'long'

/** A longer leather is broader, but not by as much: its breadth in half breadths of the skull. By eye. */
const broadOf = ({ ears, leather }: Face): number => (hangs(ears) ? 0.6 + 0.5 * leather : leather)

interface EarShape {
  /** Where it is hung on the head, in half breadths; a standing ear rises with the dome. */
  root: (face: Face) => Spot
  /** Its outline from there, in leathers, x outward. */
  points: readonly EarPoint[]
  /** Where callouts touch its edge and its outside, likewise. */
  edge: Spot
  out: Spot
}

/** Ears from the front, each hung where its kind hangs. All by eye. */
const EARS: Record<EarSet, EarShape> = {
  drop: {
    root: () => [0.92, 0.4],
    points: [
      [-0.1, 0.04, 'ear-out'],
      [0.02, 0.12, 'ear-out'],
      [0.16, 0.05, 'ear-out'],
      [0.27, -0.26, 'ear-out'],
      [0.3, -0.62, 'ear-edge'],
      [0.24, -0.9, 'ear-edge'],
      [0.1, -1, 'ear-edge'],
      [-0.04, -0.92, 'ear-in'],
      [-0.09, -0.62, 'ear-in'],
      [-0.11, -0.24, 'ear-in'],
    ],
    edge: [0.1, -0.86],
    out: [0.09, -0.34],
  },
  long: {
    root: () => [0.9, 0.14],
    points: [
      [-0.06, 0.1, 'ear-out'],
      [0.06, 0.12, 'ear-out'],
      [0.16, -0.04, 'ear-out'],
      [0.23, -0.36, 'ear-out'],
      [0.28, -0.72, 'ear-edge'],
      [0.22, -0.94, 'ear-edge'],
      [0.06, -1, 'ear-edge'],
      [-0.08, -0.92, 'ear-in'],
      [-0.1, -0.6, 'ear-in'],
      [-0.07, -0.2, 'ear-in'],
    ],
    edge: [0.12, -0.86],
    out: [0.1, -0.36],
  },
  pricked: {
    root: ({ dome }) => [0.62, 0.66 * dome],
    points: [
      [-0.27, -0.02, 'ear-in'],
      [-0.22, 0.24, 'ear-edge'],
      [-0.06, 0.62, 'ear-edge'],
      [0.05, 0.82, 'ear-edge'],
      [0.12, 0.62, 'ear-edge'],
      [0.24, 0.24, 'ear-edge'],
      [0.27, -0.1, 'ear-out'],
      [0.1, -0.24, 'ear-out'],
    ],
    edge: [0.05, 0.7],
    out: [0.02, 0.3],
  },
  folded: {
    root: ({ dome }) => [0.66, 0.6 * dome],
    points: [
      [-0.18, -0.03, 'ear-in'],
      [-0.12, 0.15, 'ear-out'],
      [0.07, 0.24, 'ear-out'],
      [0.3, 0.18, 'ear-out'],
      [0.41, 0.0, 'ear-edge'],
      [0.41, -0.19, 'ear-edge'],
      [0.33, -0.33, 'ear-edge'],
      [0.21, -0.24, 'ear-edge'],
      [0.07, -0.09, 'ear-in'],
    ],
    edge: [0.3, -0.2],
    out: [0.14, 0.1],
  },
  rose: {
    root: ({ dome }) => [0.74, 0.56 * dome],
    points: [
      [-0.16, 0.02, 'ear-in'],
      [-0.04, 0.18, 'ear-out'],
      [0.24, 0.16, 'ear-out'],
      [0.44, 0, 'ear-edge'],
      [0.46, -0.18, 'ear-edge'],
      [0.3, -0.2, 'ear-edge'],
      [0.06, -0.14, 'ear-in'],
    ],
    edge: [0.38, -0.08],
    out: [0.2, 0.06],
  },
}

/** Stands above the head, rather than hangs beside it. */
export const standsUp = (ears: EarSet): boolean => ears === 'pricked'

/** One ear before its hair. The right one is the left in a mirror, so that two that are cut alike are alike. */
export function earPart(face: Face, side: Side): BarePart {
  const { root, points } = EARS[face.ears]
  const [x, y] = root(face)
  const at = (out: number, up: number) => face.at(x + out * broadOf(face), y + up * face.leather)
  const outline = points.map(([out, up, zone]) => ({ point: at(out, up), zone, side }))
  const skin = skinOf(outline, face.stepMm, { from: at(0, 0), to: at(0, standsUp(face.ears) ? 1 : -1) })
  const facts = { id: `ear-${side}`, place: 'over', ground: 'ear-out', side } as const
  if (side === 'left') return { skin, facts }
  const mirrorAtMm = face.at(0, 0).x
  const bare = skin.samples.map(({ point }) => point)
  return { skin: { ...skin, path: pathOf(inMirror(bare, mirrorAtMm)) }, facts: { ...facts, mirrorAtMm } }
}

/** Lines along the hair of a hanging ear; none on one that stands, folds or is short. */
export function earStrands(face: Face, side: Side | undefined, lengthAt: LengthAt): string {
  const hair = lengthAt('ear-edge', side) / face.unitMm
  if (!hangs(face.ears)) return ''
  const [x, y] = EARS[face.ears].root(face)
  const sign = side === 'left' ? 1 : -1
  const rises = atMost(1.3 * hair, 0.7 * face.leather)
  return [-0.02, 0.06, 0.14, 0.2]
    .map((out) => {
      const across = x + out * broadOf(face)
      const low = y - 0.86 * face.leather - 0.7 * hair
      const spots = [low + rises + 0.7 * hair, low + rises * 0.5, low].map((up, at) =>
        face.at(sign * (across - 0.03 * (2 - at)), up),
      )
      return curvePath(spots, face.stepMm)
    })
    .join('')
}

/** The inside of an ear that stands, in leathers from its root. */
const INSIDE: readonly Spot[] = [
  [-0.13, 0.02],
  [-0.11, 0.22],
  [0.02, 0.6],
  [0.1, 0.3],
  [0.12, 0],
]

/** The fields of a face's ears: of one that stands its inside is seen. */
export function earCells(face: Face): FigureCell[] {
  if (!standsUp(face.ears)) return []
  const [x, y] = EARS[face.ears].root(face)
  return ([1, -1] as const).map((sign): FigureCell => {
    const side = sign === 1 ? 'left' : 'right'
    const corners = INSIDE.map(([out, up]) => face.at(sign * (x + out * face.leather), y + up * face.leather))
    const edge = sampleCurve(corners, face.stepMm, true).map(({ point }) => point)
    return { zone: 'ear-in', part: `ear-${side}`, side, field: pathOf(edge), seam: [] }
  })
}

/** Where the callouts of an ear touch it. */
export function earAnchors(face: Face, sign: 1 | -1): DrawnCells['anchors'] {
  const { root, edge, out, points } = EARS[face.ears]
  const [x, y] = root(face)
  const spot = ([across, up]: Spot) => screen(face.at(sign * (x + across * broadOf(face)), y + up * face.leather))
  const [across, up] = points.find(([, , zone]) => zone === 'ear-in') as EarPoint
  return { 'ear-edge': spot(edge), 'ear-out': spot(out), 'ear-in': spot([across, up]), 'ear-canal': spot([0, 0]) }
}

/** An ear's outline in leathers from its root, x outward. */
export const earPoints = (ears: EarSet): readonly EarPoint[] => EARS[ears].points
