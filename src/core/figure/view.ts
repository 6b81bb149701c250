import { measuredOf, type BuildId, type FaceShape, type Measured, type Stature } from '../build'
import type { CoatId } from '../coat'
import type { Join } from '../patterns'
import type { Side, ZoneId } from '../zones'
import { coatLine, counterClockwise, type CoatOptions, type CoatPoint } from './coatLine'
import { pathOf, sampleCurve } from './curve'
import type { Point } from './frames'
import type { LengthAt, SkinSample } from './lengthsAlong'
import { alongOf, headShare, shapeShare, withinRuns, type Axis, type StandsAt } from './shapes'
import { edgePath } from './texture'

export interface FigureDog extends Stature {
  coat: CoatId
}

/** What a figure is drawn from, of a dog of whom more is known. */
export const figureOf = (dog: FigureDog): { build: BuildId; coat: CoatId; faceShape?: FaceShape } & Measured => ({
  build: dog.build,
  coat: dog.coat,
  ...(dog.faceShape === 'flat' ? { faceShape: dog.faceShape } : {}),
  ...measuredOf(dog),
})

export const VIEWS = ['side', 'front', 'rear', 'top', 'head-front', 'head-side'] as const
export type ViewId = (typeof VIEWS)[number]

export interface FigurePart {
  id: string
  /**
   * Drawn in this order: far parts first and darker, those over the near ones with a line of their own; then the mouth and
   * the hair that hides it, nose and eyes; then the fringe that falls over them, and ears on top of all.
   */
  place: 'far' | 'near' | 'over' | 'beard' | 'fringe' | 'top'
  /** The zone that fills the part where no cell covers it. */
  ground: ZoneId
  side?: Side
  /** Path strings in mm, y downward; a mass of hair alone has no skin. */
  skin: string
  coat: string
  /** The only line of a part that has no other. */
  hem?: string
  /** Lines along the fall of its hair. */
  strands?: string
  /** How strong its line is, 0 to 1, so that a mass appears as it grows; and how far it hides what is under it. */
  weight?: number
  opacity?: number
  /** The part that it covers: beyond it its line is always whole. */
  joins?: string
  /** The coat's outline before its texture, y upward. */
  outline: CoatPoint[]
}

/** A zone's field on a part. */
export interface FigureCell {
  zone: ZoneId
  part: string
  side?: Side
  field: string
  seam: Point[]
}

export interface Box {
  left: number
  top: number
  right: number
  bottom: number
}

/** One view of one dog in its coat: paths in mm, y downward. */
export interface FigureView {
  id: ViewId
  parts: FigurePart[]
  cells: FigureCell[]
  /** Where a callout's leader touches each zone; of a pair the dog's left where both are seen. */
  anchors: Partial<Record<ZoneId, Point>>
  /** The dog's right of the pairs that this view shows on both sides. */
  rightAnchors: Partial<Record<ZoneId, Point>>
  eyes: Point[]
  /** Half an eye's height, mm, and how much broader it is. */
  eyeMm: number
  eyeBroad: number
  nose: string
  nostrils: string
  /** Mouth line and toe divisions. */
  ink: string
  heightMm: number
  box: Box
  /** A close look: what lies outside the box is left out. */
  close?: boolean
  /** The head with its ears alone, in its coat. */
  headBox: Box | null
}

/** How a coat is cut beyond its lengths: how zones meet, and to what shapes. */
export interface Cut {
  joinOf?: (zone: ZoneId) => Join
  shapeOf?: ShapeOf
}

export interface DrawOptions {
  dog: FigureDog
  lengthAt: LengthAt
  joinOf: (zone: ZoneId) => Join
  shapeOf?: ShapeOf
  /** Height at the withers, mm: what widths of blends and curls go by. */
  heightMm: number
  fromAbove?: boolean
  legs?: CoatOptions['legs']
}

/** A control point of an outline: where, and the zone of the segment that starts there; null is bare skin. */
export interface OutlinePoint {
  point: Point
  zone: ZoneId | null
  side?: Side
}

/** How far a blend reaches, in heights. By eye. */
const SOFT = 0.03
/** Curls are drawn for a dog this high, mm, and smaller on smaller ones, down to half. */
const CURLS_FOR_MM = 500

/** The shape a zone is cut to, as the card names it. */
export type ShapeOf = (zone: ZoneId) => string | null

