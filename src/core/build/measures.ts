import { z } from 'zod'
import type { BuildId } from './builds'

/** A dog's own measures, mm: neck from withers to occiput, skull from stop to occiput, muzzle from nose to stop. */
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

/** A usual dog of each build, mm, and what it weighs. Invented from general knowledge of dogs. */
const USUAL: Record<BuildId, Measures & { kg: number }> = {
  square: {
    height: 520,
    length: 520,
    neck: 195,
    chestDepth: 235,
    skull: 112,
    muzzle: 112,
    earLeather: 120,
    tail: 190,
    kg: 19,
  },
  'long-low': {
    height: 260,
    length: 340,
    neck: 86,
    chestDepth: 162,
    skull: 92,
    muzzle: 76,
    earLeather: 62,
    tail: 125,
    kg: 9,
  },
  toy: {
    height: 220,
    length: 235,
    neck: 82,
    chestDepth: 100,
    skull: 66,
    muzzle: 38,
    earLeather: 48,
    tail: 100,
    kg: 3.5,
  },
  sporting: {
    height: 620,
    length: 650,
    neck: 215,
    chestDepth: 292,
    skull: 140,
    muzzle: 134,
    earLeather: 145,
    tail: 330,
    kg: 27,
  },
  racy: {
    height: 460,
    length: 470,
    neck: 200,
    chestDepth: 225,
    skull: 95,
    muzzle: 98,
    earLeather: 80,
    tail: 270,
    kg: 13,
  },
  heavy: {
    height: 680,
    length: 740,
    neck: 200,
    chestDepth: 368,
    skull: 168,
    muzzle: 124,
    earLeather: 122,
    tail: 350,
    kg: 55,
  },
}

export const EAR_SETS = ['drop', 'long', 'pricked', 'folded', 'rose'] as const
export const EarSet = z.enum(EAR_SETS)
export type EarSet = z.infer<typeof EarSet>

/** An ear's leather in skulls, where nobody measured it; a hanging one at least so long. By eye. */
const LEATHER: Record<EarSet, number> = { drop: 0.73, long: 1.15, pricked: 0.68, folded: 0.72, rose: 0.85 }

/** How the forelegs are set, seen from the front. */
export const FORELEGS = ['straight', 'turned out'] as const
export const Forelegs = z.enum(FORELEGS)
export type Forelegs = z.infer<typeof Forelegs>

/** Whether the muzzle stands out of the face or lies in it. */
export const FaceShape = z.enum(['normal', 'flat'])
export type FaceShape = z.infer<typeof FaceShape>
/** The muzzle of a flat face against that of a usual dog of the build, where nobody measured it. By eye. */
const FLAT_MUZZLE = 0.45

interface MeasureFact {
  label: string
  /** From where to where the tape is held. */
  how: string
  measure: keyof Measures
  low: number
  high: number
}

/** What is measured on the dog in front of us, cm, and how. Limits: height and length by contract, the rest from memory. */
export const MEASURE_FACTS = {
  heightCm: { label: 'Height', how: 'floor to withers', measure: 'height', low: 10, high: 120 },
  lengthCm: { label: 'Length', how: 'breastbone to point of rump', measure: 'length', low: 10, high: 120 },
  neckCm: { label: 'Neck', how: 'withers to occiput', measure: 'neck', low: 3, high: 60 },
  chestDepthCm: {
    label: 'Chest depth',
    how: 'withers to breastbone, downward',
    measure: 'chestDepth',
    low: 4,
    high: 60,
  },
  skullCm: { label: 'Skull', how: 'stop to occiput', measure: 'skull', low: 3, high: 30 },
  muzzleCm: { label: 'Muzzle', how: 'nose to stop', measure: 'muzzle', low: 1, high: 25 },
  earLeatherCm: { label: 'Ear leather', how: 'root to tip of the skin', measure: 'earLeather', low: 2, high: 35 },
  tailCm: { label: 'Tail', how: 'root to last bone', measure: 'tail', low: 2, high: 80 },
} as const satisfies Record<string, MeasureFact>
export type MeasureKey = keyof typeof MEASURE_FACTS
export const MEASURE_KEYS = Object.keys(MEASURE_FACTS) as MeasureKey[]

