import type { CoatId } from '../../coat'
import type { Side } from '../../zones'
import { counterClockwise } from '../coatLine'
import { curvePath, sampleCurve } from '../curve'
import type { Point } from '../frames'
import { edgePath } from '../texture'
import { curlScale, type FigurePart } from '../view'
import { withoutLoops } from '../withoutLoops'
import type { Face } from './measures'

/** A place on a head, in its units: outward, up. */
export type Spot = readonly [number, number]

/** Where hair is drawn: units of a head and how long one is. */
export type OnHead = Pick<Face, 'at' | 'unitMm' | 'stepMm'>

export interface MassOf extends Pick<FigurePart, 'id' | 'ground' | 'place' | 'side' | 'weight' | 'opacity' | 'joins'> {
  /** Its edge, corner by corner, in half breadths of the face. */
  corners: readonly Spot[]
  /** Its hair, mm. */
  lengthMm: number
  /** Its lower edge alone: where it is given the rest has no line. */
  hem?: readonly Spot[]
  /** Lines along the fall of its hair. */
  strands?: readonly (readonly Spot[])[]
}

/** Hair of a face that is drawn as a mass of its own. */
export function mass(
  face: OnHead,
  coat: CoatId,
  heightMm: number,
  { corners, lengthMm, hem, strands, ...facts }: MassOf,
): FigurePart {
  const at = ([x, y]: Spot): Point => face.at(x, y)
  const samples = counterClockwise(sampleCurve(corners.map(at), face.stepMm, true))
  const outline = withoutLoops(samples.map(({ point }) => ({ ...point, lengthMm })))
  const line = (spots: readonly Spot[]) => curvePath(spots.map(at), face.stepMm)
  return {
    ...facts,
    skin: '',
    coat: edgePath(outline, coat, curlScale(heightMm), -Infinity),
    outline,
    ...(hem ? { hem: line(hem) } : {}),
    ...(strands ? { strands: strands.map(line).join('') } : {}),
  }
}

/** The same places on the other side. */
export const flipped = (spots: readonly Spot[]): Spot[] => spots.map(([x, y]): Spot => [-x, y])

/** Places given for the dog's left, on either side. */
export const onSide = (side: Side, spots: readonly Spot[]): Spot[] => (side === 'left' ? [...spots] : flipped(spots))

/** Both sides of a line that begins in the middle. */
export const mirrored = (half: readonly Spot[]): Spot[] => [
  ...flipped(half).reverse(),
  ...half.filter(([x], at) => at > 0 || x !== 0),
]

/** From nothing at 0 to all of it, without a corner, so that nothing jumps while hair grows. */
export const grown = (length: number, over: number): number => 1 - Math.exp(-Math.max(0, length) / over)

/** How strong the line of a mass is: a coat of a few mm has none, so that a mass appears as it grows. By eye. */
export const lineAt = (lengthMm: number, fullFromMm = 12): number => grown(lengthMm, fullFromMm) ** 2

/** Grows like the length and never beyond the most. */
export const atMost = (length: number, most: number): number => most * grown(length, most)
