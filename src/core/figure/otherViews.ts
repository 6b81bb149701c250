import { measuresOf, visorToEyeMm, type BuildId, type EarSet, type Measures } from '../build'
import type { Join } from '../patterns'
import type { Side } from '../zones'
import type { Build } from './builds'
import { pathOf, sampleCurve } from './curve'
import { buildFor } from './ears'
import type { Point } from './frames'
import { fringe, type FringeRoot } from './fringe'
import { EAR_FRONT, FRONT, HEAD_FRONT, HOCKS, NECK_BEYOND, REAR, TAIL_REAR, TOP, UPPER_ARM, type Half } from './halves'
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
/** The middle of the head lies this much below its back, in skulls: it is carried forward and down. By eye. */
const HEAD_DOWN = 0.42
const STEP = 1 / 90
/** An eye's radius from the front, in skulls. */
const EYE = 0.045
/** The eyes above the middle of the head, in skulls. */
const EYES_UP = 0.03
/** How high ears are set on a head seen from the front, in skulls. By eye. */
const EAR_ROOT: Record<EarSet, number> = { drop: 0.26, rose: 0.3, folded: 0.36, pricked: 0.4 }
/** Hair inside an ear lies against the cheek: this share of it shows in front of the face. By eye. */
const INNER_EAR = 0.35
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
  const onEar: LengthAt = (zone, side) => lengthAt(zone, side) * (zone === 'ear-in' ? INNER_EAR : 1)
  const bodies = bare.parts.map(({ skin, facts }) => coated(skin, facts.id.startsWith('ear') ? { ...options, lengthAt: onEar } : options, facts))
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

const headMiddle = ({ measures }: Drawing, place: PlaceHalf): Point => ({ x: 0, y: place(0, 1 + NECK_RISE).y - measures.skull * HEAD_DOWN }) // prettier-ignore

function frontView(drawing: Drawing): BareView {
  const { stepMm } = drawing
  const facing: Facing = { positive: 'left' }
  const place = uprightPlace(drawing)
  const body = halfPart(FRONT.body, place, facing, stepMm, { id: 'body', place: 'near', ground: 'chest' })
  const cells = drawCells(FRONT.cells, 'body', place, facing, stepMm * 3)
  const head = headPieces(drawing, headMiddle(drawing, place))
  const toes = [0.09, 0.107, 0.124].flatMap((x) => [x, -x]).map((x) => pathOf([place(x, 0.004), place(x * 0.99, 0.05)], false))
  const arms = onBothSides(UPPER_ARM, place, stepMm)
  return merged([{ ...cells, parts: [body], head: [], fringe: null, eyes: [], nose: '', ink: toes.join('') + arms }, head])
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
  const ink = onBothSides(HOCKS, place, stepMm)
  const tailAnchors = { tail: screen(tailPlace(0, 0.5)), 'tail-base': screen(tailPlace(0, 0.08)), 'tail-tip': screen(tailPlace(0, 0.88)), rump: screen(place(0.08, 0.88)) } // prettier-ignore
  const neck = halfPart(NECK_BEYOND, place, facing, stepMm, { id: 'neck', place: 'far', ground: 'neck' })
  const head = headPieces(drawing, headMiddle(drawing, place)).parts.filter(({ facts }) => facts.id !== 'muzzle')
  const beyond = head.map(({ skin, facts }) => ({ skin, facts: { ...facts, place: 'far' as const } })).reverse()
  return { ...cells, anchors: { ...cells.anchors, ...tailAnchors }, parts: [...beyond, neck, body, tail], head: [], fringe: null, eyes: [], nose: '', ink } // prettier-ignore
}

/** A head and tail from above, in skulls and tails along the middle line. */
const HEAD_TOP: Half = [
  [0, 0.05, 'neck'], [0.3, 0.02, 'skull'], [0.43, -0.3, 'skull'], [0.41, -0.65, 'skull'], [0.3, -0.92, 'brow'], [0.19, -1.02, 'muzzle'],
  [0.18, -1.5, 'muzzle'], [0.13, -1.88, 'muzzle'], [0, -1.96, 'muzzle'],
] // prettier-ignore

