import type { LengthAt } from './lengthsAlong'
import { otherView } from './otherViews'
import { sideView } from './sideView'
import type { Cut, FigureDog, FigureView, ViewId } from './view'

/** Any view of one dog in its coat. */
export const drawView = (id: ViewId, dog: FigureDog, lengthAt: LengthAt, cut?: Cut): FigureView =>
  id === 'side' ? sideView(dog, lengthAt, 'large', cut) : otherView(id, dog, lengthAt, cut)
