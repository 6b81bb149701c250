import { NOT_SLIPS } from './notSlips'

/** Shorter words are too near each other to say which was meant. */
const LEAST_LETTERS = 4

/** Deeds that are mistyped as often as zones are. */
export const OFTEN_SLIPPED =
  'shorter longer leave shave shaved fuller rounded round bobbed tidy neaten natural inch inches half quarter quarters same last time without except'.split(
    ' ',
  )

/** Known words by every way to leave one letter out of them, so that a slip is found without trying the alphabet. */
export type SlipIndex = ReadonlyMap<string, readonly string[]>

const without = (word: string): string[] => Array.from(word, (_, at) => word.slice(0, at) + word.slice(at + 1))

export function slipIndex(known: ReadonlySet<string>): SlipIndex {
  const index = new Map<string, string[]>()
  for (const word of known)
    for (const part of new Set([word, ...without(word)])) index.set(part, [...(index.get(part) ?? []), word])
  return index
}

/**
 * The known words that are one slip away: a letter left out, doubled, swapped with its neighbour, or wrong. A word that is
 * English itself is no slip.
 */
export function nearWords(word: string, index: SlipIndex): string[] {
  if (word.length < LEAST_LETTERS || !/^[a-z]+$/.test(word) || NOT_SLIPS.has(word)) return []
  const maybe = new Set([word, ...without(word)].flatMap((part) => index.get(part) ?? []))
  return [...maybe].filter((known) => isOneAway(word, known))
}

/** Whether one slip makes one word of the other (the distance of Damerau, 1964, is one). */
function isOneAway(a: string, b: string): boolean {
  const [short, long] = a.length <= b.length ? [a, b] : [b, a]
  if (long.length - short.length > 1) return false
  let at = 0
  while (at < short.length && short[at] === long[at]) at++
  const [restShort, restLong] = [short.slice(at), long.slice(at)]
  if (long.length > short.length) return restShort === restLong.slice(1)
  const swapped =
    restShort[0] === restLong[1] && restShort[1] === restLong[0] && restShort.slice(2) === restLong.slice(2)
  return restShort.slice(1) === restLong.slice(1) || swapped
}
