import { makePlan } from '@/core/plan'
import type { NewBooking } from './bookings'
import { caseFor } from './caseOfBooking'

/** A slot is planned for against this before it is known, minutes; the proposal does not depend on it. */
const ANY_SLOT_MIN = 120

/** The shortest slot that this booking's own plan holds at the house's chance; null when the dog is not there. */
export async function proposeSlot(
  draft: Omit<NewBooking, 'slotMin'>,
  dayOf: (ms: number) => string,
): Promise<number | null> {
  const file = await caseFor({ coatSidesMm: {}, own: {}, ...draft, id: 0, slotMin: ANY_SLOT_MIN }, dayOf)
  return file && makePlan(file.planned).fit.shortestSlotMin
}
