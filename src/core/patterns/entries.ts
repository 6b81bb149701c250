import { byHand, cutWith, type Cut } from '../lengths'
import { ZONES, type ZoneId } from '../zones'
import type { Circumstances } from './adapt'
import { patternCard } from './lines'
import type { Join, PatternId, Want } from './types'

/** One zone of a pattern as it would be cut on a coat that is long enough; null for a zone that is left. */
export interface PatternEntry {
  zone: ZoneId
  cut: Cut | null
  shape: string | null
  join: Join
  why: string
}

/** A pattern on paper: what it asks of every zone, before any dog. */
export function patternEntries(id: PatternId, circumstances: Circumstances = {}): PatternEntry[] {
  const { lines } = patternCard(id, circumstances)
  return ZONES.flatMap((zone) => {
    const line = lines.get(zone)
    return line ? [{ zone, cut: cutFor(line.want), shape: line.shape ?? null, join: line.join, why: line.why }] : []
  })
}

function cutFor(want: Want): Cut | null {
  if (want.by === 'leave') return null
  if (want.by === 'tool') return cutWith(want.tool, want.tool.lay ?? 'with')
  return want.by === 'clipper' ? byHand('scissor', want.lengthMm) : byHand(want.by, want.lengthMm)
}
