import {
  byHand,
  clipperFor,
  cutIn,
  cutOf,
  isSameCut,
  ladder,
  takesUpSkin,
  toolWords,
  type Cut,
  type Kit,
  type Lay,
} from '../lengths'
import type { CardEntry } from '../request'
import { isPaired, type Side, type ZoneId } from '../zones'

/** What of an entry a groomer changes at the card's desk. */
export type EntryChange = Partial<Pick<CardEntry, 'shape' | 'join'>> & { cut?: Cut }

/** Where a change goes: some zones, and one side or both (null). */
export interface Place {
  zones: readonly ZoneId[]
  side: Side | null
}

/**
 * Changes the entries of some zones. A change for one side parts a pair into left and right; sides that have come to
 * agree again are one entry.
 */
export function changeEntries(card: readonly CardEntry[], { zones, side }: Place, change: EntryChange): CardEntry[] {
  const touched = new Set(zones)
  const seen = new Set<ZoneId>()
  return card.flatMap((entry) => {
    if (!touched.has(entry.zone)) return [entry]
    if (seen.has(entry.zone)) return []
    seen.add(entry.zone)
    const sides = card.filter(({ zone }) => zone === entry.zone)
    return changeZone(sides, isPaired(entry.zone) ? side : null, change)
  })
}

function changeZone(entries: readonly CardEntry[], side: Side | null, change: EntryChange): CardEntry[] {
  const first = entries[0] as CardEntry
  if (side === null) return [changed({ ...first, side: null }, change)]
  const at = (each: Side) => ({ ...(entries.find((entry) => entry.side === each) ?? first), side: each })
  const left = side === 'left' ? changed(at('left'), change) : at('left')
  const right = side === 'right' ? changed(at('right'), change) : at('right')
  return sameCut(left, right) ? [{ ...left, side: null }] : [left, right]
}

const changed = (entry: CardEntry, { cut, ...rest }: EntryChange): CardEntry => ({
  ...entry,
  ...(cut ?? cutIn(entry)),
  ...rest,
  why: 'Changed on the card.',
})

/** Whether two entries ask for the same work, whatever their side and reason. */
export const sameCut = (a: CardEntry, b: CardEntry): boolean =>
  isSameCut(a, b) && a.shape === b.shape && a.join === b.join

/** Every way of the kit for some zones, with its words: a skip-tooth blade is never offered on thin skin. */
export const choicesFor = (kit: Kit, zones: readonly ZoneId[]): { words: string; cut: Cut }[] =>
  ladder(kit)
    .filter(({ blade }) => blade === null || !zones.some((zone) => takesUpSkin(blade, zone)))
    .map((cut) => ({ words: toolWords(cut), cut }))

/** The cut for a length: the kit's nearest way, or scissors where none comes near. */
export function cutAt(kit: Kit, lengthMm: number, lays: readonly Lay[] = ['with', 'against']): Cut {
  const way = clipperFor(kit, lengthMm, lays)
  return way === null ? byHand('scissor', lengthMm) : cutOf(way)
}
