import type { Want } from '../patterns'
import type { ZoneId } from '../zones'
import type { LastEntry } from './card'
import { lengthWant, put, type Wishes } from './wish'

/** One entry a zone: where left and right differ, the shorter side rules. */
export function shorterSides(last: readonly LastEntry[]): Map<ZoneId, LastEntry> {
  const shortest = new Map<ZoneId, LastEntry>()
  for (const entry of last) {
    const other = shortest.get(entry.zone)
    if (!other || entry.lengthMm < other.lengthMm) shortest.set(entry.zone, entry)
  }
  return shortest
}

/** Asks for a zone as a card has it; a zone that was left is left again and waits for nothing. */
export function applyLast(wishes: Wishes, entry: LastEntry, why = 'Same as last time.'): void {
  const wish = wishes.get(entry.zone)
  if (!wish) return
  put(wishes, entry.zone, {
    want: lastWant(wish.want, entry),
    join: entry.join ?? wish.join,
    shape: entry.shape ?? wish.shape,
    explicit: entry.method !== 'leave',
    why,
  })
}

function lastWant(pattern: Want, entry: LastEntry): Want {
  const { method, lengthMm } = entry
  if (method === 'leave') return { by: 'leave' }
  if (method === 'clip' || method === 'comb') {
    const tool = { blade: entry.blade ?? undefined, comb: entry.comb ?? undefined, lay: entry.lay ?? undefined }
    return { by: 'tool', tool }
  }
  return method === undefined ? lengthWant(pattern, lengthMm) : { by: method, lengthMm }
}
