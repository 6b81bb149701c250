import { measuresOf, type BuildId } from '../build'
import type { Join } from '../patterns'
import { merged, onBothSides, type BareView, type Drawing } from './bareView'
import { pathOf } from './curve'
import { buildFor } from './ears'
import type { Point } from './frames'
import { fringe } from './fringe'
import { FRONT, HOCKS, NECK_BEYOND, REAR, TAIL_REAR, TOP, UPPER_ARM, type Half } from './halves'
import { EYE, FLAT_EYE, earFrom, headFrontView, headPieces } from './headFront'
import type { LengthAt } from './lengthsAlong'
import { drawCells, halfPart, type Facing, type PlaceHalf } from './mirrored'
import { remembered, statureKey } from './remembered'
import { boxOf, coated, screen, type Cut, type FigureDog, type FigureView, type ViewId } from './view'

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
/** Hair inside an ear lies against the cheek: this share of it shows in front of the face. By eye. */
const INNER_EAR = 0.12
/** A tail carried above this angle is seen standing from behind, degrees. */
const CARRIED = 30

/** Views that are drawn from halves. */
type OtherId = Exclude<ViewId, 'side' | 'head-side'>

const BLENDED = (): Join => 'blend'

/**
 * Draws the dog from the front, from behind, from above, or its head from the front; both sides take their own lengths.
 * From the front and on the head the dog's right is at the viewer's left.
 */
export function otherView(
  view: OtherId,
  dog: FigureDog,
  lengthAt: LengthAt,
  { joinOf = BLENDED, shapeOf }: Cut = {},
): FigureView {
  const measures = measuresOf(dog)
  const bare = bareView(`${view} ${statureKey(dog)}`, view, {
    id: dog.build,
    build: buildFor(dog),
    measures,
    stepMm: measures.height * STEP,
  })
  const options = {
    dog,
    lengthAt,
    joinOf,
    heightMm: measures.height,
    ...(shapeOf ? { shapeOf } : {}),
    ...(view === 'top' ? { fromAbove: true } : {}),
  }
  const onEar: LengthAt = (zone, side) => lengthAt(zone, side) * (zone === 'ear-in' ? INNER_EAR : 1)
  const bodies = bare.parts.map(({ skin, facts }) =>
    coated(skin, facts.id.startsWith('ear') ? { ...options, lengthAt: onEar } : options, facts),
  )
  const parts = bare.fringe ? [...bodies, fringe(bare.fringe, dog.coat, measures.height, lengthAt, shapeOf)] : bodies
  const head = parts.filter(({ id }) => bare.head.includes(id))
  const { cells, anchors, rightAnchors, eyes, nose, ink } = bare
  return {
    id: view,
    parts,
    cells,
    anchors,
    rightAnchors,
    eyes,
    nose,
    ink,
    heightMm: measures.height,
    eyeMm: measures.skull * EYE * (dog.faceShape === 'flat' ? FLAT_EYE : 1),
    box: boxOf(parts.flatMap(({ outline }) => outline)),
    headBox: head.length === 0 ? null : boxOf(head.flatMap(({ outline }) => outline)),
  }
}

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

const headMiddle = ({ measures }: Drawing, place: PlaceHalf): Point => ({
  x: 0,
  y: place(0, 1 + NECK_RISE).y - measures.skull * HEAD_DOWN,
})

function frontView(drawing: Drawing): BareView {
  const { stepMm } = drawing
  const facing: Facing = { positive: 'left' }
  const place = uprightPlace(drawing)
  const body = halfPart(FRONT.body, place, facing, stepMm, { id: 'body', place: 'near', ground: 'chest' })
  const cells = drawCells(FRONT.cells, 'body', place, facing, stepMm * 3)
  const head = headPieces(drawing, headMiddle(drawing, place))
  const toes = [0.09, 0.107, 0.124]
    .flatMap((x) => [x, -x])
    .map((x) => pathOf([place(x, 0.004), place(x * 0.99, 0.05)], false))
  const arms = onBothSides(UPPER_ARM, place, stepMm)
  return merged([
    { ...cells, parts: [body], head: [], fringe: null, eyes: [], nose: '', ink: toes.join('') + arms },
    head,
  ])
}

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
  const tailAnchors = {
    tail: screen(tailPlace(0, 0.5)),
    'tail-base': screen(tailPlace(0, 0.08)),
    'tail-tip': screen(tailPlace(0, 0.88)),
    rump: screen(place(0.08, 0.88)),
  }
  const neck = halfPart(NECK_BEYOND, place, facing, stepMm, { id: 'neck', place: 'far', ground: 'neck' })
  const head = headPieces(drawing, headMiddle(drawing, place)).parts.filter(({ facts }) => facts.id !== 'muzzle')
  const beyond = head.map(({ skin, facts }) => ({ skin, facts: { ...facts, place: 'far' as const } })).reverse()
  return {
    ...cells,
    anchors: { ...cells.anchors, ...tailAnchors },
    parts: [...beyond, neck, body, tail],
    head: [],
    fringe: null,
    eyes: [],
    nose: '',
    ink,
  }
}

