import type { CoatId } from '../coat'
import { BLADES, COMBS, clippedLengthMm, type Tool } from '../lengths'
import { groupOf, type ZoneId } from '../zones'
import { HAND_METHODS, type PatternLine, type Want } from './types'

export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const
export type Season = (typeof SEASONS)[number]
export type Purpose = 'pet' | 'show'

export interface Circumstances {
  coat?: CoatId | undefined
  purpose?: Purpose | undefined
  season?: Season | undefined
}

/** Zones of body and legs that no season lengthens: hidden, and matted first. Source: common practice. */
const HIDDEN: readonly ZoneId[] = ['sanitary', 'belly', 'armpit', 'leg-inside']
/** Against snow balls these go higher in winter instead. Source: common practice. */
const SNOW: readonly ZoneId[] = ['forefoot', 'hindfoot', 'hock']
/** Scissored lengths in winter and summer against the rest of the year, and feet against snow. Source: from memory. */
const WINTER_FACTOR = 1.2
const SUMMER_FACTOR = 0.8
const SNOW_FACTOR = 0.7
/** Finish blades that a season may change among, finest first; a shaved zone stays shaved. */
const JACKET_BLADES = BLADES.slice(BLADES.indexOf('7F'))

/** Coats that can be stripped by hand. Source: common practice. */
const STRIPPED: readonly CoatId[] = ['wire', 'silky']

/** Whether a show line makes sense on this coat: only some coats are stripped. */
export const suitsCoat = ({ want }: PatternLine, coat: CoatId | undefined): boolean =>
  want.by !== 'strip' || coat === undefined || STRIPPED.includes(coat)

/** A pattern's line as this zone, coat and season ask for it. */
export function adapted(line: PatternLine, zone: ZoneId, { coat, season }: Circumstances): PatternLine {
  const seasoned = inSeason(line, zone, season)
  return coat === 'drop' && groupOf(zone) === 'body' && !HIDDEN.includes(zone) ? againstTheLay(seasoned) : seasoned
}

/** Coat that falls is clipped against the lay for an even length. A bare blade leaves less that way, so its length is what is asked. */
function againstTheLay(line: PatternLine): PatternLine {
  if (line.want.by !== 'tool' || line.want.tool.lay === 'against') return line
  const { tool } = line.want
  if (tool.comb === undefined && tool.blade !== undefined)
    return changed(
      line,
      { by: 'clipper', lengthMm: clippedLengthMm(tool.blade, 'with') },
      'Against the lay: this coat falls.',
    )
  return { ...line, want: { by: 'tool', tool: { ...tool, lay: 'against' } } }
}

function inSeason(line: PatternLine, zone: ZoneId, season: Season | undefined): PatternLine {
  const step = season === 'winter' ? 1 : season === 'summer' ? -1 : 0
  const touched =
    (groupOf(zone) === 'body' || groupOf(zone) === 'legs' || SNOW.includes(zone)) && !HIDDEN.includes(zone)
  if (step === 0 || !touched) return line
  if (SNOW.includes(zone) && step > 0) return changed(line, scaled(line.want, SNOW_FACTOR), 'Higher against snow.')
  if (SNOW.includes(zone)) return line
  const want =
    line.want.by === 'tool'
      ? stepped(line.want.tool, step)
      : scaled(line.want, step > 0 ? WINTER_FACTOR : SUMMER_FACTOR)
  return changed(line, want, step > 0 ? 'One step longer for winter.' : 'One step shorter for summer.')
}

const changed = (line: PatternLine, want: Want | null, why: string): PatternLine =>
  want === null ? line : { ...line, want, why: `${line.why} ${why}` }

/** The next comb or finish blade; null where the row ends or the zone is shaved. */
function stepped(tool: Tool, step: 1 | -1): Want | null {
  if (tool.comb !== undefined) {
    const comb = COMBS[COMBS.indexOf(tool.comb) + step]
    return comb === undefined ? null : { by: 'tool', tool: { ...tool, comb } }
  }
  const at = JACKET_BLADES.findIndex((blade) => blade === tool.blade)
  const blade = JACKET_BLADES[at + step]
  return at < 0 || blade === undefined ? null : { by: 'tool', tool: { ...tool, blade } }
}

function scaled(want: Want, factor: number): Want | null {
  const byHand = HAND_METHODS.find((method) => method === want.by)
  if (byHand === undefined || !('lengthMm' in want)) return null
  return { by: byHand, lengthMm: Math.round(want.lengthMm * factor) }
}
