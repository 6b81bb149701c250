import { naturalMm, type CoatId } from '@/core/coat'
import { byHand } from '@/core/lengths'
import { patternEntries, type Circumstances, type PatternId } from '@/core/patterns'
import type { CardEntry } from '@/core/request'

/** Coat that a pattern leaves alone, as it is drawn on paper, mm: a falling coat is long. By eye. */
const LEFT_MM = 45
const LEFT_LONG_MM = 90
/** Hair at the lashes and in the ear is never so long. By eye. */
const LEFT_FINE_MM = 15

/** A pattern as a card on the coat it is usually cut in; what it leaves is drawn at a usual length. */
export function cardOnPaper(id: PatternId, coat: CoatId, circumstances: Omit<Circumstances, 'coat'> = {}): CardEntry[] {
  return patternEntries(id, { ...circumstances, coat }).map(({ zone, cut, ...rest }) => ({
    zone,
    side: null,
    ...rest,
    ...(cut ?? byHand('leave', Math.min(leftMm(coat, zone), naturalMm(coat, zone) ?? LEFT_LONG_MM))),
  }))
}

function leftMm(coat: CoatId, zone: CardEntry['zone']): number {
  if (zone === 'lashes' || zone === 'ear-canal' || zone === 'brow') return LEFT_FINE_MM
  return coat === 'drop' ? LEFT_LONG_MM : LEFT_MM
}
