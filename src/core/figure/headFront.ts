import { visorToEyeMm, type EarSet } from '../build'
import type { Side } from '../zones'
import { curvePath, merged, type BareView, type Drawing } from './bareView'
import { pathOf, sampleCurve } from './curve'
import type { Point } from './frames'
import { EAR_FRONT, HEAD_FRONT } from './halves'
import { drawCells, halfPart, type BarePart, type Facing, type PlaceHalf } from './mirrored'
import { screen, skinOf } from './view'

/** An eye's radius from the front, in skulls. */
export const EYE = 0.045
/** The eyes above the middle of the head, in skulls. */
const EYES_UP = 0.03
/** A flat face has larger eyes. By eye. */
export const FLAT_EYE = 1.3
/** How wide, how far down and how deep a muzzle lies in the face seen from the front, and how far the eyes stand apart, in skulls. By eye. */
const LONG = { wide: 1, top: 0, high: 1, eyes: 0.19 }
const FLAT = { wide: 1.3, top: 0.02, high: 0.7, eyes: 0.22 }
/** How high ears are set on a head seen from the front, in skulls. By eye. */
const EAR_ROOT: Record<EarSet, number> = { drop: 0.26, rose: 0.3, folded: 0.36, pricked: 0.4 }
export const headFrontView = (drawing: Drawing): BareView => headPieces(drawing, { x: 0, y: drawing.measures.skull })

/** The head from the front about a middle: skull, ears, muzzle, eyes and nose. */
export function headPieces(drawing: Drawing, middle: Point): BareView {
  const { build, measures, stepMm } = drawing
  const face = build.flat ? FLAT : LONG
  const facing: Facing = { positive: 'left' }
  const place: PlaceHalf = (x, y) => ({ x: middle.x + x * measures.skull, y: middle.y + y * measures.skull })
  const placeMuzzle: PlaceHalf = (x, y) => place(x * face.wide, face.top + y * face.high)
  const skull = halfPart(HEAD_FRONT.skull, place, facing, stepMm, { id: 'skull', place: 'over', ground: 'skull' })
  const muzzle = halfPart(HEAD_FRONT.muzzle, placeMuzzle, facing, stepMm, {
    id: 'muzzle',
    place: 'over',
    ground: 'muzzle',
  })
  const rootY = EAR_ROOT[build.ear]
  const ears = ([1, -1] as const).map((sign) =>
    earFrom(
      sign,
      place(sign * (build.ear === 'drop' ? 0.4 : 0.26), rootY),
      'front',
      drawing,
      sign === 1 ? 'left' : 'right',
      measures.earLeather,
    ),
  )
  const cells = [
    drawCells(HEAD_FRONT.skullCells, 'skull', place, facing, stepMm),
    drawCells(HEAD_FRONT.muzzleCells, 'muzzle', placeMuzzle, facing, stepMm),
  ]
  const standing = build.ear === 'pricked'
  const nose = [
    [-0.085, -0.14],
    [0.085, -0.14],
    [0.07, -0.23],
    [0, -0.27],
    [-0.07, -0.23],
  ] as const
  const nosePath = pathOf(
    sampleCurve(
      nose.map(([x, y]) => placeMuzzle(x, y)),
      stepMm / 2,
      true,
    ).map(({ point }) => point),
  )
  const ear = (sign: 1 | -1) => screen(place(sign * 0.47, standing ? 0.75 : -0.25))
  return {
    ...merged(cells.map((each) => ({ ...each, parts: [], head: [], fringe: null, eyes: [], nose: '', ink: '' }))),
    parts: standing ? [...ears, skull, muzzle] : [skull, ...ears, muzzle],
    head: ['skull', 'muzzle', 'ear-left', 'ear-right', 'fringe'],
    fringe: { eyes: place(0, EYES_UP + EYE), skullMm: measures.skull, toEyeMm: visorToEyeMm(measures) },
    eyes: [screen(place(face.eyes, EYES_UP)), screen(place(-face.eyes, EYES_UP))],
    nose: nosePath,
    ink:
      pathOf([placeMuzzle(0, -0.27), placeMuzzle(0, -0.4)], false) +
      curvePath([placeMuzzle(-0.13, -0.46), placeMuzzle(0, -0.4), placeMuzzle(0.13, -0.46)], stepMm),
    anchors: {
      ...cells[0]?.anchors,
      ...cells[1]?.anchors,
      skull: screen(place(0, 0.38)),
      visor: screen(place(0, 0.24)),
      'ear-edge': ear(1),
      muzzle: screen(placeMuzzle(0.14, -0.32)),
    },
    rightAnchors: { ...cells[0]?.rightAnchors, 'ear-edge': ear(-1), muzzle: screen(placeMuzzle(-0.14, -0.32)) },
  }
}

/** One ear by its root; from above a hanging ear is seen along its width only. */
export function earFrom(
  sign: 1 | -1,
  root: Point,
  from: 'front' | 'top',
  { build, stepMm }: Drawing,
  side: Side,
  leatherMm: number,
): BarePart {
  const shape = EAR_FRONT[build.ear]
  const points = shape.map(([x, y, zone]) => {
    const point =
      from === 'front'
        ? { x: root.x + sign * x * leatherMm, y: root.y + y * leatherMm }
        : {
            x: root.x - y * leatherMm * (build.ear === 'pricked' ? 0.2 : 0.46),
            y: root.y + sign * x * leatherMm * (build.ear === 'pricked' ? 0.8 : 0.4),
          }
    return { point, zone, side }
  })
  return {
    skin: skinOf(points, stepMm, { from: root, to: { x: root.x, y: root.y - leatherMm } }),
    facts: {
      id: `ear-${side}`,
      place: build.ear === 'pricked' || from === 'top' ? 'over' : 'top',
      ground: 'ear-out',
      side,
    },
  }
}
