/** A word of a text: as it is compared, and where it stands in the text, from and to. */
export interface Word {
  text: string
  from: number
  to: number
}

const FRACTIONS: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅛': '1/8',
}
const INCH_MARKS = ['"', '”', '″', '“']
/** A comma between figures is a decimal one only where a unit follows: `1,5 cm`, not `body 10,legs 15`. */
const WORD =
  /\d+\/\d+|\d+\.\d+|\d+,\d+(?=\s*(?:mm|cm|in\b|inch|["”″]))|\d+|[½¼¾⅓⅜⅝⅞⅛]|\p{L}[\p{L}\p{M}]*(?:['’‘`]\p{L}+)*|\n|[^\s]/gu
const isNumber = (word: Word | undefined): boolean => word !== undefined && /^\d/.test(word.text)

/** The words of a text in lower case: inches written out, apostrophes gone, each sign its own word. */
export function wordsIn(text: string): Word[] {
  const words: Word[] = []
  for (const { 0: found, index } of text.matchAll(WORD)) add(words, found, index, text.slice(index + found.length))
  return words
}

function add(words: Word[], found: string, from: number, after: string): void {
  const before = words.at(-1)
  const touches = before?.to === from
  const word = { text: plain(found), from, to: from + found.length }
  if (INCH_MARKS.includes(found) && touches && isNumber(before)) words.push({ ...word, text: 'inch' })
  else if (touches && isNumber(before) && before && isGlued(word.text)) glue(before, word)
  else if (/^[-–‑]$/.test(found) && touches && /^\S/.test(after)) joinBy(words, word, after)
  else if (found === '.' && before?.text === 'no' && touches && /^\s*\d/.test(after)) before.text = '#'
  else words.push(word)
}

const plain = (found: string): string =>
  FRACTIONS[found] ??
  found
    .toLowerCase()
    .replace(/['’‘`]/g, '')
    .replace(/(\d),(\d)/, '$1.$2')

/** `7F` is one word; the ending of `15th` or `5/8ths` says nothing. */
const isGlued = (text: string): boolean => /^(f|st|nd|rd|th|ths)$/.test(text)

function glue(before: Word, word: Word): void {
  if (word.text === 'f') before.text += 'f'
  before.to = word.to
}

/** A hyphen joins: `clean-shaven`, `1-1/2`; between two numbers it is a range, else it parts. */
function joinBy(words: Word[], word: Word, after: string): void {
  const before = words.at(-1)
  if (/^\p{L}/u.test(after) || (isNumber(before) && /^([½¼¾⅓⅜⅝⅞⅛]|\d+\/)/.test(after))) return
  words.push({ ...word, text: isNumber(before) && /^\d/.test(after) ? 'to' : '-' })
}
