import { SIDES } from '../../zones'
import type { Half, HalfCell } from '../halves'
import { drawCells, halfPart, type BarePart, type DrawnCells, type Facing } from '../mirrored'
import { screen, type FigureCell, type FigurePart } from '../view'
import { earAnchors, earCells, earPart } from './ears'
import { mass, mirrored } from './mass'
import type { Face } from './measures'

/** From the front the dog's left is at the viewer's right. */
const FACING: Facing = { positive: 'left' }

/** A face before its hair. */
export interface BareFace extends DrawnCells {
  face: Face
  skull: BarePart
  muzzle: BarePart
  /** The bridge is a patch of colour: its hair has no edge, so that it is drawn once. */
  bridge: FigurePart
  ears: readonly BarePart[]
}

/** Skull, muzzle and ears of a face, the fields of their zones, and where callouts touch them. */
export function bareFace(face: Face): BareFace {
  const { at, stepMm } = face
  const drawn = [
    drawCells(skullCells(face), 'skull', at, FACING, stepMm),
    drawCells(muzzleCells(face), 'muzzle', at, FACING, stepMm),
  ] as const
  const ears = SIDES.map((side) => earPart(face, side))
  const anchors = (sign: 1 | -1): DrawnCells['anchors'] => ({
    brow: screen(at(sign * face.eyeOut, face.eye + 0.12)),
    'eye-corner': screen(at(sign * (face.eyeOut - face.eye * 1.1), -0.04)),
    lashes: screen(at(sign * (face.eyeOut + face.eye * 0.9), face.eye * 0.5)),
    muzzle: screen(at(sign * face.muzzle * 0.72, -face.noseDown - 0.06)),
    lips: screen(at(sign * face.muzzle * 0.6, -face.mouthDown + 0.02)),
    cheek: screen(at(sign * face.cheek * 0.82, -0.4)),
    ...earAnchors(face, sign),
  })
  return {
    face,
    skull: halfPart(skullHalf(face), at, FACING, stepMm, { id: 'skull', place: 'over', ground: 'skull' }),
    muzzle: halfPart(muzzleHalf(face), at, FACING, stepMm, { id: 'muzzle', place: 'over', ground: 'muzzle' }),
    bridge: bridgePatch(face),
    ears,
    cells: [...drawn.flatMap(({ cells }) => cells).map(unlined), ...earCells(face)],
    anchors: {
      skull: screen(at(-0.34, face.dome * 0.78)),
      visor: screen(at(-0.3, face.visorRoot * 0.76)),
      bridge: screen(at(-0.07, -face.noseDown * 0.5)),
      chin: screen(at(-0.12, -face.chinDown + 0.08)),
      throat: screen(at(0, -face.jaw + 0.04)),
      ...anchors(1),
    },
    rightAnchors: anchors(-1),
  }
}

/** Fields of a face have no seams: soft colours beside each other, as the hair is. */
const unlined = (cell: FigureCell): FigureCell => ({ ...cell, seam: [] })

/** Half the head's skin from the top of the skull to the jaw. */
const skullHalf = ({ dome, jaw, cheek, muzzle }: Face): Half => [
  [0, dome, 'skull'],
  [0.46, 0.95 * dome, 'skull'],
  [0.82, 0.62 * dome, 'skull'],
  [0.98, 0.12, 'cheek'],
  [cheek, -0.3, 'cheek'],
  [0.86 * cheek, -0.68, 'cheek'],
  [Math.max(muzzle + 0.14, 0.55), -Math.max(0.9, 0.74 * jaw), 'throat'],
  [0.7 * Math.max(muzzle, 0.45), -0.95 * jaw, 'throat'],
  [0, -jaw, 'throat'],
]

/** Half the muzzle's skin from the end of the bridge over the side of the lips to the chin. */
const muzzleHalf = ({ muzzle, noseDown, mouthDown, chinDown }: Face): Half => [
  [0, -noseDown + 0.26, 'bridge'],
  [0.3 * muzzle, -noseDown + 0.25, 'muzzle'],
  [0.72 * muzzle, -noseDown + 0.12, 'muzzle'],
  [muzzle, -(noseDown + mouthDown) / 2 + 0.04, 'muzzle'],
  [0.98 * muzzle, -mouthDown, 'lips'],
  [0.78 * muzzle, -(mouthDown + chinDown) / 2 - 0.02, 'chin'],
  [0.42 * muzzle, -chinDown + 0.02, 'chin'],
  [0, -chinDown, 'chin'],
]

/** The bridge is a soft patch between two fine lines: it has no edge of its own. */
function bridgePatch(face: Face): FigurePart {
  const { noseDown, noseHalf } = face
  const corners = mirrored([
    [0, 0.16],
    [0.1, 0.12],
    [0.14, -0.3 * noseDown],
    [noseHalf, -noseDown + 0.12],
    [0.6 * noseHalf, -noseDown],
  ])
  return mass(face, 'smooth', 0, { id: 'bridge', place: 'over', ground: 'bridge', corners, lengthMm: 0, weight: 0 })
}

const skullCells = ({ eyeOut, eye, noseDown }: Face): readonly HalfCell[] => [
  {
    zone: 'cheek',
    corners: [
      [1.9, 0.16],
      [eyeOut + 0.3, 0.12],
      [eyeOut, 0.04],
      [0.16, -0.02],
      [0.1, -0.5 * noseDown],
      [0.1, -4],
      [1.9, -4],
    ],
  },
  {
    zone: 'brow',
    corners: [
      [eyeOut - 0.2, eye + 0.06],
      [eyeOut, eye + 0.2],
      [eyeOut + 0.26, eye + 0.12],
      [eyeOut + 0.24, eye - 0.02],
      [eyeOut, eye + 0.02],
      [eyeOut - 0.18, eye - 0.03],
    ],
  },
  {
    zone: 'eye-corner',
    corners: [
      [0.1, 0.14],
      [eyeOut - 0.9 * eye, 0.05],
      [eyeOut - 0.8 * eye, -0.06],
      [0.13, -0.14],
    ],
  },
]

const muzzleCells = ({ mouthDown, chinDown }: Face): readonly HalfCell[] => [
  {
    zone: 'lips',
    corners: [
      [0, -mouthDown + 0.1],
      [0.3, -mouthDown + 0.02],
      [1.2, -mouthDown + 0.06],
      [1.2, -(mouthDown + chinDown) / 2],
      [0, -(mouthDown + chinDown) / 2],
    ],
  },
  {
    zone: 'chin',
    corners: [
      [-1.6, -(mouthDown + chinDown) / 2],
      [1.6, -(mouthDown + chinDown) / 2],
      [1.6, -9],
      [-1.6, -9],
    ],
  },
]
