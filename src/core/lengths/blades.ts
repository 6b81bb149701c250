import { z } from 'zod'
import { THIN_SKIN, type ZoneId } from '../zones'

/** Finest first. Order is read here only: objects move '9', '10' and '15' to the front. F = full (finish) teeth. */
export const BLADES = ['50', '40', '30', '15', '10', '9', '8.5', '7F', '6F', '5F', '4F', '3F'] as const
/** Skip-tooth: the same length, rougher; can take up skin. */
export const SKIP_BLADES = ['7', '5', '4'] as const
export const BladeId = z.enum([...BLADES, ...SKIP_BLADES])
export type BladeId = z.infer<typeof BladeId>

/** The blades that a guard comb goes over. */
export const COMB_BLADES = ['40', '30', '15', '10'] as const
export const CombBladeId = z.enum(COMB_BLADES)
export type CombBladeId = z.infer<typeof CombBladeId>

export const Lay = z.enum(['with', 'against'])
export type Lay = z.infer<typeof Lay>

/** mm left with the coat, dry and clean. Source: common practice; makers' nominal values from memory. */
const WITH_MM: Record<BladeId, number> = {
  '50': 0.2,
  '40': 0.25,
  '30': 0.5,
  '15': 1.2,
  '10': 1.5,
  '9': 2.0,
  '8.5': 2.8,
  '7F': 3.2,
  '6F': 4.8,
  '5F': 6.3,
  '4F': 9.5,
  '3F': 13,
  '7': 3.2,
  '5': 6.3,
  '4': 9.5,
}

/** mm left against the coat, about a finish step shorter. Source: from memory; 50 and 40 leave what they leave. */
const AGAINST_MM: Record<BladeId, number> = {
  '50': 0.2,
  '40': 0.25,
  '30': 0.4,
  '15': 0.8,
  '10': 1.0,
  '9': 1.3,
  '8.5': 1.6,
  '7F': 1.8,
  '6F': 2.7,
  '5F': 3.5,
  '4F': 5.5,
  '3F': 7.5,
  '7': 1.8,
  '5': 3.5,
  '4': 5.5,
}

/**
 * Length a bare blade leaves.
 * @returns mm, on clean dry coat
 * @example clippedLengthMm('4F', 'against') // 5.5
 */
export function clippedLengthMm(blade: BladeId, lay: Lay): number {
  return lay === 'with' ? WITH_MM[blade] : AGAINST_MM[blade]
}

/** Whether a blade can take up the skin of a zone: skip teeth where the skin is thin. Source: common practice. */
export const takesUpSkin = (blade: BladeId, zone: ZoneId): boolean => isSkipTooth(blade) && THIN_SKIN.includes(zone)

export const isSkipTooth = (blade: BladeId): boolean => (SKIP_BLADES as readonly string[]).includes(blade)

/** Hours of use after which a blade is sharpened: soon from the first, at the latest by the second. Source: from memory. */
export const SHARPEN_HOURS = { soon: 20, late: 30 } as const
