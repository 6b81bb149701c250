import { onBothSides, type BareView } from './bareView'
import type { Drawing } from './drawing'
import { BROAD } from './breadth'
import { pathOf } from './curve'
import { bareFace, faceOf, type BareFace } from './face'
import { BREAST, FRONT, FRONT_LINES, NECK_BEYOND, REAR, REAR_LINES, TAIL_REAR } from './halves'
import { drawCells, halfPart, type BarePart, type Facing, type PlaceHalf } from './mirrored'
import { screen } from './view'

/** The elbow of the drawn halves, in heights. */
const ELBOW = 0.548
/** The neck of the drawn halves rises this much above the withers, in heights. */
const NECK_RISE = 0.33
/** The eyes lie this much below the back of the head, in skulls. By eye. */
const EYES_DOWN = 0.33
/** Legs end here, in heights, and their hair stays so far from the middle. By eye. */
const LEGS = { below: 0.46, apart: 0.005 }
/** A tail carried above this angle is seen standing from behind, degrees. */
const CARRIED = 30

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

/** The head is carried forward and down: the eyes lie so much below its back. */
const faceHere = (drawing: Drawing, place: PlaceHalf): BareFace =>
  bareFace(faceOf(drawing, { x: 0, y: place(0, 1 + NECK_RISE).y - drawing.measures.skull * EYES_DOWN }))

/** Where the hair of two legs meets. */
export const legsOf = (drawing: Drawing) => ({
  belowMm: uprightPlace(drawing)(0, LEGS.below).y,
  apartMm: drawing.measures.height * LEGS.apart,
})

/** A head alone hangs so high, in skulls, that no hair of it reaches the floor. */
const ABOVE_THE_FLOOR = 8

/** The head alone, from the front. */
export const headFrontView = (drawing: Drawing): BareView => {
  const face = bareFace(faceOf(drawing, { x: 0, y: ABOVE_THE_FLOOR * drawing.measures.skull }))
  return { ...face, parts: [], face, ink: '' }
}

/** A foreleg that is turned out turns from the wrist down, and its toes with it: so far, and from so high, in heights. By eye. */
const TURNS = { out: 0.03, from: 0.2 }

function frontPlace(drawing: Drawing): PlaceHalf {
  const place = uprightPlace(drawing)
  if (drawing.forelegs !== 'turned out') return place
  return (x, y) => place(x + Math.sign(x) * TURNS.out * Math.max(0, 1 - y / TURNS.from), y)
}

/** The dog from the front. */
export function frontView(drawing: Drawing): BareView {
  const { stepMm } = drawing
  const facing: Facing = { positive: 'left' }
  const place = frontPlace(drawing)
  const body = halfPart(FRONT.body, place, facing, stepMm, { id: 'body', place: 'near', ground: 'chest' })
  const cells = drawCells(FRONT.cells, 'body', place, facing, stepMm * 3)
  const breast = halfPart(BREAST, place, facing, stepMm, {
    id: 'breast',
    place: 'over',
    ground: 'chest',
    weight: 0.6,
    hemBelow: place(0, 0.68).y,
  })
  const face = faceHere(drawing, place)
  const toes = [0.09, 0.107, 0.124]
    .flatMap((x) => [x, -x])
    .map((x) => pathOf([place(x, 0.004), place(x * 0.99, 0.05)], false))
  return {
    cells: [...cells.cells, ...face.cells],
    anchors: { ...cells.anchors, ...face.anchors },
    rightAnchors: { ...cells.rightAnchors, ...face.rightAnchors },
    parts: [body, breast],
    face,
    ink: toes.join('') + FRONT_LINES.map((line) => onBothSides(line, place, stepMm)).join(''),
  }
}

/** A part of the face seen from the other side: what was at the viewer's right is at the left. */
const fromBehind = ({ skin, facts: { mirrorAtMm, ...facts } }: BarePart): BarePart => ({
  skin,
  facts: { ...facts, place: 'far', ...(mirrorAtMm === undefined ? { mirrorAtMm: 0 } : {}) },
})

/** The dog from behind. */
export function rearView(drawing: Drawing): BareView {
  const { build, measures, stepMm } = drawing
  const facing: Facing = { positive: 'right' }
  const place = uprightPlace(drawing)
  const body = halfPart(REAR.body, place, facing, stepMm, { id: 'body', place: 'near', ground: 'rump' })
  const cells = drawCells(REAR.cells, 'body', place, facing, stepMm * 3)
  const root = place(0, 0.95)
  const up = build.pose.tailAngle > CARRIED ? 1 : -1
  const tailPlace: PlaceHalf = (x, y) => ({ x: x * measures.tail, y: Math.max(0, root.y + up * y * measures.tail) })
  const tail = halfPart(TAIL_REAR, tailPlace, facing, stepMm, { id: 'tail', place: 'over', ground: 'tail' })
  const ink = REAR_LINES.map((line) => onBothSides(line, place, stepMm)).join('')
  const tailAnchors = {
    tail: screen(tailPlace(0, 0.5)),
    'tail-base': screen(tailPlace(0, 0.08)),
    'tail-tip': screen(tailPlace(0, 0.88)),
    rump: screen(place(0.08, 0.88)),
  }
  const neck = halfPart(NECK_BEYOND, place, facing, stepMm, { id: 'neck', place: 'far', ground: 'neck' })
  const { skull, ears } = faceHere(drawing, place)
  const beyond = [...ears, skull].map(fromBehind)
  return {
    ...cells,
    anchors: { ...cells.anchors, ...tailAnchors },
    parts: [...beyond, neck, body, tail],
    face: null,
    ink,
  }
}
