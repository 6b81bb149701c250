import { byHand, cutOf, isSameMm, type Cut } from './cut'
import { waysOf, type Kit } from './kit'

/** The cut that leaves exactly this length: a clipper way of the kit where one does, scissors otherwise. */
export function cutLeaving(kit: Kit, lengthMm: number): Cut {
  const way = [...waysOf(kit, 'with'), ...waysOf(kit, 'against')].find((each) => isSameMm(each.lengthMm, lengthMm))
  return way ? cutOf(way) : byHand('scissor', lengthMm)
}
