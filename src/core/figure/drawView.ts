import type { Join } from '../patterns'
import type { ZoneId } from '../zones'
import type { LengthAt } from './lengthsAlong'
import { otherView } from './otherViews'
import { sideView } from './sideView'
import type { FigureDog, FigureView, ViewId } from './view'

/** Any view of one dog in its coat. */
export const drawView = (
  id: ViewId,
  dog: FigureDog,
  lengthAt: LengthAt,
  joinOf?: (zone: ZoneId) => Join,
): FigureView => (id === 'side' ? sideView(dog, lengthAt, 'large', joinOf) : otherView(id, dog, lengthAt, joinOf))
