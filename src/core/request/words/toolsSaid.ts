import { BLADES, COMBS, COMB_BLADES, combedLengthMm, type BladeId, type CombBladeId, type CombId } from '../../lengths'
import { NUMBERS, lengthAt, type Match } from './measures'

const COMB_WORDS = ['comb', 'guard', 'guide', 'attachment', 'snap']
export const TOOL_WORDS = [...COMB_WORDS, 'blade', 'number', 'skip', 'tooth', 'finish']
/** A comb called by its length is rounded: 13 mm for half an inch. */
const SAME_COMB_MM = 0.5
const NAMES = ['number', 'size', '#', 'nr', 'num']
/** Number words that groomers use for a blade without saying so. */
const SPOKEN_BLADES = ['four', 'five', 'seven', 'nine', 'ten', 'fifteen', 'thirty', 'forty']

const asBlade = (name: string): BladeId | undefined =>
  BLADES.find((blade) => blade.toLowerCase() === name) ?? BLADES.find((blade) => blade === `${name}F`)
const asComb = (name: string): CombId | undefined => COMBS.find((comb) => comb.toLowerCase() === name)
const asCombBlade = (name: string): CombBladeId | undefined => COMB_BLADES.find((blade) => blade === name)

/** The name of a tool at this word: digits, a letter, or `1 1/2`. */
function nameAt(words: readonly string[], at: number): { name: string; used: number; spoken: boolean } | null {
  const word = words[at] ?? ''
  if (word === '1' && words[at + 1] === '1/2') return { name: '1½', used: 2, spoken: false }
  if (word === 'one' && words[at + 1] === 'and' && words[at + 2] === 'a' && words[at + 3] === 'half')
    return { name: '1½', used: 4, spoken: false }
  if (word === '8' && words[at + 1] === '1/2') return { name: '8.5', used: 2, spoken: false }
  if (/^\d+(\.5)?f?$/.test(word)) return { name: word, used: 1, spoken: false }
  if (/^[ace]$/.test(word)) return { name: word, used: 1, spoken: false }
  const value = NUMBERS[word]
  return value === undefined ? null : { name: String(value), used: 1, spoken: true }
}

const ask = (question: string, used: number, readings: readonly string[] = []): Match => ({
  token: { is: 'ask', question, readings },
  used,
})

/** A comb named by what it leaves: `5/8 comb`, `half inch guard`, `13 mm comb`. */
function combBySize(words: readonly string[], from: number): Match | null {
  const start = words[from] === 'the' ? from + 1 : from
  const size = lengthAt(words, start)
  const end = start + (size?.used ?? 0)
  if (size?.token.is !== 'length' || !COMB_WORDS.includes(words[end] ?? '')) return null
  const used = end + (words[end + 1] === 'comb' ? 2 : 1) - from
  const { lengthMm } = size.token
  const comb = COMBS.find((each) => Math.abs(combedLengthMm(each, '30') - lengthMm) <= SAME_COMB_MM)
  return comb
    ? { token: { is: 'tool', tool: { comb, blade: '30' } }, used }
    : ask('there is no such comb. Which one?', used)
}

type SaidAs = 'comb' | 'blade' | 'skip' | 'bare'

const MONTHS = /^(january|february|march|april|may|june|july|august|september|october|november|december)$/

/** "as on 3 May": a day, and no blade. */
const dateAt = (words: readonly string[], at: number): Match | null =>
  /^\d{1,2}$/.test(words[at] ?? '') && MONTHS.test(words[at + 1] ?? '')
    ? ask('the card of that day is not here. As on the last card?', 2)
    : null

/** A blade or a guard comb: `7F`, `#4F`, `2 comb`, `comb 2 over a 10`, `seven`, `number 1 guard`. */
export function toolAt(words: readonly string[], from: number): Match | null {
  const date = dateAt(words, from)
  if (date) return date
  const sized = combBySize(words, from)
  if (sized) return sized
  const start = ['a', 'an', 'the'].includes(words[from] ?? '') ? from + 1 : from
  const before = kindBefore(words, start)
  const numbered = NAMES.includes(words[start + before.used] ?? '') ? 1 : 0
  const nameFrom = start + before.used + numbered
  const named = nameAt(words, nameFrom)
  if (named === null) return null
  const after = kindAfter(words, nameFrom + named.used)
  const said = before.said === 'bare' ? after.said : before.said
  if (/^[ace]$/.test(named.name) && said !== 'comb') return null
  const loose = named.spoken && said === 'bare' && numbered === 0
  if (loose && !SPOKEN_BLADES.includes(words[nameFrom] ?? '')) return null
  return toolNamed(words, from, nameFrom + named.used + after.used, named.name, said)
}

