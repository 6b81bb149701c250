/** A button for the rest, with the gap above it, px. */
export const UNFOLD_PX = 72

/**
 * How many lines have room.
 * @param ends where each line ends, px from the top
 * @returns all of them, or as many as leave room for a button
 */
export function howManyFit(ends: readonly number[], roomPx: number): number {
  if ((ends.at(-1) ?? 0) <= roomPx) return ends.length
  return ends.filter((end) => end + UNFOLD_PX <= roomPx).length
}
