import { toolWords } from '../lengths'
import type { CardEntry } from '../request'

/** What has to lie at hand for a card: each tool once, in the order of the card. */
export const toolsToLayOut = (card: readonly CardEntry[]): string[] => [
  ...new Set(card.filter(({ method }) => method !== 'leave').map((entry) => toolWords(entry))),
]
