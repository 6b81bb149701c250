import { useEffect, useMemo, useState } from 'react'
import { plain } from '@/core/find'
import { NoAnswer, askServer } from '../device/link'

export const FOUND_KINDS = { dog: 'dog', household: 'home', day: 'day', page: 'page' } as const
export interface FoundLine {
  kind: keyof typeof FOUND_KINDS
  href: string
  name: string
  words: string
}

const PAGES: readonly FoundLine[] = (
  [
    ['Day', '/', 'who comes today'],
    ['Dogs', '/dogs', 'every dog, searched and sorted'],
    ['Take in a dog', '/dogs/new', 'a new dog on the telephone'],
    ['Book', '/book', 'weeks as tapes, moves'],
    ['Repeats', '/book/repeats', 'who comes again by a rule'],
    ['Waiting', '/book/waiting', 'who would come earlier, free stretches'],
    ['Outbox', '/book/outbox', 'words to owners'],
    ['Calendars', '/book/calendars', 'feeds, busy times'],
    ['Patterns', '/patterns', 'the library and your own'],
    ['Kit', '/kit', 'tools, equivalents, blade hours'],
    ['Insight', '/insight', 'where the minutes go'],
    ['House', '/rules', 'hours, people, stations, schools'],
  ] as const
).map(([name, href, words]) => ({ kind: 'page', name, href, words }))

/** The hand rests this long before the house is asked, ms. */
const REST_MS = 60

/**
 * What a text finds: the house's answer, and pages of that name. The last one asked is the one shown.
 * @returns besides whether what is found is that of this very text: until the house answers it is of the one before
 */
export function useFound(text: string): { found: FoundLine[]; saying: string; isOfText: boolean } {
  const [heard, setHeard] = useState<{ text: string; lines: FoundLine[]; fault: string | null } | null>(null)
  useEffect(() => {
    // A call that nobody waits for any more is left to end: to cut it off would look like a server that is away.
    let isLate = false
    const timer = setTimeout(() => {
      ask(text).then(
        (lines) => !isLate && setHeard({ text, lines, fault: null }),
        (error: unknown) => {
          if (!(error instanceof NoAnswer)) throw error
          if (!isLate) setHeard({ text, lines: [], fault: 'The house does not answer now.' })
        },
      )
    }, REST_MS)
    return () => {
      clearTimeout(timer)
      isLate = true
    }
  }, [text])
  const found = useMemo(() => [...(heard?.lines ?? []), ...pagesNamed(text)], [heard, text])
  return { found, saying: heard?.fault ?? sayingOf(text, heard?.text, found.length), isOfText: heard?.text === text }
}

function sayingOf(text: string, heard: string | undefined, found: number): string {
  if (heard === undefined) return 'Looking…'
  if (heard === '' && text === '') return 'Today’s dogs and the last ones here. Arrows choose, Enter opens.'
  if (heard === text && found === 0)
    return 'Nothing found. Three letters of a name or the last figures of a number are enough.'
  return 'Arrows choose, Enter opens, Escape closes.'
}

async function ask(text: string): Promise<FoundLine[]> {
  const { body } = await askServer('/find', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ text }),
  })
  return (body as { ok: boolean; value?: FoundLine[] }).value ?? []
}

function pagesNamed(text: string): FoundLine[] {
  const typed = plain(text)
  return typed === ''
    ? []
    : PAGES.filter(
        ({ name }) =>
          plain(name)
            .split(' ')
            .some((word) => word.startsWith(typed)) || plain(name).startsWith(typed),
      )
}
