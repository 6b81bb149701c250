import { byHand, cutOf, type Cut } from './cut'
import { waysOf, type Kit } from './kit'

/** Lengths this close are the same to a rule held at the skin, mm. */
const SAME_MM = 0.05

/** The cut that leaves exactly this length: a clipper way of the kit where one does, scissors otherwise. */
export function cutLeaving(kit: Kit, lengthMm: number): Cut {
  const way = [...waysOf(kit, 'with'), ...waysOf(kit, 'against')].find(
    (each) => Math.abs(each.lengthMm - lengthMm) < SAME_MM,
  )
  return way ? cutOf(way) : byHand('scissor', lengthMm)
}
