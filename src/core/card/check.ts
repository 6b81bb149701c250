import { z } from 'zod'
import { cutWith, isSameMm, takesUpSkin } from '../lengths'
import { CardEntry } from '../request'
import { ZONES, isPaired, zoneLabel } from '../zones'

/**
 * What is wrong with a card that somebody wants to keep: a zone that is missing or stands twice, a length that the named
 * tool does not leave, a skip-tooth blade on thin skin. Null when it can be cut from.
 */
export function cardProblem(card: readonly CardEntry[]): string | null {
  for (const zone of ZONES) {
    const sides = card.filter((entry) => entry.zone === zone).map(({ side }) => side)
    const whole = sides.length === 1 && sides[0] === null
    const both = isPaired(zone) && [...sides].sort().join() === 'left,right'
    if (!whole && !both) return `${zoneLabel(zone)} must stand on the card once, or once for each side of a pair.`
  }
  for (const entry of card) {
    const problem = entryProblem(entry)
    if (problem !== null) return problem
  }
  return null
}

function entryProblem({ zone, method, blade, comb, lay, lengthMm }: CardEntry): string | null {
  if (method !== 'clip' && method !== 'comb') return null
  const tool = { ...(blade === null ? {} : { blade }), ...(method === 'comb' && comb !== null ? { comb } : {}) }
  const cut = cutWith(tool, lay ?? 'with')
  if (cut === null || cut.method !== method) return `${zoneLabel(zone)}: there is no such tool.`
  if (!isSameMm(cut.lengthMm, lengthMm))
    return `${zoneLabel(zone)}: this tool leaves ${cut.lengthMm} mm, not ${lengthMm}.`
  if (blade !== null && takesUpSkin(blade, zone))
    return `${zoneLabel(zone)}: no skip-tooth blade where the skin is thin.`
  return null
}

/** A card that can be cut from. */
export const WholeCard = z
  .array(CardEntry)
  .max(ZONES.length * 2)
  .superRefine((card, context) => {
    const problem = cardProblem(card)
    if (problem !== null) context.addIssue({ code: 'custom', message: problem })
  })
