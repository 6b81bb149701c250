import { NOT_SLIPS } from './notSlips'

/** Shorter words are too near each other to say which was meant. */
const LEAST_LETTERS = 4

/**
 * The known words that are one slip away: a letter left out, doubled, swapped with its neighbour, or wrong. A word that is
 * English itself is no slip.
 */
export function nearWords(word: string, known: ReadonlySet<string>): string[] {
  if (word.length < LEAST_LETTERS || !/^[a-z]+$/.test(word) || NOT_SLIPS.has(word)) return []
  return [...new Set(oneAway(word))].filter((each) => known.has(each))
}

/** Deeds that are mistyped as often as zones are. */
export const OFTEN_SLIPPED =
  'shorter longer leave shave shaved fuller rounded round bobbed tidy neaten natural inch inches half quarter quarters same last time without except'.split(
    ' ',
  )

const LETTERS = 'abcdefghijklmnopqrstuvwxyz'

function oneAway(word: string): string[] {
  const away: string[] = []
  for (let at = 0; at <= word.length; at++) {
    const before = word.slice(0, at)
    const after = word.slice(at)
    if (after) away.push(before + after.slice(1))
    if (after.length > 1) away.push(before + after.charAt(1) + after.charAt(0) + after.slice(2))
    for (const letter of LETTERS) {
      away.push(before + letter + after)
      if (after) away.push(before + letter + after.slice(1))
    }
  }
  return away
}
