import { curvePath, pathOf, sampleCurve } from '../curve'
import type { Point } from '../frames'
import { screen } from '../view'
import { flipped, type Spot } from './mass'
import type { Face } from './measures'

/** What of a face is no hair. */
export interface Features {
  eyes: Point[]
  nose: string
  nostrils: string
  /** The mouth, the split of the lip and the sides of the bridge. */
  ink: string
}

/** Half a nose leather from its top, in its own half breadths. By eye. */
const NOSE: readonly Spot[] = [
  [0, 0.52],
  [0.5, 0.6],
  [0.95, 0.34],
  [0.98, -0.04],
  [0.62, -0.34],
  [0.22, -0.5],
]
const NOSTRIL: readonly Spot[] = [
  [0.34, -0.02],
  [0.58, 0.14],
  [0.76, 0],
]

/** Eyes, nose and mouth, where this face has them. */
export function featuresOf(face: Face): Features {
  const { at, eyeOut, noseDown, noseHalf, mouthDown, muzzle, stepMm } = face
  const onNose = ([x, y]: Spot): Point => at(x * noseHalf, -noseDown + y * noseHalf)
  const outline = [...NOSE, ...flipped(NOSE.filter(([x]) => x !== 0)).reverse()]
  const line = (spots: readonly Spot[]) =>
    curvePath(
      spots.map(([x, y]) => at(x, y)),
      stepMm,
    )
  const both = (spots: readonly Spot[]) => line(spots) + line(flipped(spots))
  const under = -noseDown - 0.5 * noseHalf
  return {
    eyes: [screen(at(eyeOut, 0)), screen(at(-eyeOut, 0))],
    nose: pathOf(sampleCurve(outline.map(onNose), stepMm / 2, true).map(({ point }) => point)),
    nostrils: [NOSTRIL, flipped(NOSTRIL)].map((spots) => curvePath(spots.map(onNose), stepMm / 2)).join(''),
    ink:
      line([
        [0, under],
        [0, -mouthDown + 0.04],
      ]) +
      both([
        [0, -mouthDown + 0.04],
        [0.34 * muzzle, -mouthDown - 0.05],
        [0.74 * muzzle, -mouthDown + 0.05],
      ]) +
      both([
        [0.15, -0.08],
        [0.15, -0.45 * noseDown],
        [noseHalf * 0.92, -noseDown + 0.16],
      ]),
  }
}
