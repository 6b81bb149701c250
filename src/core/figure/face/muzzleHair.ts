import type { Side } from '../../zones'
import type { DrawOptions, FigurePart } from '../view'
import { atMost, flipped, grown, lineAt, mass, mirrored, onSide, type Spot } from './mass'
import type { Face } from './measures'

/** Of a moustache's length this much is seen falling, and how far it falls at the most, in half breadths. By eye. */
const FALLS = 0.9
const FALLS_MOST = 2.6

/** Hanging hair from beside the nose: one mass to each side, apart below so that the beard is seen between them. */
export function moustache(face: Face, side: Side, { dog, heightMm, lengthAt }: DrawOptions): FigurePart {
  const lengthMm = lengthAt('muzzle', side)
  const { muzzle: half, noseDown, mouthDown, chinDown } = face
  const falls = atMost((FALLS * lengthMm) / face.unitMm, FALLS_MOST)
  const swells = atMost(0.24 * falls, 0.3)
  const parts = atMost(0.22 * falls, 0.2)
  const low = -(mouthDown + chinDown) / 2
  const corners: Spot[] = [
    [0.02, -noseDown + 0.2],
    [0.36 * half, -noseDown + 0.24],
    [0.74 * half, -noseDown + 0.12],
    [half + 0.6 * swells, -(noseDown + mouthDown) / 2 + 0.06 - 0.06 * falls],
    [half + swells, -mouthDown - 0.4 * falls],
    [0.86 * half + swells, low - 0.86 * falls],
    [0.6 * half + 0.5 * swells + 0.4 * parts, low - falls],
    [0.3 * half + 0.8 * parts, low + 0.03 - 0.84 * falls],
    [0.12 * half + 0.7 * parts, -mouthDown - 0.03 - 0.42 * falls],
    [0.015, -mouthDown + 0.08],
    [0.015, -noseDown - 0.1],
  ]
  const strands = [0.25, 0.5, 0.75].map((share): Spot[] => [
    [0.2 * half + 0.3 * share * half, -noseDown - 0.02 + 0.06 * share],
    [half * (0.3 + 0.55 * share) + 0.5 * swells * share, -mouthDown - 0.2 * falls],
    [half * (0.36 + 0.42 * share) + swells * share + 0.3 * parts, low - (0.62 + 0.18 * share) * falls],
  ])
  return mass(face, dog.coat, heightMm, {
    id: `moustache-${side}`,
    place: 'beard',
    ground: 'muzzle',
    side,
    lengthMm,
    corners: onSide(side, corners),
    strands: strands.map((strand) => onSide(side, strand)),
    weight: 0.3 + 0.7 * lineAt(lengthMm),
  })
}

/** A beard under any other muzzle: it is seen as far as the chin's hair is longer than the hair beside it. */
export function beard(face: Face, { dog, heightMm, lengthAt }: DrawOptions): FigurePart {
  const { muzzle: half, mouthDown, chinDown, unitMm } = face
  const lengthMm = lengthAt('chin')
  const hair = lengthMm / unitMm
  const swells = atMost(0.16 * hair, 0.25)
  const side: Spot[] = [
    [0.5 * half, -mouthDown],
    [0.8 * half + 0.4 * swells, -(mouthDown + chinDown) / 2 - 0.2 * hair],
    [0.72 * half + swells, -chinDown - 0.62 * hair],
    [0.4 * half + 0.6 * swells, -chinDown - 0.94 * hair],
    [0, -chinDown - hair],
  ]
  return mass(face, dog.coat, heightMm, {
    id: 'beard',
    place: 'over',
    ground: 'chin',
    lengthMm,
    corners: mirrored([...side].reverse()),
    weight: lineAt(lengthMm, 10),
  })
}

/** A terrier's moustache and beard as one block, broader and flat below the longer it is. */
export function beardBlock(face: Face, { dog, heightMm, lengthAt }: DrawOptions): FigurePart {
  const { muzzle: half, noseDown, mouthDown, chinDown, unitMm } = face
  const beard = lengthAt('chin') / unitMm
  const lipsOf = (side: Side) => atMost((0.5 * lengthAt('muzzle', side)) / unitMm, 0.34)
  const full = grown(beard, 0.25)
  const halfOf = (side: Side): Spot[] => {
    const hair = lipsOf(side)
    return [
      [0.32 * half, -noseDown + 0.25],
      [0.78 * half + 0.5 * hair, -noseDown + 0.11],
      [half + hair, -(noseDown + mouthDown) / 2],
      [half + hair + 0.06 * beard, -mouthDown - 0.1 * full],
      [(0.78 + 0.22 * full) * half + 0.7 * hair + 0.16 * beard, -(mouthDown + chinDown) / 2 - 0.55 * beard],
      [(0.6 + 0.36 * full) * half + 0.5 * hair + 0.14 * beard, -chinDown + 0.04 * (1 - full) - 0.93 * beard],
      [0.42 * half + 0.1 * beard, -chinDown - beard],
    ]
  }
  const strand = (x: number): Spot[] => [
    [x * half, -mouthDown - 0.05],
    [x * half * 1.08, -chinDown - 0.4 * beard],
    [x * half * 1.12 + 0.02, -chinDown - 0.86 * beard],
  ]
  return mass(face, dog.coat, heightMm, {
    id: 'muzzle',
    place: 'over',
    ground: 'muzzle',
    lengthMm: lengthAt('chin'),
    corners: [[0, -noseDown + 0.26], ...halfOf('left'), [0, -chinDown - beard], ...flipped(halfOf('right')).reverse()],
    strands: [-0.7, -0.35, 0, 0.35, 0.7].map(strand),
  })
}
