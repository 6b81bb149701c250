import type { EarSet, Stature } from '../build'
import { buildOf, type Build, type ControlPoint } from './builds'

/** A build whose own ears are carried so; the folded ear has none and is drawn here. */
const LENDS = { drop: 'square', long: 'sporting', pricked: 'long-low', rose: 'racy' } as const

/** Breaks just above its root and falls forward toward the eye. By eye. */
const FOLDED: { set: Build['pose']['earSet']; angle: number; points: readonly ControlPoint[] } = {
  set: [0.36, -0.02],
  angle: 10,
  points: [
    ['ear root back', 'ear', 0.1, 0.24, 'ear-out'],
    ['ear back', 'ear', -0.2, 0.2, 'ear-out'],
    ['ear fold back', 'ear', -0.42, 0.06, 'ear-out'],
    ['ear fold front', 'ear', -0.42, -0.16, 'ear-out'],
    ['ear flap front', 'ear', -0.2, -0.4, 'ear-edge'],
    ['ear tip front', 'ear', 0.14, -0.52, 'ear-edge'],
    ['ear tip', 'ear', 0.28, -0.5, 'ear-edge'],
    ['ear tip back', 'ear', 0.26, -0.4, 'ear-edge'],
    ['ear flap back', 'ear', 0.12, -0.16, 'ear-edge'],
    ['ear root front', 'ear', 0.16, 0.06, 'ear-out'],
  ],
}

/** How far below its root each ear reaches, in leathers: fields and callouts follow it. Negative stands up. */
export const EAR_REACH: Record<EarSet, number> = { drop: 1, long: 1, pricked: -1, folded: 0.34, rose: 0.28 }

/** The build with the face and the ears of this dog. */
export function buildFor({ build: id, ears, faceShape }: Stature): Build {
  const build: Build = faceShape === 'flat' ? { ...buildOf(id), flat: true } : buildOf(id)
  if (ears === undefined || ears === build.ear) return build
  const { set, angle, points } = ears === 'folded' ? FOLDED : lent(ears)
  return {
    ...build,
    ear: ears,
    pose: { ...build.pose, earSet: set, earAngle: angle },
    shapes: { ...build.shapes, ear: points },
  }
}

function lent(ears: keyof typeof LENDS): typeof FOLDED {
  const { pose, shapes } = buildOf(LENDS[ears])
  return { set: pose.earSet, angle: pose.earAngle, points: shapes.ear }
}
