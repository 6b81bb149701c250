/**
 * NIOSH revised lifting equation: what one person may lift. Source: NIOSH Publication 94-110 (Waters, Putz-Anderson and Garg).
 * Distances in cm, angle in degrees; frequency and coupling as the multipliers of its tables.
 */
export interface Lift {
  /** From the ankles to the hands. */
  horizontalCm: number
  /** Hands above the floor at the start. */
  verticalCm: number
  /** How far up they go. */
  travelCm: number
  asymmetryDeg: number
  frequency: number
  coupling: number
}

/** A dog from the floor on to a table. Source: house default, from memory. */
export const FLOOR_TO_TABLE: Lift = {
  horizontalCm: 40,
  verticalCm: 20,
  travelCm: 70,
  asymmetryDeg: 0,
  frequency: 1,
  coupling: 1,
}

const LOAD_CONSTANT_KG = 23

/** No multiplier is above 1: nearer or shorter than its reference does not make a load lighter. */
const atMostOne = (multiplier: number): number => Math.min(1, multiplier)

/**
 * The recommended weight limit, kg.
 * @example recommendedWeightKg(FLOOR_TO_TABLE) // 10.6
 */
export function recommendedWeightKg(lift: Lift): number {
  const horizontal = atMostOne(25 / lift.horizontalCm)
  const vertical = 1 - 0.003 * Math.abs(lift.verticalCm - 75)
  const distance = atMostOne(0.82 + 4.5 / lift.travelCm)
  const asymmetry = 1 - 0.0032 * lift.asymmetryDeg
  return LOAD_CONSTANT_KG * horizontal * vertical * distance * asymmetry * lift.frequency * lift.coupling
}

/** Whether a dog is too heavy for one person to lift on to the table. */
export const needsTwoToLift = (weightKg: number): boolean => weightKg > recommendedWeightKg(FLOOR_TO_TABLE)