/** From above the neck goes from the head to here, in lengths from the breastbone; across in the body's own measure. By eye. */
const NECK_IN = 0.16
const NECK_TOP: Half = [[0, 0, 'neck'], [0.07, 0.02, 'neck'], [0.082, 0.4, 'neck'], [0.1, 1, 'neck'], [0, 1.05, 'neck']] // prettier-ignore

function topView(drawing: Drawing): BareView {
  const { id, build, measures, stepMm } = drawing
  const { length, neck, skull, muzzle, tail, earLeather } = measures
  const facing: Facing = { positive: 'right' }
  const broad = BROAD[id] * (measures.height / length)
  const ahead = -neck * Math.cos((build.pose.neckAngle * Math.PI) / 180) * 0.5
  const place: PlaceHalf = (across, along) => ({ x: along * length, y: across * length * broad })
  const headPlace: PlaceHalf = (across, along) => ({ x: ahead + (along < -1 ? -skull + (along + 1) * muzzle : along * skull), y: across * skull })
  const reach = Math.max(0.25, Math.cos((build.pose.tailAngle * Math.PI) / 180)) * tail
  const tailPlace: PlaceHalf = (across, along) => ({ x: length - 6 + along * reach, y: across * tail })
  const body = halfPart(TOP.body, place, facing, stepMm, { id: 'body', place: 'near', ground: 'back' })
  const cells = drawCells(TOP.cells, 'body', place, facing, stepMm * 3)
  const neckPlace: PlaceHalf = (across, along) => ({ x: ahead + along * (NECK_IN * length - ahead), y: across * length * broad })
  const nape = halfPart(NECK_TOP, neckPlace, facing, stepMm, { id: 'neck', place: 'near', ground: 'neck' })
  const head = halfPart(HEAD_TOP, headPlace, facing, stepMm, { id: 'head', place: 'over', ground: 'skull' })
  const ears = ([1, -1] as const).map((sign) => earFrom(sign, { x: ahead - skull * 0.35, y: sign * skull * 0.4 }, 'top', drawing, sign === 1 ? 'right' : 'left', earLeather))
  const end = halfPart(TAIL_REAR, tailPlace, facing, stepMm, { id: 'tail', place: 'near', ground: 'tail' })
  const anchors = { ...cells.anchors, back: screen(place(0, 0.5)), skull: screen(headPlace(0, -0.5)), muzzle: screen(headPlace(0.05, -1.5)), tail: screen(tailPlace(0, 0.5)) }
  return { ...cells, anchors, parts: build.ear === 'pricked' ? [end, nape, body, head, ...ears] : [end, nape, body, ...ears, head], head: [], fringe: null, eyes: [], nose: '', ink: '' }
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

/** A line that stands on both sides of the middle. */
const onBothSides = (line: readonly (readonly [number, number])[], place: PlaceHalf, stepMm: number): string =>
  [1, -1].map((sign) => curvePath(line.map(([x, y]) => place(sign * x, y)), stepMm)).join('') // prettier-ignore

/** One ear by its root; from above a hanging ear is seen along its width only. */
function earFrom(sign: 1 | -1, root: Point, from: 'front' | 'top', { build, stepMm }: Drawing, side: Side, leatherMm: number): BarePart {
  const shape = EAR_FRONT[build.ear]
  const points = shape.map(([x, y, zone]) => {
    const point = from === 'front'
      ? { x: root.x + sign * x * leatherMm, y: root.y + y * leatherMm }
      : { x: root.x - y * leatherMm * (build.ear === 'pricked' ? 0.2 : 0.46), y: root.y + sign * x * leatherMm * (build.ear === 'pricked' ? 0.8 : 0.4) }
    return { point, zone, side }
  })
  return { skin: skinOf(points, stepMm, { from: root, to: { x: root.x, y: root.y - leatherMm } }), facts: { id: `ear-${side}`, place: build.ear === 'pricked' || from === 'top' ? 'over' : 'top', ground: 'ear-out', side } }
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
