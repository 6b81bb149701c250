/** A stretch of the day. */
interface Stretch {
  startMs: number
  endMs: number
}

/**
 * Puts stretches that overlap side by side, each in the first column that is free at its start.
 * @returns the column of each, in the order given, and how many there are
 */
export function columnsOf(stretches: readonly Stretch[]): { columns: number[]; count: number } {
  const freeFromMs: number[] = []
  const columns = Array.from(stretches, () => 0)
  for (const [at, { startMs, endMs }] of [...stretches.entries()].sort(([, a], [, b]) => a.startMs - b.startMs)) {
    const free = freeFromMs.findIndex((ms) => ms <= startMs)
    const column = free < 0 ? freeFromMs.length : free
    freeFromMs[column] = endMs
    columns[at] = column
  }
  return { columns, count: Math.max(1, freeFromMs.length) }
}
