import type { State } from './state'

/**
 * How good a plan of work is: what outranks the rest first, less is better. Written into the array that is given, so that a
 * search does not make thousands of them.
 */
export type Judge = (state: State, score: Float64Array) => void

/** What is to be kept apart by rank, and what each weighs when a search looks for its way. */
export interface Aim {
  judge: Judge
  weights: readonly number[]
}

/** Below 0 when the first is better. */
export function comparedScores(a: Float64Array, b: Float64Array): number {
  for (let at = 0; at < a.length; at++) if (a[at] !== b[at]) return (a[at] as number) - (b[at] as number)
  return 0
}

export function weighed(score: Float64Array, weights: readonly number[]): number {
  let sum = 0
  for (let at = 0; at < score.length; at++) sum += (weights[at] as number) * (score[at] as number)
  return sum
}

/** When the last task of all ends. */
export function lastEndMin({ end }: State): number {
  let last = 0
  for (let at = 0; at < end.length; at++) if ((end[at] as number) > last) last = end[at] as number
  return last
}

/** The end of the last task alone: what a machine shop is judged by. */
export const BY_END: Aim = { judge: (state, score) => void (score[0] = lastEndMin(state)), weights: [1] }
