import { curvePath } from './curve'
import type { BareFace } from './face'
import type { BarePart, DrawnCells, PlaceHalf } from './mirrored'

/** A view before its coat. */
export interface BareView extends DrawnCells {
  parts: BarePart[]
  /** The face, where this view shows it. */
  face: BareFace | null
  ink: string
}

/** A line that stands on both sides of the middle. */
export const onBothSides = (line: readonly (readonly [number, number])[], place: PlaceHalf, stepMm: number): string =>
  [1, -1]
    .map((sign) =>
      curvePath(
        line.map(([x, y]) => place(sign * x, y)),
        stepMm,
      ),
    )
    .join('')
