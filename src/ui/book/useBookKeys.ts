import { useRouter } from 'next/navigation'
import { addDays } from '@/core/units'
import { useTellKeys, type PageKey } from '../keys/pageKeys'
import { isTyping, useKeyOnPage } from '../keys/useKeyDown'
import type { BookView } from './view'

export const bookHref = (day: string, weeks: number): string =>
  `/book?day=${day}${weeks === 1 ? '' : `&weeks=${weeks}`}`

const KEYS: readonly PageKey[] = [
  ['T', 'this week'],
  ['N', 'the next weeks'],
  ['P', 'the weeks before'],
  ['1, 2, 4', 'so many weeks'],
  ['G', 'go to a date'],
  ['Space', 'carry the booking that has the focus; the arrows move it, space lets it go'],
]

/** T is today, N and P the next and the previous weeks, 1, 2 and 4 how many, G a date. */
export function useBookKeys({ from, weeks, today }: BookView, on: boolean): void {
  const router = useRouter()
  useTellKeys(KEYS)
  useKeyOnPage((event) => {
    if (!on || isTyping(event) || event.altKey || event.ctrlKey || event.metaKey || event.repeat) return
    const key = event.key.toLowerCase()
    const go = (href: string) => (event.preventDefault(), router.push(href))
    if (key === 't') go(bookHref(today, weeks))
    else if (key === 'n') go(bookHref(addDays(from, weeks * 7), weeks))
    else if (key === 'p') go(bookHref(addDays(from, -weeks * 7), weeks))
    else if (key === '1' || key === '2' || key === '4') go(bookHref(from, Number(key)))
    else if (key === 'g') {
      event.preventDefault()
      document.getElementById('book-date')?.focus()
    }
  })
}
