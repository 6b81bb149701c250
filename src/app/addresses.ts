import { notFound } from 'next/navigation'
import { mayDo, type Someone } from '@/core/rights'

/** An id from an address; 0, which nothing has, where it is none. */
export const idIn = (text: string): number => (/^[1-9]\d{0,8}$/.test(text) ? Number(text) : 0)

/** An id from the address of a page; anything else is a page that is not there. */
export const idOf = (text: string): number => idIn(text) || notFound()

/** A dog's way on: who does not work at the bench is led to its file instead. */
export const wayFor = (who: Someone, href: string, dogId: number): string =>
  mayDo(who, 'bench') || !href.endsWith('/bench') ? href : `/dogs/${dogId}`

/** A view that has to be there. */
export function found<View>(view: View | null): View {
  if (view === null) notFound()
  return view
}
