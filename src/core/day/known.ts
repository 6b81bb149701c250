import { minutesOf } from '../people'
import type { HouseDay } from './day'
import type { Piece } from './pieces'

/** One stretch of somebody's work. */
export interface Stretch {
  fromMin: number
  toMin: number
}

/** What does not change from plan to plan. */
export interface Known {
  handsMin: readonly number[]
  dryingMin: readonly number[]
  /** What each person did that is over, in order. */
  over: readonly (readonly Stretch[])[]
  /** What is under way: the number of its dog and of its piece, and since when. */
  underWay: readonly { dog: number; piece: number; fromMin: number }[]
}

export function knownOf(day: HouseDay, pieces: readonly (readonly Piece[])[]): Known {
  const rows = day.happened.filter(({ to }) => to !== null)
  const all = pieces.flat()
  return {
    handsMin: pieces.map((own) => own.reduce((sum, piece) => sum + (piece.kind === 'hands' ? lasts(piece) : 0), 0)),
    dryingMin: day.people.map(({ id }) =>
      all.reduce((sum, piece) => sum + (isDrying(piece) && piece.seen?.person === id ? lasts(piece) : 0), 0),
    ),
    over: day.people.map(({ id }) =>
      rows
        .filter(({ person }) => person === id)
        .map(({ from, to }) => ({ fromMin: minutesOf(from), toMin: minutesOf(to as string) }))
        .sort((a, b) => a.fromMin - b.fromMin),
    ),
    underWay: pieces.flatMap((own, dog) =>
      own.flatMap(({ seen }, piece) => (seen && !seen.over ? [{ dog, piece, fromMin: seen.fromMin }] : [])),
    ),
  }
}

const lasts = ({ seen, minutes }: Piece): number => (seen ? seen.endMin - seen.fromMin : minutes)
export const isDrying = ({ kind, place }: Piece): boolean => kind === 'hands' && place === 'dryer'
