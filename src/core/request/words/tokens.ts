import { MEASURE_WORDS, lengthAt, type Match } from './measures'
import { namesIn } from './names'
import { PHRASES, PURPOSES } from './phrases'
import { settled } from './settle'
import { OFTEN_SLIPPED, nearWords, slipIndex } from './slips'
import { SMALL_WORDS } from './smallWords'
import type { Said, Token } from './spoken'
import { wordsIn, type Word } from './text'
import { TOOL_WORDS, toolAt } from './toolsSaid'
import { ASK_BACK, ZONE_NAMES } from './zoneNames'

const named = (rows: readonly [names: string, token: Token][]) =>
  rows.flatMap(([names, token]) => namesIn(names).map((name) => [name, token] as const))

/** Every phrase by its words. What is said of a trim stands over the small words. */
const LEXICON = new Map<string, Token>([
  ...named(SMALL_WORDS),
  ...named(PHRASES),
  ...named(PURPOSES),
  ...named(ASK_BACK.map(([names, question, readings = []]) => [names, { is: 'ask', question, readings }])),
  ...named(ZONE_NAMES.map(([names, keys]) => [names, { is: 'zone', keys }])),
])
/** The phrases as a tree of words, so that a text is gone through once. */
interface Branch {
  token: Token | null
  next: Map<string, Branch>
}
const TREE: Branch = { token: null, next: new Map() }
for (const [name, token] of LEXICON) {
  let at = TREE
  for (const word of name.split(' ')) {
    const next = at.next.get(word) ?? { token: null, next: new Map() }
    at.next.set(word, next)
    at = next
  }
  at.token = token
}
const BREAKS = [',', ';', '.', ':', '!', '?', '\n', '(', ')', '-', '–', '—', '…']

/** The text as tokens, longest match first, each with its place; a word that nobody knows is kept as unknown. */
export function tokensOf(text: string): Said[] {
  const typed = wordsIn(text)
  const slips = typed.map((word) => slipOf(word))
  const words = typed.map(({ text: word }, at) => slips[at] ?? word)
  const said: Said[] = []
  for (let at = 0; at < words.length;) {
    const { token, used } = matchAt(words, at)
    const from = typed[at]?.from ?? 0
    const to = typed[at + used - 1]?.to ?? from
    const slip = slips.slice(at, at + used).find((each) => each !== null) ?? null
    said.push({ ...token, words: text.slice(from, to), from, to, not: false, slip })
    at += used
  }
  return said.map((_, at) => settled(said, at))
}

/** The word that was meant, where the hand slipped by one letter; null where it is known, or nothing is near. */
function slipOf({ text }: Word): string | null {
  if (KNOWN_WORDS.has(text)) return null
  const near = nearWords(text, SLIPS)
  const meant = new Set(near.map((word) => LEXICON.get(word) ?? word))
  return meant.size === 1 ? (near[0] ?? null) : null
}

const KNOWN_WORDS = new Set([
  ...[...LEXICON.keys()].flatMap((name) => name.split(' ')),
  ...MEASURE_WORDS,
  ...TOOL_WORDS,
])
/** Only the names of zones, and the commonest deeds, are looked for behind a slip. */
const SLIPS = slipIndex(
  new Set(
    [...ZONE_NAMES.flatMap(([names]) => namesIn(names).join(' ').split(' ')), ...OFTEN_SLIPPED].filter(
      (word) => word.length >= 4,
    ),
  ),
)

/** Only these can begin a length or a tool. */
const FIGURES = /^[\d#]|^[ace]$/
const FIGURE_WORDS = new Set([
  ...MEASURE_WORDS,
  ...TOOL_WORDS,
  'a',
  'an',
  'the',
  'between',
  'from',
  'either',
  'size',
  'nr',
  'num',
])

function matchAt(words: readonly string[], at: number): Match {
  const word = words[at] ?? ''
  if (BREAKS.includes(word)) return { token: { is: 'break' }, used: 1 }
  const phrase = phraseAt(words, at)
  // As many words as possible; of as many, the figure before the phrase, but "one comb shorter" is a step.
  const figures = FIGURES.test(word) || FIGURE_WORDS.has(word) ? [lengthAt(words, at), toolAt(words, at)] : []
  const found = (phrase?.token.is === 'much' ? [phrase, ...figures] : [...figures, phrase]).filter(
    (each) => each !== null,
  )
  const longest = found.reduce<Match | null>((best, each) => (best && best.used >= each.used ? best : each), null)
  return longest ?? { token: /^[^\p{L}\p{N}]+$/u.test(word) ? { is: 'filler' } : { is: 'unknown' }, used: 1 }
}

function phraseAt(words: readonly string[], from: number): Match | null {
  let found: Match | null = null
  let branch = TREE.next.get(words[from] ?? '')
  for (let used = 1; branch; used++) {
    if (branch.token) found = { token: branch.token, used }
    branch = branch.next.get(words[from + used] ?? '')
  }
  return found
}