/** A bare outline: what stays while the coat changes. */
export interface Skin {
  samples: SkinSample[]
  /** Where each sample stands along the part; null for a head, which has no length to stand along. */
  stands: StandsAt[] | null
  path: string
}

/** The skin as a smooth curve through its control points. */
export function skinOf(points: readonly OutlinePoint[], stepMm: number, axis?: Axis): Skin {
  const curve = sampleCurve(
    points.map(({ point }) => point),
    stepMm,
    true,
  )
  const samples = counterClockwise(
    curve.map(({ point, from }): SkinSample => {
      const { zone, side } = points[from] as OutlinePoint
      return side === undefined ? { point, zone } : { point, zone, side }
    }),
  )
  const stands = axis
    ? samples.map(({ point }, at) => ({
        along: alongOf(axis, point),
        under: point.x < (samples[(at + 1) % samples.length] as SkinSample).point.x,
      }))
    : null
  return { samples, stands, path: pathOf(samples.map(({ point }) => point)) }
}

/** What a part is, before skin and coat. */
export type PartFacts = Pick<FigurePart, 'id' | 'place' | 'ground' | 'side' | 'weight'> & {
  /** Only what lies lower than this, mm, has a line. */
  hemBelow?: number
  /** Its skin is that of the other side: the part is its mirror at this x, mm. */
  mirrorAtMm?: number
}

/** A part of the figure: its skin, and its coat pushed out from it. */
export function coated(
  skin: Skin,
  { dog, lengthAt, joinOf, shapeOf, heightMm, fromAbove, legs }: DrawOptions,
  { hemBelow, mirrorAtMm, ...facts }: PartFacts,
): FigurePart {
  const softMm = heightMm * SOFT
  const shares = shapeOf && sharesOf(skin, shapeOf)
  const grown = coatLine(skin.samples, {
    lengthAt,
    joinOf,
    coat: dog.coat,
    softMm,
    ...(shares ? { shares } : {}),
    ...(fromAbove ? { fromAbove } : {}),
    ...(legs ? { legs } : {}),
  })
  const outline = mirrorAtMm === undefined ? grown : inMirror(grown, mirrorAtMm)
  return {
    ...facts,
    skin: skin.path,
    coat: edgePath(outline, dog.coat, curlScale(heightMm)),
    outline,
    ...(hemBelow === undefined ? {} : { hem: lowerEdge(outline, hemBelow) }),
  }
}

/** A closed outline on the other side of an upright line. */
export const inMirror = <T extends Point>(points: readonly T[], atMm: number): T[] =>
  points.map((point) => ({ ...point, x: 2 * atMm - point.x })).reverse()

/** What of a closed outline lies below a level, as one line. */
function lowerEdge(outline: readonly Point[], belowMm: number): string {
  const isLow = (at: number) => (outline[(at + outline.length) % outline.length] as Point).y < belowMm
  const start = Math.max(
    0,
    outline.findIndex((_, at) => isLow(at) && !isLow(at - 1)),
  )
  const turned = [...outline.slice(start), ...outline.slice(0, start)]
  return pathOf(
    turned.filter(({ y }) => y < belowMm),
    false,
  )
}

/** What the shapes leave at every sample. A head's shapes reach over all neighbouring zones that share them. */
function sharesOf({ samples, stands }: Skin, shapeOf: ShapeOf): number[] {
  const shapes = samples.map(({ zone }) => (zone === null ? null : shapeOf(zone)))
  if (stands)
    return stands.map((at, index) =>
      shapeShare(shapes[index] as string | null, (samples[index] as SkinSample).zone, at),
    )
  const within = withinRuns(shapes)
  return shapes.map((shape, index) => headShare(shape, within[index] as number))
}

export const curlScale = (heightMm: number): number => Math.max(0.5, heightMm / CURLS_FOR_MM)

export const screen = ({ x, y }: Point): Point => ({ x, y: -y })

export function boxOf(points: readonly Point[]): Box {
  const box = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity }
  for (const { x, y } of points) {
    box.left = Math.min(box.left, x)
    box.right = Math.max(box.right, x)
    box.top = Math.min(box.top, -y)
    box.bottom = Math.max(box.bottom, 0 - y)
  }
  return box
}

/** Room round a close look, in heights of what is looked at. */
const AIR = 0.08

export function withAir({ left, right, top, bottom }: Box): Box {
  const air = (bottom - top) * AIR
  return { left: left - air, right: right + air, top: top - air, bottom: bottom + air }
}
