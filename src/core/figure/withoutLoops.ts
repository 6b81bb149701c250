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
  const grid = gridOver(points)
  /** The edges met in a cell, each with the one before it: one list a cell, all in two arrays. */
  const last = new Int32Array(grid.columns * grid.rows).fill(NONE)
  let edges = new Int32Array(points.length * 4)
  let earlier = new Int32Array(points.length * 4)
  let used = 0
  for (let second = 0; second < points.length; second++) {
    const a = points[second] as Point
    const b = points[(second + 1) % points.length] as Point
    const [left, right] = a.x < b.x ? [a.x, b.x] : [b.x, a.x]
    const [low, high] = a.y < b.y ? [a.y, b.y] : [b.y, a.y]
    for (let column = grid.column(left); column <= grid.column(right); column++)
      for (let row = grid.row(low); row <= grid.row(high); row++) {
        const cell = row * grid.columns + column
        for (let entry = last[cell] as number; entry !== NONE; entry = earlier[entry] as number) {
          const first = edges[entry] as number
          const at = crossingOf(points, first, second)
          if (at !== null) return { first, second, at }
        }
        if (used === edges.length) [edges, earlier] = [doubled(edges), doubled(earlier)]
        edges[used] = second
        earlier[used] = last[cell] as number
        last[cell] = used++
      }
  }
  return null
}

const NONE = -1

function doubled(values: Int32Array<ArrayBuffer>): Int32Array<ArrayBuffer> {
  const twice = new Int32Array(values.length * 2)
  twice.set(values)
  return twice
}

function gridOver(points: readonly Point[]) {
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity]
  for (const { x, y } of points) {
    left = Math.min(left, x)
    right = Math.max(right, x)
    low = Math.min(low, y)
    high = Math.max(high, y)
  }
  const cell = cellSize(points)
  return {
    columns: Math.floor((right - left) / cell) + 1,
    rows: Math.floor((high - low) / cell) + 1,
    column: (x: number) => Math.floor((x - left) / cell),
    row: (y: number) => Math.floor((y - low) / cell),
  }
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
