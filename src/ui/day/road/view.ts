import type { HandsView } from '../hands/view'

/** A day of the van as its page has it from the house. */
export interface RoadView extends HandsView {
  /** By dog: where its door is, what is done there, and whether its place on the map is made up. */
  doors: Record<string, { place: string; what: string; madeUp: boolean }>
  base: string
  setUpMin: number
  packMin: number
  refillMin: number
}
