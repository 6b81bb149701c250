import type { Side } from '../../zones'
import type { HalfCell } from '../halves'
import { drawCells } from '../mirrored'
import { headShare } from '../shapes'
import type { DrawOptions, FigureCell, FigurePart } from '../view'
import { atMost, flipped, lineAt, mass, mirrored, type Spot } from './mass'
import type { Face } from './measures'

/** A topknot grows up in full and sideways by this share, or it becomes a hat. By eye. */
const SIDEWAYS = 0.42
/** A shape takes from a topknot this much of what it takes from a plain outline. By eye. */
const TRIMMED = 0.5
/** Hanging hair lies on the skull, never further off it than this, mm. By eye. */
const CLOSE_MM = 7
/** Of its length this much is seen falling; the rest goes over the skull. By eye. */
export const FALLS = 0.8
/** It falls no further than this beside the face, in half breadths: what is longer lies behind. By eye. */
const FALLS_MOST = 1.9

/** The skull's edge from the middle to the ear, and which way its hair stands there. */
const edgeOf = (dome: number): readonly { at: Spot; out: Spot; within: number }[] => [
  { at: [0, dome], out: [0, 1], within: 0.5 },
  { at: [0.25, 0.99 * dome], out: [0.14, 0.99], within: 0.61 },
  { at: [0.46, 0.95 * dome], out: [0.3, 0.95], within: 0.7 },
  { at: [0.68, 0.8 * dome], out: [0.56, 0.83], within: 0.8 },
  { at: [0.82, 0.62 * dome], out: [0.8, 0.6], within: 0.88 },
  { at: [0.94, 0.34], out: [0.95, 0.3], within: 0.94 },
  { at: [0.98, 0.12], out: [1, 0], within: 1 },
]

/** The hair of the skull over the roots of the ears: it stands up as a topknot, or lies parted and falls to both sides. */
export function cap(face: Face, fall: 'stands' | 'hangs', options: DrawOptions): FigurePart {
  const lengthMm = options.lengthAt('skull')
  const facts = {
    id: 'cap',
    place: 'over',
    ground: 'skull',
    lengthMm,
    weight: lineAt(lengthMm, 18),
    joins: 'skull',
  } as const
  const shape = fall === 'stands' ? topknot(face, lengthMm, options) : parted(face, lengthMm)
  return mass(face, options.dog.coat, options.heightMm, { ...facts, ...shape })
}

function topknot(face: Face, lengthMm: number, { shapeOf, lengthAt }: DrawOptions): { corners: Spot[] } {
  const length = lengthMm / face.unitMm
  const shape = shapeOf?.('skull') ?? null
  const upper = edgeOf(face.dome).map(({ at: [x, y], out: [ox, oy], within }): Spot => {
    const hair = length * (1 - TRIMMED * (1 - headShare(shape, within)))
    return [x + ox * hair * SIDEWAYS, y + oy * hair]
  })
  const [side] = upper.at(-1) as Spot
  const sags = atMost(0.35 * length, 0.3)
  const brow = browLine(face, lengthAt('visor'))
  const lower: Spot[] = [
    [side * 0.97, 0.1 - sags],
    [side * 0.97 - 0.16, 0.1 - sags * 0.8],
    [0.74, 0.16],
    [0.6, Math.max(0.24, brow + 0.02)],
    [0.4, brow + 0.08],
    [0, brow + 0.1],
  ]
  return {
    corners: [...mirrored(upper), ...lower, ...flipped(lower.slice(0, -1)).reverse()],
  }
}

/** The brow lies no higher than this share of the dome. By eye. */
const BROW_MOST = 0.6

/** The skull's hair ends where the visor does, at the lowest just above the eyes. */
const browLine = ({ visorRoot, dome, eye, unitMm }: Face, visorMm: number): number =>
  Math.max(eye + 0.08, Math.min(BROW_MOST * dome, visorRoot - visorMm / unitMm))

function parted(face: Face, lengthMm: number): { corners: Spot[]; strands: Spot[][] } {
  const length = lengthMm / face.unitMm
  const off = atMost(length, CLOSE_MM / face.unitMm)
  const falls = atMost(FALLS * length, FALLS_MOST)
  const upper = edgeOf(face.dome).map(({ at: [x, y], out: [ox, oy] }): Spot => [x + ox * off, y + oy * off])
  const swells = 0.08 * falls
  const side: Spot[] = [
    [1 + off + swells, 0.1 - 0.5 * falls],
    [0.97 + off + swells, 0.08 - falls],
    [0.84 + 0.6 * off, 0.05 - 0.97 * falls],
    [0.74, 0.1 - 0.62 * falls],
    [0.68, 0.14 - 0.2 * falls],
    [0.62, 0.2],
    [0.36, 0.4],
    [0, 0.5],
  ]
  const strands = [0.12, 0.3, 0.5, 0.72, 0.92].map((share): Spot[] => {
    const ends = 0.76 + 0.22 * (1 - share)
    return [
      [0.02, face.dome * (0.62 + 0.36 * (1 - share)) + off],
      [0.3 + 0.1 * (1 - share), face.dome * (0.56 + 0.36 * (1 - share)) + off * 0.6],
      [0.58 + 0.2 * (1 - share), 0.24 + 0.22 * (1 - share)],
      [ends + 0.5 * off * (1 - share), 0.06 - (0.6 + 0.3 * (1 - share)) * falls],
    ]
  })
  const parting: Spot[] = [
    [0, face.dome + off],
    [0, 0.52],
  ]
  return {
    corners: [...mirrored(upper), ...side, ...flipped(side.slice(0, -1)).reverse()],
    strands: [parting, ...strands, ...strands.map(flipped)],
  }
}

/** One round head, in half breadths: its bare radius, how much of the cheeks' length it adds, and its middle. By eye. */
const ROUND = { bare: 1.02, adds: 0.86, low: -0.1 }

/** Skull, cheeks and ears inside one round. */
export function roundHead(face: Face, { dog, heightMm, lengthAt }: DrawOptions): FigurePart {
  const reach = (side: Side) => ROUND.bare + (ROUND.adds * lengthAt('cheek', side)) / face.unitMm
  const up = face.dome + lengthAt('skull') / face.unitMm
  const corners = Array.from({ length: 24 }, (_, step): Spot => {
    const turn = (step / 24) * 2 * Math.PI
    const across = reach(Math.cos(turn) >= 0 ? 'left' : 'right')
    const rise = Math.sin(turn) >= 0 ? up - ROUND.low : (reach('left') + reach('right')) / 2
    return [across * Math.cos(turn), ROUND.low + rise * Math.sin(turn)]
  })
  return mass(face, dog.coat, heightMm, {
    id: 'cap',
    place: 'over',
    ground: 'skull',
    lengthMm: lengthAt('cheek'),
    corners,
    strands: ([1, -1] as const).map((sign): Spot[] => [
      [sign * 0.62, 0.62],
      [sign * 1.0, 0.42],
      [sign * 1.18, -0.1],
      [sign * 1.06, -0.66],
    ]),
  })
}

const ROUND_CHEEK: HalfCell = {
  zone: 'cheek',
  corners: [
    [4, 0.14],
    [0.8, 0.1],
    [0.6, -0.4],
    [0.5, -4],
    [4, -4],
  ],
}

/** The cheeks' fields on a round head. */
export const roundHeadCells = (face: Face): FigureCell[] =>
  drawCells([ROUND_CHEEK], 'cap', face.at, { positive: 'left' }, face.stepMm).cells.map((cell) => ({
    ...cell,
    seam: [],
  }))
