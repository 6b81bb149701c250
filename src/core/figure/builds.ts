import type { ZoneId } from '../zones'
import type { BuildId, EarSet } from '../build'
import rows from './builds.json'

/** Which frame a control point stands in; each follows one measurement of the dog. */
export type Frame = 'body' | 'chest' | 'neck' | 'head' | 'fore' | 'foot' | 'hind' | 'ear' | 'tail'
/** Landmark, frame, along, across, and the zone of the outline that starts there; null is bare skin. */
export type ControlPoint = readonly [string, Frame, number, number, ZoneId | null]

export const PARTS = ['tail', 'torso', 'hind', 'fore', 'head', 'ear'] as const
export type PartId = (typeof PARTS)[number]

type Pair = readonly [number, number]

export interface Build {
  /** Shares of length and height; angles in degrees. */
  pose: {
    withers: Pair
    neckAngle: number
    headAngle: number
    earSet: Pair
    earAngle: number
    tailSet: Pair
    tailAngle: number
    foreX: number
    farFore: Pair
    farHind: Pair
  }
  ear: EarSet
  eye: Pair
  /** The muzzle lies in the face, its nose between the eyes. */
  flat?: true
  shapes: Record<PartId, readonly ControlPoint[]>
}

/** Proportions and control points by build. All invented from general knowledge of dogs. */
export const buildOf = (id: BuildId): Build => (rows as unknown as Record<BuildId, Build>)[id]
