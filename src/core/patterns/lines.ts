import { zonesOf, type FaceStyle, type ZoneId } from '../zones'
import { EVERY_DOG, LIBRARY } from './library'
import type { Pattern, PatternId, PatternLine } from './types'

const BARE: Pattern = { label: 'No pattern', inWords: 'only what is asked', face: 'bearded', lines: [] }

/** The pattern's card before coat, kit and safety: one line for every zone. */
export interface PatternCard {
  face: FaceStyle
  /** Which line rules a zone, and whether the line names that zone itself. */
  lines: Map<ZoneId, PatternLine & { named: boolean }>
}

export const isDrawnUp = (id: PatternId): boolean => LIBRARY[id] !== undefined
export const patternLabel = (id: PatternId): string => LIBRARY[id]?.label ?? id
export const patternInWords = (id: PatternId): string => LIBRARY[id]?.inWords ?? ''
export const DRAWN_UP = Object.keys(LIBRARY) as PatternId[]

/** Lays a pattern out over every zone. One that is not drawn up yet, or none, gives what every dog gets. */
export function patternCard(id: PatternId | undefined): PatternCard {
  const pattern = (id && LIBRARY[id]) ?? BARE
  const lines: PatternCard['lines'] = new Map()
  for (const each of [...EVERY_DOG, ...pattern.lines])
    for (const key of each.zones)
      for (const zone of zonesOf(key, pattern.face)) lines.set(zone, { ...each, named: key === zone })
  return { face: pattern.face, lines }
}
