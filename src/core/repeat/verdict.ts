import { z } from 'zod'
import type { LastEntry } from '../request'
import { ZoneId } from '../zones'

/** What the owner said of a zone afterwards. */
export const Verdict = z.enum(['too short', 'too long'])
export type Verdict = z.infer<typeof Verdict>
export const Verdicts = z.partialRecord(ZoneId, Verdict)
export type Verdicts = z.infer<typeof Verdicts>

/** How far a verdict bends the next card: a share of the length, and at least so much, mm. Source: from memory. */
const BENDS = 0.2
const LEAST_MM = 2

/** The last card as the owner would have had it: what was too short is longer, what was too long shorter; its tools are chosen anew. */
export function bent<T extends LastEntry>(card: readonly T[], verdicts: Verdicts): T[] {
  return card.map((entry) => {
    const verdict = verdicts[entry.zone]
    if (!verdict) return entry
    const byMm = Math.max(LEAST_MM, entry.lengthMm * BENDS) * (verdict === 'too short' ? 1 : -1)
    return { ...entry, lengthMm: Math.max(0, entry.lengthMm + byMm), blade: null, comb: null, lay: null }
  })
}

export const verdictWords = (verdict: Verdict): string => `The owner found it ${verdict} last time.`
