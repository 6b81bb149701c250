import type { VanDay } from './day'

/**
 * No day drives less than this, minutes: the shortest tree that joins base and doors by ways no longer than there are, and
 * the shortest way to leave the base or come back to it besides (a 1-tree: Held and Karp 1970, Operations Research 18).
 */
export function leastDriveMin({ base, at = base, stops, ways }: VanDay): number {
  if (stops.length === 0) return ways(at, base).driveMin
  const doors = stops.map(({ id }) => id)
  const either = (a: string, b: string) => Math.min(ways(a, b).driveMin, ways(b, a).driveMin)
  const out = Math.min(...doors.map((door) => ways(at, door).driveMin))
  const back = Math.min(...doors.map((door) => ways(door, base).driveMin))
  const ends = doors.length === 1 ? out + back : Math.max(out + back, twoEnds(doors, at, base, ways))
  return ends + treeMin(doors, either)
}

/** Two different doors begin and end a day of more than one. */
function twoEnds(doors: readonly string[], at: string, base: string, ways: VanDay['ways']): number {
  let least = Infinity
  for (const first of doors)
    for (const last of doors)
      if (first !== last) least = Math.min(least, ways(at, first).driveMin + ways(last, base).driveMin)
  return least
}

/** The shortest tree over places, by Prim's algorithm. */
function treeMin(places: readonly string[], between: (a: string, b: string) => number): number {
  const far = new Map(places.slice(1).map((place) => [place, between(places[0] as string, place)]))
  let sum = 0
  while (far.size > 0) {
    const [nearest, min] = [...far].reduce((best, each) => (each[1] < best[1] ? each : best))
    sum += min
    far.delete(nearest)
    for (const [place, known] of far) far.set(place, Math.min(known, between(nearest, place)))
  }
  return sum
}
