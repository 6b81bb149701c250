import type { CardEntry } from '@/core/request'

/** A pattern of the house's own, as the book shows it. */
export interface HousePatternLine {
  id: number
  name: string
  words: string
  card: CardEntry[]
  made: string
}
