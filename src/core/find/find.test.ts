import { expect, it } from 'vitest'
import { dayNamed, plain } from '.'

it.each([
  ['Coton de Tuléar', 'coton de tulear'],
  ['  Søren   Læk-ke ', 'soren laek ke'],
  ['4, Net Loft Lane', '4 net loft lane'],
])('%s is compared as %s', (text, as) => expect(plain(text)).toBe(as))

// 2026-11-25 is a Wednesday.
it.each([
  ['2026-12-03', '2026-12-03'],
  ['today', '2026-11-25'],
  ['Tomorrow', '2026-11-26'],
  ['fri', '2026-11-27'],
  ['wednesday', '2026-12-02'],
  ['3 dec', '2026-12-03'],
  ['december 3', '2026-12-03'],
  ['2 feb', '2027-02-02'],
  ['31 feb', null],
  ['Quill', null],
  ['3', null],
  ['', null],
])('%s names the day %s', (text, day) => expect(dayNamed(text, '2026-11-25')).toBe(day))
