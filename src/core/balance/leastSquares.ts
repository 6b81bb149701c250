export interface Bounds {
  low: number
  high: number
}

const ROUNDS = 500
const STILL = 1e-9

/**
 * Minimises |A x − b|² over a box by cyclic coordinate descent: each step solves one coordinate exactly and clips it.
 * For a convex quadratic over a box this ends at the minimum.
 * Source: Bertsekas, Nonlinear Programming (1999), coordinate descent; each coordinate in closed form.
 * @param rows one row of A and its b each
 * @param from where the search begins; a coordinate that no row touches stays there
 */
export function boundedLeastSquares(
  rows: readonly { a: readonly number[]; b: number }[],
  bounds: readonly Bounds[],
  from: readonly number[],
): number[] {
  const x = bounds.map(({ low, high }, at) => Math.min(high, Math.max(low, from[at] ?? 0)))
  for (let round = 0; round < ROUNDS; round++) {
    let moved = 0
    for (let at = 0; at < x.length; at++) {
      let curve = 0
      let slope = 0
      for (const { a, b } of rows) {
        const part = a[at] ?? 0
        if (part === 0) continue
        const off = a.reduce((sum, each, index) => sum + each * (x[index] ?? 0), 0) - b
        curve += part * part
        slope += part * off
      }
      const { low, high } = bounds[at] as Bounds
      const was = x[at] ?? 0
      if (curve > 0) x[at] = Math.min(high, Math.max(low, was - slope / curve))
      moved = Math.max(moved, Math.abs((x[at] ?? 0) - was))
    }
    if (moved < STILL) break
  }
  return x
}
