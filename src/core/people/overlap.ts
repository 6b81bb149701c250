/** A stretch of a day. */
export interface Slot {
  startMs: number
  slotMin: number
}

const MS_PER_MIN = 60_000
const endMs = ({ startMs, slotMin }: Slot): number => startMs + slotMin * MS_PER_MIN

/** Which slots share time with another; one that begins as the other ends does not. Waits with free hands are not looked at. */
export const overlapping = <T extends Slot>(slot: Slot, others: readonly T[]): T[] =>
  others.filter((other) => other.startMs < endMs(slot) && slot.startMs < endMs(other))
