/** Body surface, m². Source: Meeh's formula, canine constant 10.1 (table in the Merck Veterinary Manual). */
export const bodySurfaceM2 = (weightKg: number): number => 10.1 * (weightKg * 1000) ** (2 / 3) * 1e-4

/** The water may not be warmer than this; a normal dog is 37.9 to 39.9 °C. Source: Merck Veterinary Manual, from memory. */
export const WATER_MAX_C = 38
/** A facial stays on while the body is shampooed, min. Source: common practice; minutes from memory. */
export const FACIAL_MIN = 5
/** Parts of water to one part of product. Source: from memory. */
export const SHAMPOO_PARTS = 16
export const CONDITIONER_PARTS = 10
/** ml of working solution a wash takes per m², and what long, short and matted coat do to it. Source: from memory. */
const SOLUTION_ML_PER_M2 = 600
const SHORT_COAT = { belowMm: 10, factor: 0.7 }
const LONG_COAT = { aboveMm: 40, factor: 1.5 }
const MATTED_FACTOR = 1.25
/** Litres per m² to wet and lather, and for each rinse. Source: from memory. */
const WET_LITRES_PER_M2 = 12
const RINSE_LITRES_PER_M2 = 25

/** A kitchen spoon, ml. Source: common practice. */
export const SPOON_ML = 15

/** Product in spoons, to the nearest half. @example spoons(45) // 3 */
export const spoons = (productMl: number): number => Math.round((productMl / SPOON_ML) * 2) / 2

export interface Mix {
  stage: 'wash' | 'second-wash' | 'condition'
  ratio: number
  productMl: number
  waterMl: number
}

/** 1 part product with n parts water. @example mix('wash', 16, 360) // 21 ml in 339 ml water */
export function mix(stage: Mix['stage'], ratio: number, totalMl: number): Mix {
  const productMl = Math.round(totalMl / (ratio + 1))
  return { stage, ratio, productMl, waterMl: Math.round(totalMl) - productMl }
}

/** What the bath needs for the stages that are planned. Lengths in mm, weight in kg. */
export function bathFor(stages: readonly string[], weightKg: number, coatMm: number, matted: boolean) {
  const surfaceM2 = bodySurfaceM2(weightKg)
  const byCoat = coatMm < SHORT_COAT.belowMm ? SHORT_COAT.factor : coatMm > LONG_COAT.aboveMm ? LONG_COAT.factor : 1
  const solutionMl = SOLUTION_ML_PER_M2 * surfaceM2 * byCoat * (matted ? MATTED_FACTOR : 1)
  const washes = (['wash', 'second-wash', 'condition'] as const).filter((stage) => stages.includes(stage))
  const rinses = stages.includes('rinse') ? 1 : 0
  return {
    waterMaxC: WATER_MAX_C,
    waterLitres: washes.length === 0 ? 0 : Math.round(surfaceM2 * (WET_LITRES_PER_M2 + rinses * RINSE_LITRES_PER_M2)),
    mixes: washes.map((stage) => mix(stage, stage === 'condition' ? CONDITIONER_PARTS : SHAMPOO_PARTS, solutionMl)),
  }
}
