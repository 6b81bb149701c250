import { BLADES, COMBS, COMB_BLADES, type BladeId, type CombBladeId, type CombId } from '../../lengths'
import { MM_PER_INCH } from '../../units'
import type { Token } from './spoken'

/** A token and how many words it took. */
export interface Match {
  token: Token
  used: number
}

const NUMBERS: Record<string, number> = {
  zero: 0,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fifteen: 15,
  sixteen: 16,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
}
const PARTS: Record<string, number> = {
  half: 1 / 2,
  quarter: 1 / 4,
  quarters: 1 / 4,
  eighth: 1 / 8,
  eighths: 1 / 8,
  sixteenths: 1 / 16,
  third: 1 / 3,
}
const UNITS: Record<string, number> = {
  mm: 1,
  millimetre: 1,
  millimetres: 1,
  millimeter: 1,
  millimeters: 1,
  mil: 1,
  mils: 1,
  cm: 10,
  centimetre: 10,
  centimetres: 10,
  centimeter: 10,
  centimeters: 10,
  cms: 10,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  ins: MM_PER_INCH,
  in: MM_PER_INCH,
}
/** After these, `in` is no unit: "a 10 in the armpits". */
const PLACES = ['the', 'her', 'his', 'its', 'their', 'front', 'between', 'armpits', 'there']

function numberAt(words: readonly string[], at: number): { value: number; used: number } | null {
  const word = words[at]
  if (word === undefined) return null
  const fraction = /^(\d+)\/([1-9]\d*)$/.exec(word)
  if (fraction) return { value: Number(fraction[1]) / Number(fraction[2]), used: 1 }
  if (PARTS[word] !== undefined) return { value: PARTS[word], used: 1 }
  const whole = /^\d+(\.\d+)?$/.test(word) ? Number(word) : NUMBERS[word]
  if (whole === undefined) return null
  const rest = /^(\d+)\/([1-9]\d*)$/.exec(words[at + 1] ?? '')
  if (rest) return { value: whole + Number(rest[1]) / Number(rest[2]), used: 2 }
  const part = PARTS[words[at + 1] ?? '']
  if (part !== undefined) return { value: whole * part, used: 2 }
  if (words[at + 1] === 'and' && words[at + 2] === 'a' && PARTS[words[at + 3] ?? ''] !== undefined)
    return { value: whole + (PARTS[words[at + 3] ?? ''] ?? 0), used: 4 }
  return { value: whole, used: 1 }
}

/** A length with its unit: `half an inch`, `3/4 in`, `13 mm`, `an inch and a half`. */
export function lengthAt(words: readonly string[], from: number): Match | null {
  const start = isArticle(words[from]) ? from + 1 : from
  const bare = start > from && words[start] !== 'in' && unitAt(words, start) !== null
  const number = bare ? { value: 1, used: 0 } : numberAt(words, start)
  if (number === null) return null
  let at = start + number.used
  if (words[at] === 'of') at += 1
  if (isArticle(words[at])) at += 1
  const perUnit = unitAt(words, at)
  if (perUnit === null) return null
  const more = halfMore(words, at + 1)
  const lengthMm = Number(((number.value + more) * perUnit).toFixed(2))
  return { token: { is: 'length', lengthMm }, used: at + 1 - from + (more > 0 ? 3 : 0) }
}

const isArticle = (word: string | undefined): boolean => word === 'a' || word === 'an'

/** mm in the unit that stands here; null where there is none, as in "a 10 in the armpits". */
function unitAt(words: readonly string[], at: number): number | null {
  const unit = words[at] ?? ''
  return unit === 'in' && PLACES.includes(words[at + 1] ?? '') ? null : (UNITS[unit] ?? null)
}

/** "and a half", "and a quarter" behind a unit. */
const halfMore = (words: readonly string[], at: number): number =>
  words[at] === 'and' && words[at + 1] === 'a' ? (PARTS[words[at + 2] ?? ''] ?? 0) : 0

const COMB_WORDS = ['comb', 'guard', 'guide', 'attachment', 'snap']
const NAMES = ['number', 'no', 'size', '#', 'nr', 'num']
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

const ask = (question: string, used: number): Match => ({ token: { is: 'ask', question }, used })

type SaidAs = 'comb' | 'blade' | 'skip' | 'bare'

/** A blade or a guard comb: `7F`, `#4F`, `2 comb`, `comb 2 over a 10`, `seven`, `number 1 guard`. */
export function toolAt(words: readonly string[], from: number): Match | null {
  const start = isArticle(words[from]) || words[from] === 'the' ? from + 1 : from
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
  const blade = asBlade(name)
  const comb = asComb(name)
  if (said === 'skip') {
    const skip = (['7', '5', '4'] as const).find((each) => each === name)
    return skip
      ? { token: { is: 'tool', tool: { blade: skip } }, used: at - from }
      : ask('there is no such skip-tooth blade. Which one?', at - from)
  }
  const over = overAt(words, at)
  if (comb !== undefined && (said === 'comb' || over !== null || blade === undefined))
    return { token: { is: 'tool', tool: { comb, blade: over?.blade ?? '30' } }, used: (over?.end ?? at) - from }
  if (said === 'comb') return ask('there is no such comb. Which one?', at - from)
  if (name === '4' && said === 'bare') return ask('the 4F blade, or comb 4?', at - from)
  if (blade === undefined)
    return ask(said === 'blade' ? 'there is no such blade. Which one?' : 'mm, or which tool?', at - from)
  const under = combOver(words, at)
  if (under !== null && asCombBlade(blade) !== undefined)
    return { token: { is: 'tool', tool: { comb: under.comb, blade } }, used: under.end - from }
  return { token: { is: 'tool', tool: { blade } }, used: at - from }
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