const cm = ({ label, low, high }: MeasureFact) =>
  z
    .number({ error: `Give the ${label.toLowerCase()} as a number of cm.` })
    .min(low, { error: `The ${label.toLowerCase()} must be ${low} to ${high} cm.` })
    .max(high, { error: `The ${label.toLowerCase()} must be ${low} to ${high} cm.` })
    .optional()

/** What else than height and length may be measured, cm, how the ears are carried and the forelegs set. */
const FINE = {
  neckCm: cm(MEASURE_FACTS.neckCm),
  chestDepthCm: cm(MEASURE_FACTS.chestDepthCm),
  skullCm: cm(MEASURE_FACTS.skullCm),
  muzzleCm: cm(MEASURE_FACTS.muzzleCm),
  earLeatherCm: cm(MEASURE_FACTS.earLeatherCm),
  tailCm: cm(MEASURE_FACTS.tailCm),
  ears: EarSet.optional(),
  forelegs: Forelegs.optional(),
}
export const FineMeasures = z.strictObject(FINE)
export type FineMeasures = z.infer<typeof FineMeasures>

/** All that is measured on a dog, cm. */
export const Measured = z.strictObject({
  heightCm: cm(MEASURE_FACTS.heightCm),
  lengthCm: cm(MEASURE_FACTS.lengthCm),
  ...FINE,
})
export type Measured = z.infer<typeof Measured>

/** How big a dog is, as far as anybody has measured it. */
export interface Stature extends Partial<Record<MeasureKey, number | null | undefined>> {
  build: BuildId
  weightKg?: number | null | undefined
  ears?: EarSet | undefined
  forelegs?: Forelegs | undefined
  faceShape?: FaceShape | undefined
}

/**
 * A dog's measures, mm: its own where they were taken, else those of a usual dog of its build, as much larger as its
 * height says, or its length, or the cube root of its weight.
 */
export function measuresOf(dog: Stature): Measures {
  const { kg, ...usual } = USUAL[dog.build]
  const larger = dog.heightCm
    ? (dog.heightCm * 10) / usual.height
    : dog.lengthCm
      ? (dog.lengthCm * 10) / usual.length
      : dog.weightKg
        ? Math.cbrt(dog.weightKg / kg)
        : 1
  const measures = Object.fromEntries(
    MEASURE_KEYS.map((key) => {
      const { measure } = MEASURE_FACTS[key]
      const ownCm = dog[key]
      const flat = key === 'muzzleCm' && dog.faceShape === 'flat' ? FLAT_MUZZLE : 1
      return [measure, ownCm ? ownCm * 10 : usual[measure] * larger * flat]
    }),
  )
  const known = measures as unknown as Measures
  if (!dog.ears || dog.earLeatherCm) return known
  const usualMm = known.skull * LEATHER[dog.ears]
  return { ...known, earLeather: dog.ears === 'drop' ? Math.max(known.earLeather, usualMm) : usualMm }
}

/** What was measured on a dog of whom more may be known; what nobody measured is left out. */
export function measuredOf(dog: Stature): Measured {
  const measured = MEASURE_KEYS.flatMap((key) => (dog[key] ? [[key, dog[key]] as const] : []))
  return {
    ...Object.fromEntries(measured),
    ...(dog.ears ? { ears: dog.ears } : {}),
    ...(dog.forelegs ? { forelegs: dog.forelegs } : {}),
  }
}

/** A chest shallower or deeper than this share of the height is a slip of the tape. Source: from memory. */
const CHEST = { low: 0.3, high: 0.75 }

/** A sentence when measures do not fit each other, so that no monster is drawn; null when they may be a dog. */
export function measuresProblem(dog: Stature): { field: MeasureKey; sentence: string } | null {
  const { height, chestDepth, tail } = measuresOf(dog)
  const share = chestDepth / height
  const cm = (mm: number) => Math.round(mm / 10)
  if (share < CHEST.low || share > CHEST.high)
    return {
      field: 'chestDepthCm',
      sentence: `Chest depth ${cm(chestDepth)} cm does not fit a height of ${cm(height)} cm: measure both again.`,
    }
  if (tail > height)
    return { field: 'tailCm', sentence: `Tail ${cm(tail)} cm is longer than the dog is high: measure it again.` }
  return null
}

/** A visor this long reaches the eye, in skulls. Source: by eye, from the drawn head. */
const VISOR_TO_EYE = 0.3

export const visorToEyeMm = ({ skull }: Measures): number => skull * VISOR_TO_EYE