/** A head and tail from above, in skulls and tails along the middle line. */
const HEAD_TOP: Half = [
  [0, 0.05, 'neck'],
  [0.3, 0.02, 'skull'],
  [0.43, -0.3, 'skull'],
  [0.41, -0.65, 'skull'],
  [0.3, -0.92, 'brow'],
  [0.19, -1.02, 'muzzle'],
  [0.18, -1.5, 'muzzle'],
  [0.13, -1.88, 'muzzle'],
  [0, -1.96, 'muzzle'],
]

/** From above the neck goes from the head to here, in lengths from the breastbone; across in the body's own measure. By eye. */
const NECK_IN = 0.16
const NECK_TOP: Half = [
  [0, 0, 'neck'],
  [0.07, 0.02, 'neck'],
  [0.082, 0.4, 'neck'],
  [0.1, 1, 'neck'],
  [0, 1.05, 'neck'],
]

function topView(drawing: Drawing): BareView {
  const { id, build, measures, stepMm } = drawing
  const { length, neck, skull, muzzle, tail, earLeather } = measures
  const facing: Facing = { positive: 'right' }
  const broad = BROAD[id] * (measures.height / length)
  const ahead = -neck * Math.cos((build.pose.neckAngle * Math.PI) / 180) * 0.5
  const place: PlaceHalf = (across, along) => ({ x: along * length, y: across * length * broad })
  const headPlace: PlaceHalf = (across, along) => ({
    x: ahead + (along < -1 ? -skull + (along + 1) * muzzle : along * skull),
    y: across * skull,
  })
  const reach = Math.max(0.25, Math.cos((build.pose.tailAngle * Math.PI) / 180)) * tail
  const tailPlace: PlaceHalf = (across, along) => ({ x: length - 6 + along * reach, y: across * tail })
  const body = halfPart(TOP.body, place, facing, stepMm, { id: 'body', place: 'near', ground: 'back' })
  const cells = drawCells(TOP.cells, 'body', place, facing, stepMm * 3)
  const neckPlace: PlaceHalf = (across, along) => ({
    x: ahead + along * (NECK_IN * length - ahead),
    y: across * length * broad,
  })
  const nape = halfPart(NECK_TOP, neckPlace, facing, stepMm, { id: 'neck', place: 'near', ground: 'neck' })
  const head = halfPart(HEAD_TOP, headPlace, facing, stepMm, { id: 'head', place: 'over', ground: 'skull' })
  const ears = ([1, -1] as const).map((sign) =>
    earFrom(
      sign,
      { x: ahead - skull * 0.35, y: sign * skull * 0.4 },
      'top',
      drawing,
      sign === 1 ? 'right' : 'left',
      earLeather,
    ),
  )
  const end = halfPart(TAIL_REAR, tailPlace, facing, stepMm, { id: 'tail', place: 'near', ground: 'tail' })
  const anchors = {
    ...cells.anchors,
    back: screen(place(0, 0.5)),
    skull: screen(headPlace(0, -0.5)),
    muzzle: screen(headPlace(0.05, -1.5)),
    tail: screen(tailPlace(0, 0.5)),
  }
  return {
    ...cells,
    anchors,
    parts: build.ear === 'pricked' ? [end, nape, body, head, ...ears] : [end, nape, body, ...ears, head],
    head: [],
    fringe: null,
    eyes: [],
    nose: '',
    ink: '',
  }
}
