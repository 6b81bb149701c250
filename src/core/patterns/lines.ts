import { zonesOf, type FaceStyle, type ZoneId } from '../zones'
import { adapted, suitsCoat, type Circumstances } from './adapt'
import { EVERY_DOG, LIBRARY } from './library'
import type { Pattern, PatternId, PatternLine } from './types'

const BARE: Pattern = { label: 'No pattern', inWords: 'only what is asked', face: 'bearded', lines: [] }

/** The pattern's card before kit and safety: one line for every zone. */
export interface PatternCard {
  face: FaceStyle
  /** Which line rules a zone, and whether the line names that zone itself. */
  lines: Map<ZoneId, PatternLine & { named: boolean }>
}

export const patternLabel = (id: PatternId): string => LIBRARY[id].label
export const patternInWords = (id: PatternId): string => LIBRARY[id].inWords
export const patternFace = (id: PatternId | undefined): FaceStyle => (id === undefined ? BARE : LIBRARY[id]).face

/** Lays a pattern out over every zone, for this coat, purpose and season. No pattern gives what every dog gets. */
export function patternCard(id: PatternId | undefined, circumstances: Circumstances = {}): PatternCard {
  const pattern = id === undefined ? BARE : LIBRARY[id]
  const { coat, purpose } = circumstances
  const show = purpose === 'show' ? (pattern.show ?? []).filter((line) => suitsCoat(line, coat)) : []
  const lines: PatternCard['lines'] = new Map()
  for (const each of [...EVERY_DOG, ...pattern.lines, ...show])
    for (const key of each.zones)
      for (const zone of zonesOf(key, pattern.face))
        lines.set(zone, { ...adapted(each, zone, circumstances), named: key === zone })
  return { face: pattern.face, lines }
}
