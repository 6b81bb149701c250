import { measuresOf, visorToEyeMm, type BuildId, type EarSet, type Measures } from '../build'
import type { Join } from '../patterns'
import type { Side } from '../zones'
import type { Build } from './builds'
import { pathOf, sampleCurve } from './curve'
import { buildFor } from './ears'
import type { Point } from './frames'
import { fringe, type FringeRoot } from './fringe'
import { BREAST, EAR_FRONT, FRONT, HEAD_FRONT, HOCKS, REAR, TAIL_REAR, TOP, type Half } from './halves'
import type { LengthAt } from './lengthsAlong'
import { drawCells, halfPart, type BarePart, type DrawnCells, type Facing, type PlaceHalf } from './mirrored'
import { remembered, statureKey } from './remembered'
import { boxOf, coated, screen, skinOf, type Cut, type FigureDog, type FigureView, type ViewId } from './view'

/** How broad a build is against a square dog of its height. By eye. */
const BROAD: Record<BuildId, number> = {
  square: 1.15,
  'long-low': 1.5,
  toy: 1.2,
  sporting: 1.08,
  racy: 0.95,
  heavy: 1.3,
}
/** The elbow of the drawn halves, in heights. */
const ELBOW = 0.548
/** The neck of the drawn halves rises this much above the withers, in heights. */
const NECK_RISE = 0.33
const STEP = 1 / 90
/** An eye's radius from the front, in skulls. */
const EYE = 0.045
/** The eyes above the middle of the head, in skulls. */
const EYES_UP = 0.03
/** How high ears are set on a head seen from the front, in skulls. By eye. */
const EAR_ROOT: Record<EarSet, number> = { drop: 0.26, rose: 0.3, folded: 0.36, pricked: 0.4 }
/** A tail carried above this angle is seen standing from behind, degrees. */
const CARRIED = 30

/** Views that are drawn from halves. */
type OtherId = Exclude<ViewId, 'side' | 'head-side'>

interface Drawing {
  id: BuildId
  build: Build
  measures: Measures
  stepMm: number
}

/** A view before its coat. */
interface BareView extends DrawnCells {
  parts: BarePart[]
  /** Parts that make up the head, where this view can go close to it. */
  head: readonly string[]
  fringe: FringeRoot | null
  eyes: Point[]
  nose: string
  ink: string
}

const BLENDED = (): Join => 'blend'

/**
 * Draws the dog from the front, from behind, from above, or its head from the front; both sides take their own lengths.
 * From the front and on the head the dog's right is at the viewer's left.
 */
export function otherView(view: OtherId, dog: FigureDog, lengthAt: LengthAt, { joinOf = BLENDED, shapeOf }: Cut = {}): FigureView {
  const measures = measuresOf(dog)
  const bare = bareView(`${view} ${statureKey(dog)}`, view, { id: dog.build, build: buildFor(dog), measures, stepMm: measures.height * STEP })
  const options = { dog, lengthAt, joinOf, heightMm: measures.height, ...(shapeOf ? { shapeOf } : {}), ...(view === 'top' ? { fromAbove: true } : {}) }
  const bodies = bare.parts.map(({ skin, facts }) => coated(skin, options, facts))
  const parts = bare.fringe ? [...bodies, fringe(bare.fringe, dog.coat, measures.height, lengthAt, shapeOf)] : bodies
  const head = parts.filter(({ id }) => bare.head.includes(id))
  const { cells, anchors, rightAnchors, eyes, nose, ink } = bare
  return {
    id: view, parts, cells, anchors, rightAnchors, eyes, nose, ink,
    heightMm: measures.height,
    eyeMm: measures.skull * EYE,
    box: boxOf(parts.flatMap(({ outline }) => outline)),
    headBox: head.length === 0 ? null : boxOf(head.flatMap(({ outline }) => outline)),
  }
} // prettier-ignore

const bareView = remembered((view: OtherId, drawing: Drawing): BareView => {
  if (view === 'front') return frontView(drawing)
  if (view === 'rear') return rearView(drawing)
  return view === 'top' ? topView(drawing) : headFrontView(drawing)
})

/** Front and rear share a frame: x in heights by breadth, y bent so that the elbow is where this dog has it. */
function uprightPlace({ id, build, measures }: Drawing): PlaceHalf {
  const { height, chestDepth, neck } = measures
  const elbow = (height - chestDepth) / height
  const rise = (neck * Math.sin((build.pose.neckAngle * Math.PI) / 180)) / height
  const up = (y: number): number => {
    if (y > 1) return 1 + ((y - 1) / NECK_RISE) * rise
    return y <= ELBOW ? (y / ELBOW) * elbow : elbow + ((y - ELBOW) / (1 - ELBOW)) * (1 - elbow)
  }
  return (x, y) => ({ x: x * height * BROAD[id], y: up(y) * height })
}

