import { measuresOf, visorToEyeMm, type Measures } from '../build'
import type { Join } from '../patterns'
import { PARTS, type Build, type Frame, type PartId } from './builds'
import { ANCHORS, CELLS, GROUND } from './cells'
import { pathOf, sampleCurve } from './curve'
import { EAR_REACH, buildFor } from './ears'
import { LIES_OUT, sideHair, sideStrands } from './face'
import { placer, type Place, type Point } from './frames'
import type { LengthAt } from './lengthsAlong'
import { remembered, statureKey } from './remembered'
import type { Axis } from './shapes'
import { edgePath } from './texture'
import {
  boxOf,
  coated,
  curlScale,
  screen,
  skinOf,
  type Cut,
  type DrawOptions,
  type FigureCell,
  type FigureDog,
  type FigurePart,
  type FigureView,
  type Skin,
} from './view'

/** How finely outlines and seams are sampled, in heights. By eye. */
const STEP = { large: 1 / 80, small: 1 / 45 }
const SEAM_STEP = 1 / 45
/** Half an eye's height, in skulls, and how much larger it is in a flat face. By eye. */
const EYE = 0.065
const FLAT_EYE = 1.3
const EYE_BROAD = 1.2

const BLENDED = (): Join => 'blend'

/**
 * Draws the side view: the body outline of this build at this size, pushed out by the coat. The dog faces left.
 * @param lengthAt the coat at a zone, mm
 * @param size a small picture is drawn with fewer points
 */
export function sideView(
  dog: FigureDog,
  lengthAt: LengthAt,
  size: 'large' | 'small' = 'large',
  { joinOf = BLENDED, shapeOf }: Cut = {},
): FigureView {
  const bare = bareSide(`${statureKey(dog)} ${size}`, buildFor(dog), measuresOf(dog), STEP[size])
  const options: DrawOptions = { dog, lengthAt, joinOf, heightMm: bare.heightMm, ...(shapeOf ? { shapeOf } : {}) }
  const onEar: LengthAt = (zone, side) => lengthAt(zone, side) * (zone === 'ear-out' ? LIES_OUT : 1)
  const strands = sideStrands(bare.head, options)
  const near = PARTS.map((id): FigurePart => {
    const facts = { id, place: id === 'ear' ? 'top' : 'near', ground: GROUND[id] } as const
    const part = coated(bare.skins[id], id === 'ear' ? { ...options, lengthAt: onEar } : options, facts)
    return id === 'ear' || id === 'head' ? { ...part, strands: strands[id] } : part
  })
  const hair = sideHair(bare.head, options)
  const outline = (id: PartId) => near.find((part) => part.id === id)?.outline ?? []
  const far = (['fore', 'hind'] as const).map((id) => farLeg(id, outline(id), bare, options))
  const { cells, anchors, eyes, eyeMm, nose, ink, heightMm } = bare
  return {
    id: 'side',
    parts: [...far, ...near, ...hair],
    cells,
    anchors,
    rightAnchors: {},
    eyes,
    eyeMm,
    eyeBroad: EYE_BROAD,
    nose,
    nostrils: '',
    ink,
    heightMm,
    box: boxOf(near.flatMap((part) => part.outline)),
    headBox: boxOf([...outline('head'), ...outline('ear')]),
  }
}

/** What of the side view does not change with the coat. */
interface BareSide extends Pick<FigureView, 'anchors' | 'eyes' | 'eyeMm' | 'nose' | 'ink' | 'heightMm'> {
  skins: Record<PartId, Skin>
  head: Parameters<typeof sideHair>[0]
  cells: FigureCell[]
  farSkins: Record<'fore' | 'hind', { path: string; by: Point }>
}