/** `comb 2`, `blade 10`, `skip tooth 7`. */
function kindBefore(words: readonly string[], at: number): { said: SaidAs; used: number } {
  if (COMB_WORDS.includes(words[at] ?? '')) return { said: 'comb', used: 1 }
  if (words[at] === 'blade') return { said: 'blade', used: 1 }
  if (words[at] === 'skip' && words[at + 1] === 'tooth')
    return { said: 'skip', used: words[at + 2] === 'blade' ? 3 : 2 }
  return { said: 'bare', used: 0 }
}

/** `2 guard comb`, `10 blade`, `7 skip tooth`. */
function kindAfter(words: readonly string[], at: number): { said: SaidAs; used: number } {
  if (words[at] === 'skip') return { said: 'skip', used: words[at + 1] === 'tooth' ? 2 : 1 }
  if (COMB_WORDS.includes(words[at] ?? '')) return { said: 'comb', used: words[at + 1] === 'comb' ? 2 : 1 }
  return words[at] === 'blade' || words[at] === 'finish' ? { said: 'blade', used: 1 } : { said: 'bare', used: 0 }
}

function toolNamed(words: readonly string[], from: number, at: number, name: string, said: SaidAs): Match {
  const used = at - from
  if (said === 'skip') return skipTooth(name, used)
  const comb = asComb(name)
  const over = overAt(words, at)
  if (comb === '1½' && said === 'bare' && over === null)
    return ask('comb 1½, or an inch and a half?', used, ['comb 1½', '1½ inches'])
  if (comb !== undefined && (said === 'comb' || over !== null || asBlade(name) === undefined))
    return { token: { is: 'tool', tool: { comb, blade: over?.blade ?? '30' } }, used: (over?.end ?? at) - from }
  return said === 'comb' ? ask('there is no such comb. Which one?', used) : bladeNamed(words, from, at, name, said)
}

function skipTooth(name: string, used: number): Match {
  const skip = (['7', '5', '4'] as const).find((each) => each === name)
  if (!skip) return ask('there is no such skip-tooth blade. Which one?', used)
  return { token: { is: 'tool', tool: { blade: skip } }, used }
}

function bladeNamed(words: readonly string[], from: number, at: number, name: string, said: SaidAs): Match {
  const used = at - from
  const blade = asBlade(name)
  if (name === '4' && said === 'bare') return ask('the 4F blade, or comb 4?', used, ['4F', 'comb 4'])
  if (blade === undefined) {
    if (said === 'blade') return ask('there is no such blade. Which one?', used)
    return ask('mm, or which tool?', used, /^\d/.test(name) ? [`${name} mm`] : [])
  }
  const under = asCombBlade(blade) === undefined ? null : combOver(words, at)
  const tool = under === null ? { blade } : { comb: under.comb, blade: asCombBlade(blade) }
  return { token: { is: 'tool', tool }, used: (under?.end ?? at) - from }
}

/** `over a 10`, `on 30`: the blade under a comb. */
function overAt(words: readonly string[], at: number): { blade: CombBladeId; end: number } | null {
  if (!['over', 'on', 'with'].includes(words[at] ?? '')) return null
  let next = at + 1
  while (['a', 'the', '#', 'number'].includes(words[next] ?? '')) next += 1
  const blade = asCombBlade(words[next] ?? '')
  if (blade === undefined) return null
  return { blade, end: words[next + 1] === 'blade' ? next + 2 : next + 1 }
}

/** `with a 2 comb`: the comb over a blade that was named first. */
function combOver(words: readonly string[], at: number): { comb: CombId; end: number } | null {
  if (!['with', 'under', 'and'].includes(words[at] ?? '')) return null
  let next = at + 1
  while (['a', 'the', '#', 'number', 'comb'].includes(words[next] ?? '')) next += 1
  const named = nameAt(words, next)
  const comb = named === null ? undefined : asComb(named.name)
  if (named === null || comb === undefined) return null
  const end = next + named.used
  if (COMB_WORDS.includes(words[end] ?? '')) return { comb, end: end + 1 }
  return words[next - 1] === 'comb' ? { comb, end } : null
}
