import { HOUSE_CHANCE, SLOT_STEP_MIN, type SlotPromise } from '../time'
import type { Case } from './case'

/** What this house promises a slot by. */
export const slotPromise = ({ house }: Pick<Case, 'house'>): SlotPromise => ({
  chance: house?.chancePercent === undefined ? HOUSE_CHANCE : house.chancePercent / 100,
  stepMin: house?.slotStepMin ?? SLOT_STEP_MIN,
})
