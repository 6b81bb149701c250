import { isPaired, type Side, type ZoneId } from '../zones'
import { pathOf, sampleCurve } from './curve'
import type { Point } from './frames'
import type { Half, HalfCell } from './halves'
import { screen, skinOf, type FigureCell, type OutlinePoint, type PartFacts, type Skin } from './view'

/** From half coordinates to mm, y upward. */
export type PlaceHalf = (x: number, y: number) => Point

/** Which side of the dog lies where x is positive. */
export interface Facing {
  positive: Side
}

const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left')
const sided = (zone: ZoneId, side: Side): { side?: Side } => (isPaired(zone) ? { side } : {})

/** A whole outline from half of it: down one side, up the other. Each side takes its own lengths. */
export function wholeOutline(half: Half, place: PlaceHalf, { positive }: Facing): OutlinePoint[] {
  const down = half.map(([x, y, zone]): OutlinePoint => ({ point: place(x, y), zone, ...sided(zone, positive) }))
  const up: OutlinePoint[] = []
  for (let at = half.length - 1; at > 0; at--) {
    const [x, y] = half[at] as Half[number]
    const zone = (half[at - 1] as Half[number])[2]
    const other = { zone, ...sided(zone, otherSide(positive)) }
    // In the middle line the point stands already; the segment that leaves it belongs to the other side.
    if (x === 0) down[at] = { point: place(x, y), ...other }
    else up.push({ point: place(-x, y), ...other })
  }
  return [...down, ...up]
}

/** Where a leg begins on the drawn halves, in heights. */
const ELBOW = 0.548

/** A part before its coat. */
export interface BarePart {
  skin: Skin
  facts: PartFacts
}

/** A part that is the same on both sides but for its lengths. */
export const halfPart = (half: Half, place: PlaceHalf, facing: Facing, stepMm: number, facts: PartFacts): BarePart => ({
  skin: skinOf(
    wholeOutline(half, place, facing),
    stepMm,
    facts.id === 'tail'
      ? { from: place(0, 0), to: place(0, 1) }
      : facts.id === 'body'
        ? { from: place(0, ELBOW), to: place(0, 0) }
        : undefined,
  ),
  facts,
})

export interface DrawnCells {
  cells: FigureCell[]
  anchors: Partial<Record<ZoneId, Point>>
  rightAnchors: Partial<Record<ZoneId, Point>>
}

/** The fields of a part on both sides, and where their callouts touch: inside the body, at the corners' middle. */
export function drawCells(
  cells: readonly HalfCell[],
  part: string,
  place: PlaceHalf,
  { positive }: Facing,
  stepMm: number,
): DrawnCells {
  const drawn: DrawnCells = { cells: [], anchors: {}, rightAnchors: {} }
  const onFloor = part === 'body' ? LEAST_Y : -Infinity
  for (const { zone, corners } of cells) {
    const middle = corners.some(([x]) => x < 0)
    const sides = middle ? [1] : [1, -1]
    for (const sign of sides) {
      const side = sign === 1 ? positive : otherSide(positive)
      const points = corners.map(([x, y]) => place(sign * x, y))
      const edge = sampleCurve(points, stepMm, true).map(({ point }) => point)
      drawn.cells.push({
        zone,
        part,
        field: pathOf(edge),
        seam: [...edge, edge[0] as Point].map(screen),
        ...(middle ? {} : sided(zone, side)),
      })
      const anchor = screen(place(sign * anchorX(corners), mean(corners.map(([, y]) => Math.max(onFloor, y)))))
      if (side === 'right' && !middle) drawn.rightAnchors[zone] = anchor
      else drawn.anchors[zone] = anchor
    }
  }
  return drawn
}

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length

/** Fields reach far outside the dog; an anchor stays within its body and above its floor. */
const INSIDE = 0.14
const LEAST_Y = 0.02
const anchorX = (corners: readonly (readonly [number, number])[]): number =>
  mean(corners.map(([x]) => Math.max(-INSIDE, Math.min(INSIDE, x))))
