import { lengthAt, toolAt, type Match } from './measures'
import { PHRASES } from './phrases'
import type { Said, Token } from './spoken'
import { ASK_BACK, ZONE_NAMES } from './zoneNames'

/** Every phrase by its words; the longest has this many. */
const LEXICON = new Map<string, Token>([
  ...PHRASES.flatMap(([names, token]) => names.split('|').map((name) => [name, token] as const)),
  ...ASK_BACK.flatMap(([names, question]) =>
    names.split('|').map((name) => [name, { is: 'ask', question } as const] as const),
  ),
  ...ZONE_NAMES.flatMap(([names, keys]) =>
    names.split('|').map((name) => [name, { is: 'zone', keys } as const] as const),
  ),
])
const LONGEST = Math.max(...[...LEXICON.keys()].map((name) => name.split(' ').length))
const BREAKS = [',', ';', '.', ':', '!', '?', '\n', '(', ')', '-', '–', '—']
const FRACTIONS: Record<string, string> = {
  '½': ' 1/2',
  '¼': ' 1/4',
  '¾': ' 3/4',
  '⅜': ' 3/8',
  '⅝': ' 5/8',
  '⅞': ' 7/8',
  '⅛': ' 1/8',
}

/** Lower case, inches written out, apostrophes gone, each sign its own word. */
export function wordsIn(text: string): string[] {
  const plain = text
    .toLowerCase()
    .replace(/[½¼¾⅜⅝⅞⅛]/g, (sign) => FRACTIONS[sign] ?? '')
    .replace(/[’‘']/g, '')
    .replace(/(\d)\s*["”″]/g, '$1 inch')
    .replace(/(\d)(mm|cm|in|inch|inches)\b/g, '$1 $2')
    .replace(/(\d+)(st|nd|rd|th)\b/g, '$1')
    .replace(/([a-z])-([a-z])/g, '$1 $2')
    .replace(/(\d)-(\d)/g, '$1 $2')
  return plain.match(/\d+\/\d+|\d+\.\d+f?|\d+[a-z]*|[a-z]+|[^\sa-z0-9]/g) ?? plain.match(/\n/g) ?? []
}

/** The text as tokens, longest match first; a word nobody knows is kept as unknown. */
export function tokensOf(text: string): Said[] {
  const words = text.split('\n').flatMap((line, index) => (index === 0 ? wordsIn(line) : ['\n', ...wordsIn(line)]))
  const said: Said[] = []
  for (let at = 0; at < words.length;) {
    const { token, used } = matchAt(words, at)
    said.push({ ...token, words: words.slice(at, at + used).join(' ') })
    at += used
  }
  return said.map((token, at) => (isAllOfThe(said, at) ? { is: 'filler', words: token.words } : token))
}

/** "all the feathering" means the feathering. */
function isAllOfThe(said: readonly Said[], at: number): boolean {
  if (said[at]?.words !== 'all') return false
  const after = said.slice(at + 1).find(({ is }) => is !== 'filler')
  return after?.is === 'zone'
}

function matchAt(words: readonly string[], at: number): Match {
  const word = words[at] ?? ''
  if (BREAKS.includes(word)) return { token: { is: 'break' }, used: 1 }
  const measured = lengthAt(words, at) ?? toolAt(words, at)
  const phrase = phraseAt(words, at)
  if (measured !== null && measured.used >= (phrase?.used ?? 0)) return measured
  return phrase ?? { token: /^[^a-z0-9]+$/.test(word) ? { is: 'filler' } : { is: 'unknown' }, used: 1 }
}

function phraseAt(words: readonly string[], at: number): Match | null {
  for (let used = Math.min(LONGEST, words.length - at); used > 0; used--) {
    const token = LEXICON.get(words.slice(at, at + used).join(' '))
    if (token) return { token, used }
  }
  return null
}
