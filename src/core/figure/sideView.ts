import type { CoatId } from '../coat'
import { measuresOf, type BuildId } from '../build'
import type { ZoneId } from '../zones'
import { PARTS, buildOf, type ControlPoint, type PartId } from './builds'
import { ANCHORS, CELLS, GROUND } from './cells'
import { coatLine, counterClockwise } from './coatLine'
import { pathOf, sampleCurve } from './curve'
import { placer, type Point } from './frames'
import { edgePath } from './texture'

export interface FigureDog {
  build: BuildId
  coat: CoatId
  heightCm?: number | null
  lengthCm?: number | null
}

export interface FigurePart {
  id: PartId | 'farFore' | 'farHind'
  /** Path strings in mm, y downward. */
  skin: string
  coat: string
}

export interface FigureCell {
  zone: ZoneId
  part: PartId
  field: string
  seam: string
}

/** The side view of one dog in its coat: paths in mm, y downward from the floor at 0, the dog facing left. */
export interface SideView {
  parts: FigurePart[]
  cells: FigureCell[]
  ground: Record<PartId, ZoneId>
  anchors: Partial<Record<ZoneId, Point>>
  eye: Point
  nose: string
  /** Mouth line and toe divisions. */
  ink: string
  heightMm: number
  box: Box
  /** Extent of each near part in its coat. */
  boxes: Record<PartId, Box>
}

export interface Box {
  left: number
  top: number
  right: number
  bottom: number
}

/** How far a blend reaches and how finely outlines and seams are sampled, in heights. By eye. */
const SOFT = 0.03
const STEP = 1 / 100
const SEAM_STEP = 1 / 45
const SMALL_STEP = 1 / 45

/**
 * Draws the side view: the body outline of this build at this size, pushed out by the coat.
 * @param lengthMm the coat at a zone, mm
 * @param size a small picture is drawn with fewer points
 */
export function sideView(
  dog: FigureDog,
  lengthMm: (zone: ZoneId) => number,
  size: 'large' | 'small' = 'large',
): SideView {
  const build = buildOf(dog.build)
  const measures = measuresOf(dog.build, dog.heightCm, dog.lengthCm)
  const { height } = measures
  const place = placer(build, measures)
  const stepMm = height * (size === 'small' ? SMALL_STEP : STEP)
  const scale = Math.max(0.5, height / 500)
  const drawn = PARTS.map((id) => ({ id, ...drawPart(build.shapes[id]) }))
  const near = drawn.map(({ id, skin, edge }) => ({
    id,
    skin: pathOf(skin),
    coat: edgePath(edge, skin, dog.coat, scale),
  }))
  const far = (['fore', 'hind'] as const).map((id) => {
    const [dx, dy] = id === 'fore' ? build.pose.farFore : build.pose.farHind
    const shift = ({ x, y }: Point) => ({ x: x + dx * height, y: Math.max(0, y + dy * height) })
    const part = drawn.find((each) => each.id === id) as (typeof drawn)[number]
    const skin = part.skin.map(shift)
    const name = id === 'fore' ? ('farFore' as const) : ('farHind' as const)
    return { id: name, skin: pathOf(skin), coat: edgePath(part.edge.map(shift), skin, dog.coat, scale) }
  })
  const screen = ({ x, y }: Point): Point => ({ x, y: -y })
  return {
    parts: [...far, ...near],
    cells: CELLS.map(({ zone, part, seam, far: outer }) => {
      const line = sampleCurve(seam.map((point) => place(...point)), height * SEAM_STEP, false).map(({ point }) => point) // prettier-ignore
      return {
        zone,
        part,
        seam: pathOf(line, false),
        field: pathOf([...line, ...outer.map((point) => place(...point))]),
      }
    }),
    ground: GROUND,
    anchors: Object.fromEntries(Object.entries(ANCHORS).map(([zone, point]) => [zone, screen(place(...point))])),
    eye: screen(place('head', ...build.eye)),
    nose: nosePath(),
    ink: inkPath(),
    heightMm: height,
    box: boxOf(drawn.flatMap(({ edge }) => edge)),
    boxes: Object.fromEntries(drawn.map(({ id, edge }) => [id, boxOf(edge)])) as Record<PartId, Box>,
  }

  function drawPart(points: readonly ControlPoint[]) {
    const samples = sampleCurve(points.map(([, frame, a, b]) => place(frame, a, b)), stepMm, true) // prettier-ignore
    const skin = counterClockwise(
      samples.map(({ point, from }) => ({ point, zone: (points[from] as ControlPoint)[4] })),
    )
    return { skin: skin.map(({ point }) => point), edge: coatLine(skin, lengthMm, dog.coat, height * SOFT) }
  }

  function inkPath(): string {
    const mouth = [[1.93, -0.36], [1.7, -0.37], [1.4, -0.4], [1.16, -0.43]] as const // prettier-ignore
    const toes = [['foot', -0.062], ['foot', -0.038], ['hind', -0.04], ['hind', -0.016]] as const // prettier-ignore
    const lines = toes.map(([frame, x]) => pathOf([place(frame, x - 0.006, 0.006), place(frame, x, 0.03)], false))
    return [pathOf(sampleCurve(mouth.map(([a, b]) => place('head', a, b)), height * STEP, false).map(({ point }) => point), false), ...lines].join('') // prettier-ignore
  }

  function nosePath(): string {
    const corners = [[1.88, -0.07], [2.03, -0.12], [2.02, -0.26], [1.9, -0.25]] as const // prettier-ignore
    return pathOf(sampleCurve(corners.map(([a, b]) => place('head', a, b)), height * STEP, true).map(({ point }) => point)) // prettier-ignore
  }
}

function boxOf(points: readonly Point[]): Box {
  const xs = points.map(({ x }) => x)
  const ys = points.map(({ y }) => y)
  return { left: Math.min(...xs), right: Math.max(...xs), top: -Math.max(...ys), bottom: 0 - Math.min(...ys) }
}
