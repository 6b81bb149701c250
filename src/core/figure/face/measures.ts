import { visorToEyeMm, type BuildId, type EarSet } from '../../build'
import type { Drawing } from '../drawing'
import type { Point } from '../frames'

/**
 * The measures of a face seen from the front, in halves of its skull's breadth; x outward, y up from between the eyes.
 * What lies below the eyes is given as how far down.
 */
export interface FaceMeasures {
  dome: number
  jaw: number
  /** Half breadths. */
  cheek: number
  muzzle: number
  noseDown: number
  noseHalf: number
  mouthDown: number
  chinDown: number
  eyeOut: number
  eye: number
  /** How much broader than high an eye is. */
  eyeBroad: number
}

/** A face on the paper. */
export interface Face extends FaceMeasures {
  unitMm: number
  stepMm: number
  /** From half breadths to mm. */
  at: (x: number, y: number) => Point
  ears: EarSet
  /** An ear's leather, in half breadths. */
  leather: number
  /** The root of the visor above the eyes: hair so long comes down to them, in half breadths. */
  visorRoot: number
}

/** Faces by how long their muzzle is against the skull: flat, short, medium, long. All by eye. */
// prettier-ignore
const BY_MUZZLE: readonly (readonly [muzzleInSkulls: number, face: FaceMeasures])[] = [
  [0.3,  { dome: 0.98, jaw: 1.04, cheek: 1.05, muzzle: 0.60, noseDown: 0.34, noseHalf: 0.20, mouthDown: 0.62, chinDown: 0.88, eyeOut: 0.50, eye: 0.175, eyeBroad: 1.02 }],
  [0.58, { dome: 0.94, jaw: 1.14, cheek: 0.98, muzzle: 0.45, noseDown: 0.54, noseHalf: 0.19, mouthDown: 0.76, chinDown: 0.98, eyeOut: 0.46, eye: 0.155, eyeBroad: 1.12 }],
  [0.83, { dome: 0.90, jaw: 1.30, cheek: 0.92, muzzle: 0.43, noseDown: 0.78, noseHalf: 0.20, mouthDown: 1.02, chinDown: 1.22, eyeOut: 0.43, eye: 0.14,  eyeBroad: 1.18 }],
  [1.05, { dome: 0.82, jaw: 1.48, cheek: 0.87, muzzle: 0.43, noseDown: 0.98, noseHalf: 0.20, mouthDown: 1.22, chinDown: 1.42, eyeOut: 0.42, eye: 0.13,  eyeBroad: 1.25 }],
]
/** How finely a face is drawn, in half breadths. By eye. */
const STEP = 1 / 8
/** A face that is called flat is drawn as one, however it was measured. */
const FLAT = 0.3

/** Half a skull's breadth in skulls, and how domed, full of cheek and broad of muzzle a build is. By eye. */
const BY_BUILD: Record<BuildId, { half: number; dome: number; cheek: number; muzzle: number }> = {
  square: { half: 0.43, dome: 1, cheek: 0.98, muzzle: 0.96 },
  'long-low': { half: 0.47, dome: 0.96, cheek: 1, muzzle: 1.06 },
  toy: { half: 0.54, dome: 1.08, cheek: 1, muzzle: 1 },
  sporting: { half: 0.45, dome: 0.98, cheek: 0.98, muzzle: 1.16 },
  racy: { half: 0.42, dome: 0.92, cheek: 0.94, muzzle: 0.86 },
  heavy: { half: 0.5, dome: 0.92, cheek: 1.05, muzzle: 1.28 },
}

/** The face of a dog about the point between its eyes, mm. */
export function faceOf({ id, build, measures }: Drawing, between: Point): Face {
  const { skull, muzzle, earLeather } = measures
  const shaped = byMuzzle(build.flat ? FLAT : muzzle / skull)
  const own = BY_BUILD[id]
  const unitMm = skull * own.half
  const at = (x: number, y: number): Point => ({ x: between.x + x * unitMm, y: between.y + y * unitMm })
  return {
    ...shaped,
    dome: shaped.dome * own.dome,
    cheek: shaped.cheek * own.cheek,
    muzzle: shaped.muzzle * own.muzzle,
    unitMm,
    stepMm: unitMm * STEP,
    at,
    ears: build.ear,
    leather: earLeather / unitMm,
    visorRoot: visorToEyeMm(measures) / unitMm + shaped.eye,
  }
}

function byMuzzle(ratio: number): FaceMeasures {
  const next = BY_MUZZLE.findIndex(([at]) => at >= ratio)
  const longest = BY_MUZZLE.at(-1) as (typeof BY_MUZZLE)[number]
  const [above, long] = next === -1 ? longest : (BY_MUZZLE[next] as typeof longest)
  const [below, short] = next <= 0 ? [above, long] : (BY_MUZZLE[next - 1] as typeof longest)
  const share = above === below ? 0 : (ratio - below) / (above - below)
  const between = (key: keyof FaceMeasures) => short[key] + (long[key] - short[key]) * share
  return Object.fromEntries(
    Object.keys(long).map((key) => [key, between(key as keyof FaceMeasures)]),
  ) as unknown as FaceMeasures
}
