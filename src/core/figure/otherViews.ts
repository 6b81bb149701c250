import { measuresOf } from '../build'
import type { Join } from '../patterns'
import type { BareView } from './bareView'
import type { Drawing } from './drawing'
import { buildFor } from './ears'
import { faceParts, featuresOf, type BareFace } from './face'
import type { LengthAt } from './lengthsAlong'
import { remembered, statureKey } from './remembered'
import { topView } from './topView'
import { frontView, headFrontView, legsOf, rearView } from './uprightViews'
import { boxOf, coated, type Cut, type FigureDog, type FigureView, type ViewId } from './view'

const STEP = 1 / 90
/** Views that are drawn from halves. */
type OtherId = Exclude<ViewId, 'side' | 'head-side'>

const BLENDED = (): Join => 'blend'

/**
 * Draws the dog from the front, from behind, from above, or its head from the front; both sides take their own lengths.
 * From the front and on the head the dog's right is at the viewer's left.
 */
export function otherView(
  view: OtherId,
  dog: FigureDog,
  lengthAt: LengthAt,
  { joinOf = BLENDED, shapeOf }: Cut = {},
): FigureView {
  const measures = measuresOf(dog)
  const drawing: Drawing = {
    id: dog.build,
    build: buildFor(dog),
    measures,
    forelegs: dog.forelegs,
    stepMm: measures.height * STEP,
  }
  const bare = bareView(`${view} ${statureKey(dog)}`, view, drawing)
  const options = {
    dog,
    lengthAt,
    joinOf,
    heightMm: measures.height,
    ...(shapeOf ? { shapeOf } : {}),
    ...(view === 'top' ? { fromAbove: true } : {}),
  }
  const legs = legsOf(drawing)
  const bodies = bare.parts.map(({ skin, facts }) =>
    coated(skin, facts.id === 'body' && view !== 'top' ? { ...options, legs } : options, facts),
  )
  const head = bare.face && faceParts(bare.face, options)
  const parts = [...bodies, ...(head?.parts ?? [])]
  const { anchors, rightAnchors, ink } = bare
  return {
    id: view,
    parts,
    cells: [...bare.cells, ...(head?.cells ?? [])],
    anchors,
    rightAnchors,
    ...(bare.face ? faceLines(bare.face, ink) : { eyes: [], eyeMm: 0, eyeBroad: 1, nose: '', nostrils: '', ink }),
    heightMm: measures.height,
    box: boxOf(parts.flatMap(({ outline }) => outline)),
    headBox: head ? boxOf(head.parts.flatMap(({ outline }) => outline)) : null,
  }
}

function faceLines({ face }: BareFace, ink: string) {
  const { ink: lines, ...features } = featuresOf(face)
  return { ...features, eyeMm: face.eye * face.unitMm, eyeBroad: face.eyeBroad, ink: ink + lines }
}

const bareView = remembered((view: OtherId, drawing: Drawing): BareView => {
  if (view === 'front') return frontView(drawing)
  if (view === 'rear') return rearView(drawing)
  return view === 'top' ? topView(drawing) : headFrontView(drawing)
})
