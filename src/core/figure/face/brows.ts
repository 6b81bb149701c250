import type { Side } from '../../zones'
import type { DrawOptions, FigurePart } from '../view'
import { lineAt, mass, onSide, type Spot } from './mass'
import type { Face } from './measures'

/** A brow reaches down by this share of its length. By eye. */
export const REACHES = 0.55

/** A terrier's brow: a wedge, high at its outer root, reaching in and down over the eye. */
export function brows(face: Face, side: Side, { dog, heightMm, lengthAt }: DrawOptions): FigurePart {
  const lengthMm = lengthAt('brow', side)
  const { eyeOut, eye, unitMm } = face
  const falls = (REACHES * lengthMm) / unitMm
  const stands = Math.min(0.2, 0.25 * falls)
  const corners: Spot[] = [
    [eyeOut + 0.3, eye + 0.16 + stands],
    [eyeOut + 0.06, eye + 0.22 + stands],
    [eyeOut - 0.2, eye + 0.16],
    [eyeOut - 0.28 - 0.06 * falls, eye + 0.04 - 0.5 * falls],
    [eyeOut - 0.24 - 0.1 * falls, eye - falls],
    [eyeOut - 0.08, eye + 0.02 - 0.72 * falls],
    [eyeOut + 0.16, eye + 0.06 - 0.24 * falls],
    [eyeOut + 0.32, eye + 0.08],
  ]
  const strands = [0.2, 0.5, 0.8].map((share): Spot[] => [
    [eyeOut + 0.3 - 0.44 * share, eye + 0.14 + 0.5 * stands],
    [eyeOut + 0.12 - 0.36 * share, eye + 0.06 - 0.3 * falls * share],
    [eyeOut - 0.02 - 0.24 * share, eye + 0.04 - 0.8 * falls * share],
  ])
  return mass(face, dog.coat, heightMm, {
    id: `brow-${side}`,
    place: 'fringe',
    ground: 'brow',
    side,
    lengthMm,
    corners: onSide(side, corners),
    strands: strands.map((strand) => onSide(side, strand)),
    weight: lineAt(lengthMm, 6),
  })
}
