import { addDays } from '../units'

/** In which order a list writes day, month and year; null where its dates do not tell. */
export type DateOrder = 'dmy' | 'mdy'

const FIGURES = /^(\d{1,4})[./\s-]+(\d{1,2})[./\s-]+(\d{1,4})$/

/** The order of a whole column: a figure above twelve is no month. Two that disagree tell nothing. */
export function dateOrder(values: readonly string[]): DateOrder | null {
  const orders = values.flatMap((value): DateOrder[] => {
    const [, first, second] = FIGURES.exec(value.trim()) ?? []
    if (!first || !second || first.length === 4) return []
    if (Number(first) > 12) return ['dmy']
    return Number(second) > 12 ? ['mdy'] : []
  })
  const [order] = orders
  return order !== undefined && orders.every((each) => each === order) ? order : null
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']
/** Days as spreadsheets number them begin here. Source: ECMA-376, 1900 date system; right from March 1900 on. */
const SHEET_EPOCH = '1899-12-30'
const SHEET_DAYS = { from: 20_000, to: 60_000 }

/**
 * A day as people write it: 2027-03-02, 2/3/2027, 02.03.27, 2 March 2027, Mar 2, 2027, or a spreadsheet's number.
 * @returns null where it is none, or where day and month could be either way
 */
export function readDate(text: string, order: DateOrder | null): string | null {
  const said = text.trim()
  const sheet = /^\d{5}$/.test(said) ? Number(said) : 0
  if (sheet >= SHEET_DAYS.from && sheet <= SHEET_DAYS.to) return addDays(SHEET_EPOCH, sheet)
  const [, first, second, third] = FIGURES.exec(said) ?? []
  if (first && second && third) return dayOfFigures(first, second, third, order)
  const words = said.toLowerCase().replaceAll(/(\d)(st|nd|rd|th)\b/g, '$1')
  const month = MONTHS.findIndex((name) => new RegExp(`\\b${name}[a-z]*`).test(words))
  const numbers = words.match(/\d+/g) ?? []
  const [day, year] = numbers
  return month < 0 || !day || !year || numbers.length !== 2 ? null : isoDay(year, month + 1, Number(day))
}

function dayOfFigures(first: string, second: string, third: string, order: DateOrder | null): string | null {
  if (first.length === 4) return isoDay(first, Number(second), Number(third))
  const [a, b] = [Number(first), Number(second)]
  const own = a > 12 ? 'dmy' : b > 12 ? 'mdy' : a === b ? 'dmy' : order
  if (own === null) return null
  return own === 'dmy' ? isoDay(third, b, a) : isoDay(third, a, b)
}

/** A year of two figures up to this one is of this century. From memory: no dog was born before 1980. */
const LATEST_SHORT_YEAR = 79

function isoDay(year: string, month: number, day: number): string | null {
  const short = Number(year)
  const full = year.length === 4 ? short : year.length === 2 ? short + (short <= LATEST_SHORT_YEAR ? 2000 : 1900) : 0
  const iso = `${String(full).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`
  const ms = Date.parse(`${iso}T00:00:00Z`)
  return full > 0 && !Number.isNaN(ms) && new Date(ms).toISOString().startsWith(iso) ? iso : null
}

/** A pound. Published: international yard and pound agreement, 1959. */
const KG_PER_LB = 0.453_592_37

/** A number with a decimal point or comma; thousands are marked by the other one, or by spaces. Null where it is none. */
export function readNumber(text: string): number | null {
  const said = text.trim().replaceAll(/[\s\u00a0']/g, '')
  if (/^[+-]?\d+(,\d{3})+\.\d+$/.test(said)) return Number(said.replaceAll(',', ''))
  if (/^[+-]?\d+(\.\d{3})+,\d+$/.test(said)) return Number(said.replaceAll('.', '').replace(',', '.'))
  return /^[+-]?\d+([.,]\d+)?$/.test(said) ? Number(said.replace(',', '.')) : null
}

/** A weight in kg; pounds where it says so, or where its column does. */
export function readWeightKg(text: string, isPounds: boolean): number | null {
  const [, figure, unit] = /^([\d.,\s]+?)\s*(kgs?|kilos?|lbs?|pounds?)?\.?$/i.exec(text.trim()) ?? []
  const number = figure === undefined ? null : readNumber(figure)
  if (number === null) return null
  const pounds = unit ? /^(lb|pound)/i.test(unit) : isPounds
  return Math.round(number * (pounds ? KG_PER_LB : 1) * 10) / 10
}

/** How old in years: 3, 3 years, 8 months, 3y 6m. */
export function readAgeYears(text: string): number | null {
  const said = text.trim().toLowerCase()
  const plain = readNumber(said)
  if (plain !== null) return plain
  const [, years] = /(\d+(?:[.,]\d+)?)\s*(?:y|yr|yrs|year|years)\b/.exec(said) ?? []
  const [, months] = /(\d+)\s*(?:m|mo|mos|mth|mths|month|months)\b/.exec(said) ?? []
  return years === undefined && months === undefined ? null : (readNumber(years ?? '0') ?? 0) + Number(months ?? 0) / 12
}

// prettier-ignore
const SEXES: Record<string, { sex: 'male' | 'female'; neutered?: boolean }> = {
  m: { sex: 'male' }, male: { sex: 'male' }, dog: { sex: 'male' }, boy: { sex: 'male' }, '♂': { sex: 'male' },
  f: { sex: 'female' }, female: { sex: 'female' }, bitch: { sex: 'female' }, girl: { sex: 'female' }, '♀': { sex: 'female' },
  mn: { sex: 'male', neutered: true }, nm: { sex: 'male', neutered: true }, 'male neutered': { sex: 'male', neutered: true }, 'neutered male': { sex: 'male', neutered: true },
  fs: { sex: 'female', neutered: true }, sf: { sex: 'female', neutered: true }, fn: { sex: 'female', neutered: true }, 'female spayed': { sex: 'female', neutered: true }, 'spayed female': { sex: 'female', neutered: true },
}
export const readSex = (text: string) =>
  SEXES[
    text
      .trim()
      .toLowerCase()
      .replaceAll(/[().,]/g, '')
  ] ?? null

const YES = ['yes', 'y', 'true', '1', 'x', 'done', 'neutered', 'spayed', 'castrated']
const NO = ['no', 'n', 'false', '0', '-', 'intact', 'entire']
export function readYesNo(text: string): boolean | null {
  const said = text.trim().toLowerCase()
  return YES.includes(said) ? true : NO.includes(said) ? false : null
}