function frontView(drawing: Drawing): BareView {
  const { measures, stepMm } = drawing
  const facing: Facing = { positive: 'left' }
  const place = uprightPlace(drawing)
  const body = halfPart(FRONT.body, place, facing, stepMm, { id: 'body', place: 'near', ground: 'chest' })
  const cells = drawCells(FRONT.cells, 'body', place, facing, stepMm * 3)
  const top = place(0, 1 + NECK_RISE)
  const head = headPieces(drawing, { x: 0, y: top.y + measures.skull * 0.18 })
  const toes = [0.09, 0.107, 0.124].flatMap((x) => [x, -x]).map((x) => pathOf([place(x, 0.004), place(x * 0.99, 0.05)], false))
  const forechest = curvePath(BREAST.map(([x, y]) => place(x, y)), stepMm)
  return merged([{ ...cells, parts: [body], head: [], fringe: null, eyes: [], nose: '', ink: toes.join('') + forechest }, head])
} // prettier-ignore

function rearView(drawing: Drawing): BareView {
  const { build, measures, stepMm } = drawing
  const facing: Facing = { positive: 'right' }
  const place = uprightPlace(drawing)
  const body = halfPart(REAR.body, place, facing, stepMm, { id: 'body', place: 'near', ground: 'rump' })
  const cells = drawCells(REAR.cells, 'body', place, facing, stepMm * 3)
  const root = place(0, 0.95)
  const up = build.pose.tailAngle > CARRIED ? 1 : -1
  const tailPlace: PlaceHalf = (x, y) => ({ x: x * measures.tail, y: Math.max(0, root.y + up * y * measures.tail) })
  const tail = halfPart(TAIL_REAR, tailPlace, facing, stepMm, { id: 'tail', place: 'over', ground: 'tail' })
  const ink = [1, -1]
    .map((sign) =>
      curvePath(
        HOCKS.map(([x, y]) => place(sign * x, y)),
        stepMm,
      ),
    )
    .join('')
  const tailAnchors = { tail: screen(tailPlace(0, 0.5)), 'tail-base': screen(tailPlace(0, 0.08)), 'tail-tip': screen(tailPlace(0, 0.88)), rump: screen(place(0.08, 0.88)) } // prettier-ignore
  return { ...cells, anchors: { ...cells.anchors, ...tailAnchors }, parts: [body, tail], head: [], fringe: null, eyes: [], nose: '', ink } // prettier-ignore
}

/** A head and tail from above, in skulls and tails along the middle line. */
const HEAD_TOP: Half = [
  [0, 0.05, 'neck'], [0.3, 0.02, 'skull'], [0.43, -0.3, 'skull'], [0.41, -0.65, 'skull'], [0.3, -0.92, 'brow'], [0.19, -1.02, 'muzzle'],
  [0.18, -1.5, 'muzzle'], [0.13, -1.88, 'muzzle'], [0, -1.96, 'muzzle'],
] // prettier-ignore

function topView(drawing: Drawing): BareView {
  const { id, build, measures, stepMm } = drawing
  const { length, neck, skull, muzzle, tail, earLeather } = measures
  const facing: Facing = { positive: 'right' }
  const broad = BROAD[id] * (measures.height / length)
  const place: PlaceHalf = (across, along) => ({ x: along * length, y: across * length * broad })
  const ahead = -neck * Math.cos((build.pose.neckAngle * Math.PI) / 180) * 0.5
  const headPlace: PlaceHalf = (across, along) => ({ x: ahead + (along < -1 ? -skull + (along + 1) * muzzle : along * skull), y: across * skull })
  const reach = Math.max(0.25, Math.cos((build.pose.tailAngle * Math.PI) / 180)) * tail
  const tailPlace: PlaceHalf = (across, along) => ({ x: length - 6 + along * reach, y: across * tail })
  const body = halfPart(TOP.body, place, facing, stepMm, { id: 'body', place: 'near', ground: 'back' })
  const cells = drawCells(TOP.cells, 'body', place, facing, stepMm * 3)
  const head = halfPart(HEAD_TOP, headPlace, facing, stepMm, { id: 'head', place: 'over', ground: 'skull' })
  const ears = ([1, -1] as const).map((sign) => earFrom(sign, { x: ahead - skull * 0.35, y: sign * skull * 0.4 }, 'top', drawing, sign === 1 ? 'right' : 'left', earLeather))
  const end = halfPart(TAIL_REAR, tailPlace, facing, stepMm, { id: 'tail', place: 'near', ground: 'tail' })
  const anchors = { ...cells.anchors, back: screen(place(0, 0.5)), skull: screen(headPlace(0, -0.5)), muzzle: screen(headPlace(0.05, -1.5)), tail: screen(tailPlace(0, 0.5)) }
  return { ...cells, anchors, parts: [end, body, head, ...ears], head: [], fringe: null, eyes: [], nose: '', ink: '' }
} // prettier-ignore

