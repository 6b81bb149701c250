/** A card as somebody once scribbled it: whose it is, and what it says. */
export interface Scribble {
  /** The dog, with what was written behind its name to tell it from others. */
  head: string
  words: string
}

/** So many are read at once, and so long is a head at the most. */
export const MOST_SCRIBBLES = 300
const HEAD = /^([^:;\t]{1,60}?)[ ]*(?::|;|\t|[ ][-–—][ ])[ ]*(.*)$/

/**
 * Reads cards that were typed or pasted: a line a dog, its name before a colon, a semicolon, a tab or a dash. A line without
 * a name goes on with the card above; between empty lines a card may be as long as it likes.
 */
export function readScribbles(text: string): Scribble[] {
  const lines = text.split(/\r\n?|\n/)
  const blocks = lines.some((line) => line.trim() === '') ? blocksOf(lines) : lines.map((line) => [line])
  const cards: Scribble[] = []
  for (const [first = '', ...more] of blocks) {
    const [, head, words] = HEAD.exec(first.trim()) ?? []
    const rest = more.map((line) => line.trim())
    const last = cards.at(-1)
    if (head) cards.push({ head: head.trim(), words: joined([words ?? '', ...rest]) })
    else if (rest.length > 0) cards.push({ head: first.trim(), words: joined(rest) })
    else if (last) last.words = joined([last.words, first.trim()])
    else cards.push({ head: first.trim(), words: '' })
  }
  return cards.filter(({ head }) => head !== '')
}

function blocksOf(lines: readonly string[]): string[][] {
  const blocks: string[][] = [[]]
  for (const line of lines) {
    if (line.trim() !== '') blocks.at(-1)?.push(line)
    else if (blocks.at(-1)?.length) blocks.push([])
  }
  return blocks.filter((block) => block.length > 0)
}

/** A line ends what it says: the next one is another wish. */
const joined = (lines: readonly string[]): string =>
  lines
    .filter((line) => line !== '')
    .map((line, at, all) => (at < all.length - 1 && !/[.,;!?]$/.test(line) ? `${line}.` : line))
    .join(' ')

/** A dog as a head may tell it. */
export interface Named {
  name: string
  household: string
}

/** A dog that a scribbled card may be of. */
export interface DogOfCard extends Named {
  dogId: number
  what: string
  /** Its newest card; 0 where it has none. */
  version: number
}

/** Names that dogs of this head may have: all of it, and its first words. */
export function namesIn(head: string): string[] {
  const words = head.replaceAll(/[(),]/g, ' ').trim().split(/\s+/)
  return words.map((_, at) => words.slice(0, at + 1).join(' '))
}

/** The dogs that a head tells: by name and household where it says both, else by the name alone. */
export function toldBy<Dog extends Named>(head: string, dogs: readonly Dog[]): Dog[] {
  const names = namesIn(head).map(plain)
  const whole = names.at(-1) ?? ''
  const byName = (length: number) => dogs.filter(({ name }) => plain(name) === names[length])
  for (let length = names.length - 1; length >= 0; length--) {
    const found = byName(length)
    const rest = whole.slice((names[length] ?? '').length).trim()
    const told = rest === '' ? found : found.filter(({ household }) => plain(household).includes(rest))
    if (told.length > 0) return told
  }
  return []
}

/** A name in a calendar's line has so many words at the most. */
export const SUMMARY_WORDS = 3

/** Every run of up to so many words of a text, as names are looked for in it. */
export function wordsIn(text: string, most: number): string[] {
  const words = text.split(/[^\p{L}\p{N}'’-]+/u).filter((word) => word !== '')
  return words.flatMap((_, from) =>
    Array.from({ length: Math.min(most, words.length - from) }, (_, more) =>
      words.slice(from, from + more + 1).join(' '),
    ),
  )
}

/** The dogs that a calendar's line names, wherever in it; told apart by their household, where it says one. */
export function mentionedIn<Dog extends Named>(text: string, dogs: readonly Dog[]): Dog[] {
  const said = new Set(wordsIn(text, SUMMARY_WORDS).map(plain))
  const named = dogs.filter(({ name }) => said.has(plain(name)))
  const longest = Math.max(0, ...named.map(({ name }) => name.length))
  const whole = named.filter(({ name }) => name.length === longest)
  const told = whole.filter(({ household }) => household !== '' && said.has(plain(household)))
  return told.length > 0 ? told : whole
}

const plain = (text: string): string => text.normalize('NFKD').replaceAll(/\p{M}/gu, '').toLowerCase()
