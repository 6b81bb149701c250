import { sumOverDays } from './days'
import type { Term } from './lognormal'

/** House slots come in steps, and a slot is promised at this chance. Source: house default. */
export const SLOT_STEP_MIN = 15
export const HOUSE_CHANCE = 0.85
const LONGEST_SLOT_MIN = 720

/** What a house promises by: a chance, 0 to 1, and slots in steps. */
export interface SlotPromise {
  chance: number
  stepMin: number
}

export interface Fit {
  slotMin: number
  p50: number
  p90: number
  /** 0 to 1. */
  chance: number
  /** The shortest slot, in house steps, that holds at the house's chance; never above 720. */
  shortestSlotMin: number
}

/**
 * Whether a groom fits its slot: each stage lognormal about its median, waits as they are.
 * @param terms hands-on minutes a stage
 * @param waitMin minutes that nothing else can fill
 * @param daySigma what a day does to all stages alike, on the log scale
 * @param house the chance a slot is promised at, 0 to 1, and its steps
 */
export function fitSlot(
  terms: readonly Term[],
  waitMin: number,
  slotMin: number,
  house: Partial<SlotPromise> = {},
  daySigma = 0,
): Fit {
  const { chance = HOUSE_CHANCE, stepMin = SLOT_STEP_MIN } = house
  const sum = sumOverDays(terms, waitMin, daySigma)
  let shortestSlotMin = stepMin
  while (sum.chanceWithin(shortestSlotMin) < chance && shortestSlotMin + stepMin <= LONGEST_SLOT_MIN)
    shortestSlotMin += stepMin
  return {
    slotMin,
    p50: oneDecimal(sum.percentileMin(0.5)),
    p90: oneDecimal(sum.percentileMin(0.9)),
    chance: Number(sum.chanceWithin(slotMin).toFixed(3)),
    shortestSlotMin,
  }
}

export const oneDecimal = (min: number): number => Number(min.toFixed(1))
