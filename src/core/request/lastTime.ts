import type { Want } from '../patterns'
import { isPaired, perSide, sidesOf, type Side, type ZoneId } from '../zones'
import type { LastEntry } from './card'
import { lengthWant, put, putSide, wishAt, type Wishes } from './wish'

/** Whether two sides of a card are the same work. */
const isSameWork = (a: LastEntry, b: LastEntry): boolean =>
  a === b ||
  (a.lengthMm === b.lengthMm &&
    a.method === b.method &&
    a.blade === b.blade &&
    a.comb === b.comb &&
    a.lay === b.lay &&
    a.shape === b.shape &&
    a.join === b.join)

/** A card zone by zone: one entry, or left and right where they differ. */
export function entriesByZone(card: readonly LastEntry[]): Map<ZoneId, { side: Side | null; value: LastEntry }[]> {
  return new Map(
    [...sidesOf(card)].map(([zone, both]) => [
      zone,
      isPaired(zone) ? perSide(both, isSameWork) : [{ side: null, value: both.left }],
    ]),
  )
}

/** Asks for the zones of a card as it has them, each side as it was; a zone that was left is left again and waits for nothing. */
export function applyCard(wishes: Wishes, card: readonly LastEntry[], why = 'Same as last time.'): void {
  for (const [zone, entries] of entriesByZone(card))
    for (const { side, value } of entries) applyEntry(wishes, { ...value, zone }, side, why)
}

function applyEntry(wishes: Wishes, entry: LastEntry, side: Side | null, why: string): void {
  const wish = wishAt(wishes, entry.zone)
  if (!wish) return
  const change = {
    want: lastWant(wish.want, entry),
    join: entry.join ?? wish.join,
    shape: entry.shape ?? wish.shape,
    explicit: entry.method !== 'leave',
    why,
  }
  if (side === null) put(wishes, entry.zone, change)
  else putSide(wishes, entry.zone, side, change)
}

function lastWant(pattern: Want, entry: LastEntry): Want {
  const { method, lengthMm } = entry
  if (method === 'leave') return { by: 'leave' }
  if (method === undefined) return lengthWant(pattern, lengthMm)
  if (method !== 'clip' && method !== 'comb') return { by: method, lengthMm }
  const comb = method === 'comb' ? (entry.comb ?? undefined) : undefined
  const blade = entry.blade ?? undefined
  // A clipped zone whose tool was not kept, or was bent by the owner's word, is clipped to its length again.
  if (blade === undefined && comb === undefined) return { by: 'clipper', lengthMm }
  return { by: 'tool', tool: { blade, comb, lay: entry.lay ?? undefined } }
}
