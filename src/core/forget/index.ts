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

/** One word in small letters alone is a key of the trade, as `rose` is of ears and `wire` of coats. */
const IS_KEY = /^\p{Ll}[\p{Ll}-]*$/u

/**
 * Strikes out of a text all by which somebody can be told: a full name, an address and numbers however they are written,
 * each word of a name as it is written.
 * @param mark stands in its place
 */
export function strikerOf({ names, phones, places, spared }: Told, mark = STRUCK): (text: string) => string {
  const said = new Set(spared.flatMap((name) => [name, ...name.split(/\s+/)]))
  const words = names
    .flatMap((name) => [name, ...name.split(/[\s-]+/)])
    .filter((word) => word.length >= FEWEST_LETTERS && !said.has(word))
  const whole = [...names.filter((name) => name.includes(' ') && !said.has(name)), ...places]
  const numbers = phones
    .map(numberTail)
    .filter((tail) => tail.length >= FEWEST_FIGURES)
    .map((tail) => String.raw`\+?[\d\s()./-]*?` + [...tail].join(BETWEEN))
  const patterns = [anyOf([...longestFirst(whole), ...numbers], 'giu'), anyOf(longestFirst(words), 'gu')]
  return (text) =>
    IS_KEY.test(text) ? text : patterns.reduce((left, any) => (any ? left.replaceAll(any, mark) : left), text)
}

/** The same for all by which people are told in what is kept of them. @param spared names of dogs, and of people who stay */
export function strikerOfAll(
  kept: readonly unknown[],
  spared: readonly string[],
  mark = STRUCK,
): (text: string) => string {
  const told = kept.map(toldIn)
  const all = {
    names: told.flatMap(({ names }) => names),
    phones: told.flatMap(({ phones }) => phones),
    places: told.flatMap(({ places }) => places),
  }
  return strikerOf({ ...all, spared }, mark)
}

const longestFirst = (texts: readonly string[]): string[] =>
  texts
    .filter((text) => text.trim() !== '')
    .sort((a, b) => b.length - a.length)
    .map(quoted)

const anyOf = (patterns: readonly string[], flags: string): RegExp | null =>
  patterns.length === 0
    ? null
    : new RegExp(String.raw`(?<![\p{L}\p{N}])(?:${patterns.join('|')})(?![\p{L}\p{N}])`, flags)

/** By what a household and its people were told in a change that was kept of it: as they were called before as well. */
export function toldIn(kept: unknown): Pick<Told, 'names' | 'phones' | 'places'> {
  const told = { names: [] as string[], phones: [] as string[], places: [] as string[] }
  const walk = (value: unknown): void => {
    if (typeof value !== 'object' || value === null) return
    for (const [key, each] of Object.entries(value)) {
      if (typeof each !== 'string') walk(each)
      else if (key === 'name') told.names.push(each)
      else if (key === 'phone') told.phones.push(each)
      else if (['place', 'spot', 'email', 'notes'].includes(key)) told.places.push(each)
    }
  }
  walk(kept)
  return told
}

/** A signed consent keeps what was signed and when; who signed is nobody any more, whoever it was. */
export const unsigned = (kept: unknown): unknown =>
  typeof kept === 'object' && kept !== null && (kept as { kind?: unknown }).kind === 'consent'
    ? { ...kept, signed: STRUCK }
    : kept

/** The same in all texts of something that is kept as JSON; its keys stay. */
export function struckIn(kept: unknown, strike: (text: string) => string): unknown {
  if (typeof kept === 'string') return strike(kept)
  if (Array.isArray(kept)) return kept.map((each) => struckIn(each, strike))
  if (typeof kept !== 'object' || kept === null) return kept
  return Object.fromEntries(Object.entries(kept).map(([key, value]) => [key, struckIn(value, strike)]))
}
