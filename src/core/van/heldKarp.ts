import type { VanDay } from './day'
import { extended, keptAmong, startOf, type Label } from './label'
import { bestHome } from './route'

/**
 * The best of all orders, by dynamic programming over subsets (Held and Karp 1962, SIAM Journal 10): every set of stops
 * ending at each of them keeps the ways that may still be best. With windows and a tank that are several, none of which
 * dominates another, as in Desrochers, Desrosiers and Solomon (1992, Operations Research 40).
 * @returns the way home of the best, or null when a bath needs more than the tank holds
 */
export function bestOrder(day: VanDay): Label | null {
  const count = day.stops.length
  const start = startOf(day)
  if (count === 0) return bestHome(day, [start])
  const all = (1 << count) - 1
  /** By set and last stop. */
  const known: (Label[] | undefined)[] = new Array(count * (all + 1))
  const put = (set: number, label: Label) => {
    const cell = set * count + label.stop
    known[cell] = keptAmong(known[cell] ?? [], label)
  }
  for (let stop = 0; stop < count; stop++) for (const label of extended(day, start, stop)) put(1 << stop, label)
  for (let set = 1; set < all; set++)
    for (let last = 0; last < count; last++)
      for (const label of known[set * count + last] ?? [])
        for (let next = 0; next < count; next++)
          if ((set & (1 << next)) === 0)
            for (const further of extended(day, label, next)) put(set | (1 << next), further)
  return bestHome(day, Array.from({ length: count }, (_, last) => known[all * count + last] ?? []).flat())
}
