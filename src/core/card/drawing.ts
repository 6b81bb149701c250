import type { Cut, LengthAt } from '../figure'
import type { CardEntry } from '../request'
import type { ZoneId } from '../zones'

/** A card as the figure takes it: lengths by zone and side, joins and shapes. A view of one side shows the dog's left. */
export function drawingOf(card: readonly CardEntry[]): { lengthAt: LengthAt; cut: Required<Cut> } {
  const byZone = new Map<ZoneId, CardEntry[]>()
  for (const entry of card) byZone.set(entry.zone, [...(byZone.get(entry.zone) ?? []), entry])
  const first = (zone: ZoneId) => byZone.get(zone)?.[0]
  return {
    lengthAt: (zone, side = 'left') => {
      const entries = byZone.get(zone) ?? []
      return (entries.find((entry) => entry.side === side) ?? entries[0])?.lengthMm ?? 0
    },
    cut: { joinOf: (zone) => first(zone)?.join ?? 'blend', shapeOf: (zone) => first(zone)?.shape ?? null },
  }
}
