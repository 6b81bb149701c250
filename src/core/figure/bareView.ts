import type { BuildId, Forelegs, Measures } from '../build'
import type { Build } from './builds'
import { pathOf, sampleCurve } from './curve'
import type { Point } from './frames'
import type { BareFace } from './face'
import type { BarePart, DrawnCells, PlaceHalf } from './mirrored'

/** What a view is drawn from. */
export interface Drawing {
  id: BuildId
  build: Build
  measures: Measures
  forelegs?: Forelegs | undefined
  stepMm: number
}

/** A view before its coat. */
export interface BareView extends DrawnCells {
  parts: BarePart[]
  /** The face, where this view shows it. */
  face: BareFace | null
  ink: string
}

export const curvePath = (points: readonly Point[], stepMm: number): string =>
  pathOf(
    sampleCurve(points, stepMm, false).map(({ point }) => point),
    false,
  )

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
