import type { CardEntry } from '../request'
import { GROUPS, ZONES, groupOf, type GroupId, type Side, type ZoneId } from '../zones'
import { sameCut } from './edit'

/** Zones of one group that are cut alike: one line of a card on the wall. */
export interface CardRow {
  group: GroupId
  zones: { zone: ZoneId; side: Side | null }[]
  entry: CardEntry
}

/** A card as short as it can be said: zones of a group that are cut alike share a line; what is left stands apart. */
export function cardRows(card: readonly CardEntry[]): { cut: CardRow[]; left: CardEntry[] } {
  const sorted = [...card].sort((a, b) => ZONES.indexOf(a.zone) - ZONES.indexOf(b.zone))
  const cut: CardRow[] = []
  for (const entry of sorted.filter(({ method }) => method !== 'leave')) {
    const group = groupOf(entry.zone)
    const alike = cut.find((row) => row.group === group && sameCut(row.entry, entry))
    if (alike) alike.zones.push({ zone: entry.zone, side: entry.side })
    else cut.push({ group, zones: [{ zone: entry.zone, side: entry.side }], entry })
  }
  cut.sort((a, b) => ORDER.indexOf(a.group) - ORDER.indexOf(b.group))
  return { cut, left: sorted.filter(({ method }) => method === 'leave') }
}

/** As the hand goes: body, legs, feet, tail, head last. */
const ORDER: readonly GroupId[] = [...GROUPS.filter((group) => group !== 'head'), 'head']