const headFrontView = (drawing: Drawing): BareView => headPieces(drawing, { x: 0, y: drawing.measures.skull })

/** The head from the front about a middle: skull, ears, muzzle, eyes and nose. */
function headPieces(drawing: Drawing, middle: Point): BareView {
  const { build, measures, stepMm } = drawing
  const facing: Facing = { positive: 'left' }
  const place: PlaceHalf = (x, y) => ({ x: middle.x + x * measures.skull, y: middle.y + y * measures.skull })
  const skull = halfPart(HEAD_FRONT.skull, place, facing, stepMm, { id: 'skull', place: 'over', ground: 'skull' })
  const muzzle = halfPart(HEAD_FRONT.muzzle, place, facing, stepMm, { id: 'muzzle', place: 'over', ground: 'muzzle' })
  const rootY = EAR_ROOT[build.ear]
  const ears = ([1, -1] as const).map((sign) => earFrom(sign, place(sign * (build.ear === 'drop' ? 0.36 : 0.26), rootY), 'front', drawing, sign === 1 ? 'left' : 'right', measures.earLeather))
  const cells = [drawCells(HEAD_FRONT.skullCells, 'skull', place, facing, stepMm), drawCells(HEAD_FRONT.muzzleCells, 'muzzle', place, facing, stepMm)]
  const standing = build.ear === 'pricked'
  const nose = [[-0.085, -0.14], [0.085, -0.14], [0.07, -0.23], [0, -0.27], [-0.07, -0.23]] as const
  const nosePath = pathOf(sampleCurve(nose.map(([x, y]) => place(x, y)), stepMm / 2, true).map(({ point }) => point))
  const ear = (sign: 1 | -1) => screen(place(sign * 0.47, standing ? 0.75 : -0.25))
  return {
    ...merged(cells.map((each) => ({ ...each, parts: [], head: [], fringe: null, eyes: [], nose: '', ink: '' }))),
    parts: standing ? [...ears, skull, muzzle] : [skull, ...ears, muzzle],
    head: ['skull', 'muzzle', 'ear-left', 'ear-right', 'fringe'],
    fringe: { eyes: place(0, EYES_UP + EYE), skullMm: measures.skull, toEyeMm: visorToEyeMm(measures) },
    eyes: [screen(place(0.19, EYES_UP)), screen(place(-0.19, EYES_UP))],
    nose: nosePath,
    ink: pathOf([place(0, -0.27), place(0, -0.4)], false) + curvePath([place(-0.13, -0.46), place(0, -0.4), place(0.13, -0.46)], stepMm),
    anchors: { ...cells[0]?.anchors, ...cells[1]?.anchors, skull: screen(place(0, 0.38)), visor: screen(place(0, 0.24)), 'ear-edge': ear(1), muzzle: screen(place(0.14, -0.32)) },
    rightAnchors: { ...cells[0]?.rightAnchors, 'ear-edge': ear(-1), muzzle: screen(place(-0.14, -0.32)) },
  }
} // prettier-ignore

const curvePath = (points: readonly Point[], stepMm: number): string =>
  pathOf(sampleCurve(points, stepMm, false).map(({ point }) => point), false) // prettier-ignore

/** One ear by its root; from above a hanging ear is seen along its width only. */
function earFrom(sign: 1 | -1, root: Point, from: 'front' | 'top', { build, stepMm }: Drawing, side: Side, leatherMm: number): BarePart {
  const shape = EAR_FRONT[build.ear]
  const points = shape.map(([x, y, zone]) => {
    const point = from === 'front'
      ? { x: root.x + sign * x * leatherMm, y: root.y + y * leatherMm }
      : { x: root.x - y * leatherMm * (build.ear === 'pricked' ? 0.2 : 0.28), y: root.y + sign * x * leatherMm * 0.8 }
    return { point, zone, side }
  })
  return { skin: skinOf(points, stepMm, { from: root, to: { x: root.x, y: root.y - leatherMm } }), facts: { id: `ear-${side}`, place: build.ear === 'pricked' ? 'over' : 'top', ground: 'ear-out', side } }
} // prettier-ignore

function merged(pieces: readonly BareView[]): BareView {
  return {
    parts: pieces.flatMap(({ parts }) => parts),
    head: pieces.flatMap(({ head }) => head),
    fringe: pieces.find((piece) => piece.fringe)?.fringe ?? null,
    cells: pieces.flatMap(({ cells }) => cells),
    anchors: Object.assign({}, ...pieces.map(({ anchors }) => anchors)),
    rightAnchors: Object.assign({}, ...pieces.map(({ rightAnchors }) => rightAnchors)),
    eyes: pieces.flatMap(({ eyes }) => eyes),
    nose: pieces.map(({ nose }) => nose).join(''),
    ink: pieces.map(({ ink }) => ink).join(''),
  }
}
