import type { Side, ZoneId } from '@/core/zones'

export interface Callout {
  zone: ZoneId
  /** Of a pair whose sides differ. */
  side?: Side
  name: string
  /** The figure without its unit. */
  figure: string
  unit: string
  lengthMm: number
  below?: string
  caution?: boolean
}

const UNITS: Record<string, string> = { mm: 'millimetres', in: 'inches' }

/** A callout as it is read aloud, such as `Back, 9.5 millimetres, comb 2`. */
export const spoken = ({ name, figure, unit, below }: Callout): string =>
  [name, `${figure} ${UNITS[unit] ?? unit}`, below].filter(Boolean).join(', ')

interface Dot {
  x: number
  y: number
}

export interface PlacedCallout extends Callout {
  side: 'left' | 'right'
  labelY: number
  dot: Dot
}

/**
 * Puts the labels in the margins: the dog's half decides the side, labels keep the order of their dots from top to
 * bottom so that leaders do not cross, and stand at least `gap` apart.
 */
export function placeCallouts(
  callouts: readonly Callout[],
  dotOf: (zone: ZoneId, side?: Side) => Dot | undefined,
  room: { width: number; height: number; gap: number },
): PlacedCallout[] {
  const known = callouts.flatMap((callout) => {
    const dot = dotOf(callout.zone, callout.side)
    return dot ? [{ ...callout, dot }] : []
  })
  const byX = [...known].sort((a, b) => a.dot.x - b.dot.x)
  const most = Math.max(1, Math.floor((room.height - 40) / room.gap))
  const half = Math.min(most, Math.max(byX.filter(({ dot }) => dot.x < room.width / 2).length, byX.length - most))
  return [...spreadDown(byX.slice(0, half), 'left', room), ...spreadDown(byX.slice(half, half + most), 'right', room)]
}

function spreadDown(
  callouts: (Callout & { dot: Dot })[],
  side: PlacedCallout['side'],
  room: { height: number; gap: number },
): PlacedCallout[] {
  const sorted = [...callouts].sort((a, b) => a.dot.y - b.dot.y)
  const lowest = room.height - 40
  const ys = sorted.map(({ dot }) => Math.max(26, Math.min(lowest, dot.y)))
  for (let at = 1; at < ys.length; at++) ys[at] = Math.max(ys[at] as number, (ys[at - 1] as number) + room.gap)
  for (let at = ys.length - 1; at >= 0; at--)
    ys[at] = Math.min(ys[at] as number, lowest - (ys.length - 1 - at) * room.gap)
  return sorted.map((callout, at) => ({ ...callout, side, labelY: ys[at] as number }))
}
