import type { Point } from './frames'

/** Hair from both flanks of a dent crosses; more loops than this no outline of a dog has. */
const MOST_LOOPS = 60

/**
 * A closed outline, counter-clockwise, without the loops that an offset makes in dents: wherever it crosses itself, the
 * loop that is turned inside out goes, else the smaller one, and the crossing takes its place.
 */
export function withoutLoops<T extends Point>(outline: readonly T[]): T[] {
  let points = [...outline]
  for (let round = 0; round < MOST_LOOPS; round++) {
    const crossing = firstCrossing(points)
    if (crossing === null) return points
    const { first, second, at } = crossing
    const inside = points.slice(first + 1, second + 1)
    const outside = [...points.slice(second + 1), ...points.slice(0, first + 1)]
    const point = { ...(points[first] as T), x: at.x, y: at.y }
    points = goes(area([at, ...inside]), area([at, ...outside])) ? [point, ...outside] : [point, ...inside]
  }
  return points
}

/** Whether the first of two loops goes: one turned inside out always does, else the smaller. */
function goes(first: number, second: number): boolean {
  if (first < 0 !== second < 0) return first < 0
  return Math.abs(first) < Math.abs(second)
}

/** Twice the signed area by the shoelace formula. */
export function area(points: readonly Point[]): number {
  let sum = 0
  for (let at = 0; at < points.length; at++) {
    const a = points[at] as Point
    const b = points[(at + 1) % points.length] as Point
    sum += a.x * b.y - b.x * a.y
  }
  return sum
}

interface Crossing {
  first: number
  second: number
  at: Point
}

/** The first pair of edges that cross, found on a grid so that only neighbours are compared. */
function firstCrossing(points: readonly Point[]): Crossing | null {
  const cell = cellSize(points)
  const grid = new Map<number, number[]>()
  for (let second = 0; second < points.length; second++) {
    const a = points[second] as Point
    const b = points[(second + 1) % points.length] as Point
    const [left, right] = a.x < b.x ? [a.x, b.x] : [b.x, a.x]
    const [low, high] = a.y < b.y ? [a.y, b.y] : [b.y, a.y]
    for (let column = Math.floor(left / cell); column <= Math.floor(right / cell); column++)
      for (let row = Math.floor(low / cell); row <= Math.floor(high / cell); row++) {
        const key = column * 4096 + row
        const here = grid.get(key)
        if (here === undefined) {
          grid.set(key, [second])
          continue
        }
        for (const first of here) {
          const at = crossingOf(points, first, second)
          if (at !== null) return { first, second, at }
        }
        here.push(second)
      }
  }
  return null
}

/** A cell as wide as a few edges. */
function cellSize(points: readonly Point[]): number {
  let longest = 1
  for (let at = 1; at < points.length; at++) {
    const a = points[at - 1] as Point
    const b = points[at] as Point
    longest = Math.max(longest, Math.abs(a.x - b.x), Math.abs(a.y - b.y))
  }
  return Math.max(longest, 4)
}

function crossingOf(points: readonly Point[], first: number, second: number): Point | null {
  const count = points.length
  if (second - first < 2 || (first === 0 && second === count - 1)) return null
  const a = points[first] as Point
  const b = points[first + 1] as Point
  const c = points[second] as Point
  const d = points[(second + 1) % count] as Point
  const [ux, uy, vx, vy] = [b.x - a.x, b.y - a.y, d.x - c.x, d.y - c.y]
  const turn = ux * vy - uy * vx
  if (Math.abs(turn) < 1e-9) return null
  const t = ((c.x - a.x) * vy - (c.y - a.y) * vx) / turn
  const s = ((c.x - a.x) * uy - (c.y - a.y) * ux) / turn
  if (t < 0 || t > 1 || s < 0 || s > 1) return null
  return { x: a.x + t * ux, y: a.y + t * uy }
}
