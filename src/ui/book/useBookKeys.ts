import { useRouter } from 'next/navigation'
import { addDays } from '@/core/units'
import { isTyping, useKeyDown } from '../keys/useKeyDown'
import type { BookView } from './view'

export const bookHref = (day: string, weeks: number): string =>
  `/book?day=${day}${weeks === 1 ? '' : `&weeks=${weeks}`}`

/** T is today, N and P the next and the previous weeks, 1, 2 and 4 how many, G a date. */
export function useBookKeys({ from, weeks, today }: BookView, on: boolean): void {
  const router = useRouter()
  useKeyDown((event) => {
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
