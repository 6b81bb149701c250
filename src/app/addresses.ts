import { notFound } from 'next/navigation'

/** An id from an address; anything else is a page that is not there. */
export function idOf(text: string): number {
  if (!/^[1-9]\d{0,8}$/.test(text)) notFound()
  return Number(text)
}

/** A view that has to be there. */
export function found<View>(view: View | null): View {
  if (view === null) notFound()
  return view
}
