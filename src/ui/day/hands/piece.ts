import type { CSSProperties } from 'react'
import { clockOf } from '@/core/people'
import type { Piece } from './lanes'

/** Room for a dog's name, and for its first letters, px. */
const NAME_PX = 46
export const LETTERS_PX = 18

/** Where a piece stands on the clock, and how far it is inked. */
export function pieceStyle(
  { fromMin, toMin, family, state }: Piece,
  x: (min: number) => number,
  pxPerMin: number,
  nowMin: number | null,
): CSSProperties {
  const width = Math.max(2, (toMin - fromMin) * pxPerMin - 1)
  const inked = state === 'now' && nowMin !== null ? `${((nowMin - fromMin) / (toMin - fromMin)) * 100}%` : '0%'
  return {
    left: `${x(fromMin)}px`,
    width,
    '--ink': `var(--kv-${family}-ink)`,
    '--tint': `var(--kv-${family}-tint)`,
    '--inked': inked,
    '--quarter': `${15 * pxPerMin}px`,
  } as CSSProperties
}

/** What is written on a piece, as far as there is room. */
export function wordsFor({ dog, stages, fromMin, toMin }: Piece, pxPerMin: number): string {
  const px = (toMin - fromMin) * pxPerMin
  if (px < LETTERS_PX) return ''
  if (px < Math.max(NAME_PX, dog.length * 8)) return dog.slice(0, 2)
  const whole = `${dog} ${(stages[0] ?? '').toLowerCase()}`
  return px > whole.length * 7.6 ? whole : dog
}

export const plainName = (station: string): string =>
  station.charAt(0).toUpperCase() + station.slice(1).replace(/ 1$/, '')

/** A piece in words, for whoever cannot see where it stands. */
export const tellPiece = (
  { dog, person, stages, station, fromMin, toMin, holds, locked }: Piece,
  places: Record<string, string>,
): string =>
  [
    `${dog}: ${[...new Set(stages)].join(', ')}${holds ? ', held' : ''}`,
    person,
    `${clockOf(fromMin)} to ${clockOf(toMin)}`,
    ...(locked ? ['fixed'] : []),
    ...(station === null ? [] : [places[station] ?? plainName(station)]),
  ].join(', ')
