import type { BareView } from './bareView'
import type { Drawing } from './drawing'
import { BROAD } from './breadth'
import { earPoints, standsUp } from './face'
import { TAIL_REAR, TOP, type Half } from './halves'
import { drawCells, halfPart, type BarePart, type Facing, type PlaceHalf } from './mirrored'
import { screen, skinOf } from './view'

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

export function topView(drawing: Drawing): BareView {
  const { id, build, measures, stepMm } = drawing
  const { length, neck, skull, muzzle, tail } = measures
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
  const ears = ([1, -1] as const).map((sign) => earAbove(drawing, sign, ahead))
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
    parts: standsUp(build.ear) ? [end, nape, body, head, ...ears] : [end, nape, body, ...ears, head],
    face: null,
    ink: '',
  }
}

/** An ear from above: one that hangs is seen along its width only. By eye. */
function earAbove({ build, measures, stepMm }: Drawing, sign: 1 | -1, ahead: number): BarePart {
  const { skull, earLeather } = measures
  const root = { x: ahead - skull * 0.35, y: sign * skull * 0.4 }
  const [along, across] = standsUp(build.ear) ? [0.2, 0.8] : [0.46, 0.4]
  const side = sign === 1 ? 'right' : 'left'
  const points = earPoints(build.ear).map(
    ([out, up, zone]) =>
      ({
        point: { x: root.x - up * earLeather * along, y: root.y + sign * out * earLeather * across },
        zone,
        side,
      }) as const,
  )
  return {
    skin: skinOf(points, stepMm, { from: root, to: { x: root.x, y: root.y - earLeather } }),
    facts: { id: `ear-${side}`, place: 'over', ground: 'ear-out', side },
  }
}
