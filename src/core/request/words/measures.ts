import { MM_PER_INCH } from '../../units'
import type { Token } from './spoken'

/** A token and how many words it took. */
export interface Match {
  token: Token
  used: number
}

export const NUMBERS: Record<string, number> = {
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
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  eighteen: 18,
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
  sixteenth: 1 / 16,
  sixteenths: 1 / 16,
  third: 1 / 3,
  thirds: 1 / 3,
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
/** Words of numbers and units. */
export const MEASURE_WORDS = [NUMBERS, PARTS, UNITS].flatMap((words) => Object.keys(words))

/** A figure and nothing else: a blade where a zone is named, else an hour, an age, a price. */
export const BARE_FIGURE = new RegExp(`^(a |an |the )?(\\d+|${Object.keys(NUMBERS).join('|')})$`, 'i')

/** After these, `in` is no unit: "a 10 in the armpits". */
const PLACES = ['the', 'her', 'his', 'its', 'their', 'front', 'between', 'armpits', 'there', 'case']
/** A part with one of these behind it is a part of something, not of an inch: "half the length", "take half off". */
const PART_OF = ['of', 'the', 'as', 'way', 'an', 'a', 'hour', 'off', 'past', 'its', 'her', 'his', 'again', 'that', 'it']

/** "A 10 and half an inch" are two things: nobody says more inches than this with a fraction. */
const MOST_MIXED = 6

/** A number as it is said; `part` where it is or ends in a fraction. */
interface SaidNumber {
  value: number
  used: number
  part: boolean
}

const isArticle = (word: string | undefined): boolean => word === 'a' || word === 'an'

function fractionAt(words: readonly string[], at: number): { value: number; used: number } | null {
  const word = words[at] ?? ''
  const figures = /^(\d+)\/(2|3|4|8|16|32)$/.exec(word)
  if (figures) return { value: Number(figures[1]) / Number(figures[2]), used: 1 }
  const over = PARTS[words[at + 1] ?? '']
  const times = /^\d+$/.test(word) ? Number(word) : NUMBERS[word]
  if (times !== undefined && over !== undefined && times * over < 1) return { value: times * over, used: 2 }
  const alone = PARTS[word]
  return alone === undefined ? null : { value: alone, used: 1 }
}

/** A number: `13`, `1.5`, `3/8`, `three quarters`, `one and a half`, `2 1/2`. */
export function numberAt(words: readonly string[], at: number): SaidNumber | null {
  const part = fractionAt(words, at)
  if (part !== null) return { ...part, part: true }
  const word = words[at] ?? ''
  const whole = /^\d+(\.\d+)?$/.test(word) ? Number(word) : NUMBERS[word]
  if (whole === undefined) return null
  const more = whole > MOST_MIXED ? null : partMore(words, at + 1)
  return more === null
    ? { value: whole, used: 1, part: false }
    : { value: whole + more.value, used: 1 + more.used, part: true }
}

/** What follows a whole: `1/2`, `and a half`, `and three quarters`. */
function partMore(words: readonly string[], at: number): { value: number; used: number } | null {
  const plain = /^\d+\//.test(words[at] ?? '') ? fractionAt(words, at) : null
  if (plain !== null) return plain
  if (words[at] !== 'and') return null
  const from = isArticle(words[at + 1]) ? at + 2 : at + 1
  const part = fractionAt(words, from)
  // "a 5 and half an inch on the legs": the half is another wish's.
  const isItsOwn = ['an', 'of'].includes(words[from + (part?.used ?? 0)] ?? '')
  return part === null || isItsOwn ? null : { value: part.value, used: from - at + part.used }
}

interface SaidLength {
  lengthMm: number
  used: number
}

const inMm = (value: number, perUnit: number): number => Number((value * perUnit).toFixed(2))

/** A length with its unit: `half an inch`, `3/4 in`, `13 mm`, `an inch and a half`, `inch and a quarter`. */
function measuredAt(words: readonly string[], from: number): SaidLength | null {
  const start = isArticle(words[from]) ? from + 1 : from
  const one = words[start] !== 'in' && unitAt(words, start) !== null
  const bare = one && (start > from || partMore(words, start + 1) !== null)
  const number = bare ? { value: 1, used: 0 } : numberAt(words, start)
  if (number === null) return null
  let at = start + number.used
  if (words[at] === 'of') at += 1
  if (isArticle(words[at])) at += 1
  const perUnit = unitAt(words, at)
  if (perUnit === null) return null
  const more = Number.isInteger(number.value) ? partMore(words, at + 1) : null
  const lengthMm = inMm(number.value + (more?.value ?? 0), perUnit)
  return { lengthMm, used: at + 1 - from + (more?.used ?? 0) }
}

/** A part of an inch whose unit is not said: `3/8 all over`, `three quarters on the legs`. */
function inchPartAt(words: readonly string[], from: number): SaidLength | null {
  const start = isArticle(words[from]) ? from + 1 : from
  const number = numberAt(words, start)
  const next = words[start + (number?.used ?? 0)] ?? ''
  if (!number?.part || PART_OF.includes(next) || number.value === 1.5) return null
  return { lengthMm: inMm(number.value, MM_PER_INCH), used: start - from + number.used }
}

/** mm in the unit that stands here; null where there is none, as in "a 10 in the armpits". */
function unitAt(words: readonly string[], at: number): number | null {
  const unit = words[at] ?? ''
  return unit === 'in' && PLACES.includes(words[at + 1] ?? '') ? null : (UNITS[unit] ?? null)
}

/** `between 1 and 1½ inches`, `10 to 12 mm`; with `or` it is asked which. */
function rangeAt(words: readonly string[], from: number): Match | null {
  const opened = words[from] === 'between' || words[from] === 'from' || words[from] === 'either'
  const behind = opened ? from + 1 : from
  const start = opened && isArticle(words[behind]) && measuredAt(words, behind) === null ? behind + 1 : behind
  const first = measuredAt(words, start) ?? numberAt(words, start)
  const joins = words[from] === 'between' ? ['and', 'to'] : ['to', 'or']
  const at = start + (first?.used ?? 0)
  if (first === null || !joins.includes(words[at] ?? '')) return null
  const second = measuredAt(words, at + 1)
  if (second === null) return null
  const used = at + 1 + second.used - from
  const lowMm = 'lengthMm' in first ? first.lengthMm : sameUnit(first.value, second, words, at + 1)
  const toMm = second.lengthMm
  if (words[at] === 'or') {
    const readings = [lowMm, toMm].map((mm) => `${mm} mm`)
    return { token: { is: 'ask', question: 'which of the two?', readings }, used }
  }
  return { token: { is: 'range', fromMm: Math.min(lowMm, toMm), toMm: Math.max(lowMm, toMm) }, used }
}

/** The first figure of a range is in the unit of the second. */
function sameUnit(value: number, second: SaidLength, words: readonly string[], at: number): number {
  const units = words.slice(at, at + second.used).flatMap((_, index) => unitAt(words, at + index) ?? [])
  return inMm(value, units[0] ?? 1)
}

/** A length or a range of lengths at this word. */
export function lengthAt(words: readonly string[], from: number): Match | null {
  const range = rangeAt(words, from)
  if (range) return range
  const said = measuredAt(words, from) ?? inchPartAt(words, from)
  return said && { token: { is: 'length', lengthMm: said.lengthMm }, used: said.used }
}
