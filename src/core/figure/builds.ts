import type { ZoneId } from '../zones'
import type { BuildId } from '../plan'
import rows from './builds.json'

/** Which frame a control point stands in; each follows one measurement of the dog. */
export type Frame = 'body' | 'chest' | 'neck' | 'head' | 'fore' | 'foot' | 'hind' | 'ear' | 'tail'
/** Landmark, frame, along, across, and the zone of the outline that starts there; null is bare skin. */
export type ControlPoint = readonly [string, Frame, number, number, ZoneId | null]

export const PARTS = ['tail', 'torso', 'hind', 'fore', 'head', 'ear'] as const
export type PartId = (typeof PARTS)[number]

/** mm. */
export interface Measures {
  height: number
  length: number
  neck: number
  chestDepth: number
  skull: number
  muzzle: number
  earLeather: number
  tail: number
}

type Pair = readonly [number, number]

export interface Build {
  measures: Measures
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
  ear: 'drop' | 'pricked' | 'folded' | 'rose'
  eye: Pair
  shapes: Record<PartId, readonly ControlPoint[]>
}

/** Proportions and control points by build. All invented from general knowledge of dogs. */
export const buildOf = (id: BuildId): Build => (rows as unknown as Record<BuildId, Build>)[id]

/** The build's measures, scaled to the height and length of the dog in front of us (cm). */
export function measuresOf(id: BuildId, heightCm?: number | null, lengthCm?: number | null): Measures {
  const usual = buildOf(id).measures
  const tall = heightCm ? (heightCm * 10) / usual.height : lengthCm ? (lengthCm * 10) / usual.length : 1
  const scaled = Object.fromEntries(Object.entries(usual).map(([name, mm]) => [name, mm * tall])) as unknown as Measures
  return lengthCm ? { ...scaled, length: lengthCm * 10 } : scaled
}
