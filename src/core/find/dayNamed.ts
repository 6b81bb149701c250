import { WEEKDAYS, weekdayOf } from '../people'
import { Day, addDays } from '../units'
import { plain } from './plain'

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']
const WORDS: Record<string, number> = { yesterday: -1, today: 0, tomorrow: 1 }
const FEWEST_LETTERS = 3
const DAYS_A_WEEK = 7

/**
 * The day that a text names: a date, `3 dec`, a weekday to come, or a word. Null for any other text.
 * @example dayNamed('fri', '2026-11-25') // '2026-11-27'
 */
export function dayNamed(text: string, today: string): string | null {
  const trimmed = text.trim()
  if (Day.safeParse(trimmed).success) return trimmed
  const said = plain(text)
  const ahead = WORDS[said]
  if (ahead !== undefined) return addDays(today, ahead)
  return weekdayToCome(said, today) ?? dayAndMonth(said, today)
}

function weekdayToCome(said: string, today: string): string | null {
  const names = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday']
  const at = said.length < FEWEST_LETTERS ? -1 : names.findIndex((name) => name.startsWith(said))
  if (at < 0) return null
  const days = Array.from({ length: DAYS_A_WEEK }, (_, ahead) => addDays(today, ahead + 1))
  return days.find((day) => weekdayOf(day) === WEEKDAYS[at]) ?? null
}

/** `3 dec` or `december 3`: this year's, or the next one's where it lies half a year back. */
function dayAndMonth(said: string, today: string): string | null {
  const [, before, word = '', behind] = /^(\d{1,2})? ?(\p{L}{3,}) ?(\d{1,2})?$/u.exec(said) ?? []
  const date = before ?? behind
  const month = MONTHS.indexOf(word.slice(0, FEWEST_LETTERS))
  if (date === undefined || month < 0) return null
  const year = Number(today.slice(0, 4))
  const inYear = (each: number) => `${each}-${String(month + 1).padStart(2, '0')}-${date.padStart(2, '0')}`
  const day = inYear(year) < addDays(today, -180) ? inYear(year + 1) : inYear(year)
  return Day.safeParse(day).success ? day : null
}
