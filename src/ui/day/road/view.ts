import type { HouseDay } from '@/core/day'

/** A day of the van as its page has it from the house. */
export interface RoadView {
  day: HouseDay
  /** By dog: where its door is, what is done there, and whether its place on the map is made up. */
  doors: Record<string, { place: string; what: string; madeUp: boolean }>
  base: string
  setUpMin: number
  packMin: number
  refillMin: number
}
