import { groupOf, type ZoneId } from '../zones'
import type { LengthAt } from './lengthsAlong'
import { otherView } from './otherViews'
import { sideView } from './sideView'
import { withAir, type Cut, type FigureDog, type FigureView, type ViewId } from './view'

/** Any view of one dog in its coat. */
export function drawView(id: ViewId, dog: FigureDog, lengthAt: LengthAt, cut?: Cut): FigureView {
  if (id === 'side') return sideView(dog, lengthAt, 'large', cut)
  return id === 'head-side' ? headSide(sideView(dog, lengthAt, 'large', cut)) : otherView(id, dog, lengthAt, cut)
}

/** Zones beside the head that a close look at it still shows. */
const BESIDE: readonly ZoneId[] = ['neck']

/** The side view from close by. */
function headSide(side: FigureView): FigureView {
  const seen = Object.entries(side.anchors).filter(
    ([zone]) => groupOf(zone as ZoneId) === 'head' || BESIDE.includes(zone as ZoneId),
  )
  return {
    ...side,
    id: 'head-side',
    close: true,
    box: withAir(side.headBox ?? side.box),
    anchors: Object.fromEntries(seen),
  }
}
