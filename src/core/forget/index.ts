import { numberTail } from '../household'

/** What stands where a name stood. */
export const STRUCK = '(struck out)'

/** By what somebody can be told in a text. */
export interface Told {
  names: readonly string[]
  phones: readonly string[]
  /** E-mail and other addresses, as they are written. */
  places: readonly string[]
  /** Words that are somebody or something else as well: dogs of the house, people who work in it. */
  spared: readonly string[]
}

/** A name's words of fewer letters are not looked for alone: too much else is written like them. */
const FEWEST_LETTERS = 3
const FEWEST_FIGURES = 6

const quoted = (text: string): string => text.replaceAll(/[.*+?^${}()|[\]\\]/g, '\\$&')
/** Between two figures of a number may stand what people put there. */
const BETWEEN = String.raw`[\s()./-]*`

/** Strikes out of a text all by which somebody can be told: the name, each word of it, numbers however they are written. */
export function strikerOf({ names, phones, places, spared }: Told): (text: string) => string {
  const said = new Set(spared.flatMap((name) => [name, ...name.split(/\s+/)]))
  const words = names
    .flatMap((name) => name.split(/[\s-]+/))
    .filter((word) => word.length >= FEWEST_LETTERS && !said.has(word))
  const texts = [
    ...names.filter((name) => name.trim() !== '' && !said.has(name)),
    ...places.filter((place) => place.trim() !== ''),
    ...words,
  ]
  const numbers = phones
    .map(numberTail)
    .filter((tail) => tail.length >= FEWEST_FIGURES)
    .map((tail) => String.raw`\+?[\d\s()./-]*?` + [...tail].join(BETWEEN))
  const patterns = [...texts.sort((a, b) => b.length - a.length).map(quoted), ...numbers]
  if (patterns.length === 0) return (text) => text
  const any = new RegExp(String.raw`(?<![\p{L}\p{N}])(?:${patterns.join('|')})(?![\p{L}\p{N}])`, 'gu')
  return (text) => text.replaceAll(any, STRUCK)
}

/** The same in all texts of something that is kept as JSON; its keys stay. */
export function struckIn(kept: unknown, strike: (text: string) => string): unknown {
  if (typeof kept === 'string') return strike(kept)
  if (Array.isArray(kept)) return kept.map((each) => struckIn(each, strike))
  if (typeof kept !== 'object' || kept === null) return kept
  return Object.fromEntries(Object.entries(kept).map(([key, value]) => [key, struckIn(value, strike)]))
}
