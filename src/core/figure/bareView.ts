import type { BuildId, Measures } from '../build'
import type { Build } from './builds'
import { pathOf, sampleCurve } from './curve'
import type { Point } from './frames'
import type { FringeRoot } from './fringe'
import type { BarePart, DrawnCells, PlaceHalf } from './mirrored'

/** What a view is drawn from. */
export interface Drawing {
  id: BuildId
  build: Build
  measures: Measures
  stepMm: number
}

/** A view before its coat. */
export interface BareView extends DrawnCells {
  parts: BarePart[]
  /** Parts that make up the head, where this view can go close to it. */
  head: readonly string[]
  fringe: FringeRoot | null
  eyes: Point[]
  nose: string
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

/** Several pieces as one view. */
export function merged(pieces: readonly BareView[]): BareView {
  return {
    parts: pieces.flatMap(({ parts }) => parts),
    head: pieces.flatMap(({ head }) => head),
    fringe: pieces.find((piece) => piece.fringe)?.fringe ?? null,
    cells: pieces.flatMap(({ cells }) => cells),
    anchors: Object.assign({}, ...pieces.map(({ anchors }) => anchors)),
    rightAnchors: Object.assign({}, ...pieces.map(({ rightAnchors }) => rightAnchors)),
    eyes: pieces.flatMap(({ eyes }) => eyes),
    nose: pieces.map(({ nose }) => nose).join(''),
    ink: pieces.map(({ ink }) => ink).join(''),
  }
}