const bareSide = remembered((build: Build, measures: Measures, step: number): BareSide => {
  const place = placer(build, measures)
  const { height } = measures
  /** Fields and callouts of an ear are placed on a hanging one, and follow the ear this dog carries. */
  const onDog = ([frame, a, b]: readonly [Frame, number, number]) =>
    place(frame, frame === 'ear' ? a * EAR_REACH[build.ear] : a, b)
  const outlineOf = (id: PartId) =>
    build.shapes[id].map(([, frame, a, b, zone]) => ({ point: place(frame, a, b), zone }))
  const skins = Object.fromEntries(
    PARTS.map((id) => [id, skinOf(outlineOf(id), height * step, axisOf(id, place, measures))]),
  ) as Record<PartId, Skin>
  const far = (id: 'fore' | 'hind', [dx, dy]: readonly [number, number]) => {
    const by = { x: dx * height, y: dy * height }
    return { by, path: pathOf(skins[id].samples.map(({ point }) => stepped(point, by, height))) }
  }
  return {
    skins,
    head: { build, measures, place, stepMm: height * step, toEyeMm: visorToEyeMm(measures) },
    farSkins: { fore: far('fore', build.pose.farFore), hind: far('hind', build.pose.farHind) },
    cells: CELLS.map(({ zone, part, seam, far: outer }) => {
      const line = sampleCurve(seam.map(onDog), height * SEAM_STEP, false).map(({ point }) => point)
      return { zone, part, seam: line.map(screen), field: pathOf([...line, ...outer.map(onDog)]) }
    }),
    anchors: Object.fromEntries(Object.entries(ANCHORS).map(([zone, point]) => [zone, screen(onDog(point))])),
    eyes: [screen(place('head', ...build.eye))],
    eyeMm: measures.skull * EYE * (build.flat ? FLAT_EYE : 1),
    nose: nosePath(place, measures, height * step),
    ink: inkPath(place, height * step),
    heightMm: height,
  }
})

/** From the root of a part to its end; the head has no such line. */
function axisOf(id: PartId, place: Place, { length }: Measures): Axis | undefined {
  if (id === 'tail') return { from: place('tail', 0, 0), to: place('tail', 1, 0) }
  if (id === 'ear') return { from: place('ear', 0, 0), to: place('ear', 1, 0) }
  if (id === 'torso') return { from: { x: 0, y: 0 }, to: { x: length, y: 0 } }
  if (id === 'head') return undefined
  const top = place('fore', 0, 1)
  return { from: top, to: { x: top.x, y: 0 } }
}

/** A far leg stands a step away and meets the body near its twin: of the step, this is left a height up. By eye. */
const STEP_AT_TOP = 0.3
const stepped = <T extends Point>(point: T, by: Point, heightMm: number): T => {
  const share = Math.max(0, 1 - (1 - STEP_AT_TOP) * (point.y / heightMm))
  return { ...point, x: point.x + by.x * share, y: Math.max(0, point.y + by.y) }
}

/** Far legs are the near ones, shifted a little forward and up. */
function farLeg(
  id: 'fore' | 'hind',
  near: FigurePart['outline'],
  { farSkins, heightMm }: BareSide,
  { dog }: DrawOptions,
): FigurePart {
  const { by, path } = farSkins[id]
  const outline = near.map((point) => stepped(point, by, heightMm))
  const coat = edgePath(outline, dog.coat, curlScale(heightMm), by.y)
  return {
    id: id === 'fore' ? 'farFore' : 'farHind',
    place: 'far',
    ground: id === 'fore' ? 'foreleg' : 'hock',
    skin: path,
    coat,
    outline,
  }
}

const MOUTH = [
  [1.93, -0.36],
  [1.7, -0.37],
  [1.4, -0.4],
  [1.16, -0.43],
] as const
const TOES = [
  ['foot', -0.064],
  ['foot', -0.044],
  ['foot', -0.022],
  ['hind', -0.04],
  ['hind', -0.02],
  ['hind', 0.002],
] as const
const NOSE = [
  [1.88, -0.07],
  [2.03, -0.12],
  [2.02, -0.26],
  [1.9, -0.25],
] as const

function inkPath(place: Place, stepMm: number): string {
  const toes = TOES.map(([frame, x]) =>
    pathOf([place(frame, x - 0.008, 0.004), place(frame, x - 0.004, 0.022), place(frame, x + 0.006, 0.04)], false),
  )
  const mouth = sampleCurve(
    MOUTH.map(([a, b]) => place('head', a, b)),
    stepMm,
    false,
  )
  return [
    pathOf(
      mouth.map(({ point }) => point),
      false,
    ),
    ...toes,
  ].join('')
}

/** A nose is as broad on a short muzzle: at least as on one of half a skull. By eye. */
const NOSE_MUZZLE = 0.5

function nosePath(place: Place, { skull, muzzle }: Measures, stepMm: number): string {
  const broad = Math.max(1, (NOSE_MUZZLE * skull) / muzzle)
  const points = NOSE.map(([a, b]) => place('head', 2 + (a - 2) * broad, b))
  return pathOf(sampleCurve(points, stepMm / 2, true).map(({ point }) => point))
}
