import type { Link } from './link'

/** What stands on a device and not in the books, as far as a page knows. */
export interface Kept {
  waiting: number
  /** On this page alone, for want of room. */
  loose: number
  aside: number
}

/**
 * The honest line: what of what was noted is where. *All sent* only where the server was heard and nothing is left here.
 * @param clock how a moment is said, `10:42`
 */
export function honestWords({ waiting, loose, aside }: Kept, link: Link, clock: (ms: number) => string): string[] {
  const words: string[] = []
  if (link.state === 'offline') words.push(`Offline since ${clock(link.sinceMs)}`)
  if (link.state === 'starting') words.push('Kovit is starting again; what you do is kept here')
  if (waiting > 0) words.push(waiting === 1 ? '1 note waits' : `${waiting} notes wait`)
  if (loose > 0) words.push(`On this screen only: ${loose}`)
  if (aside > 0) words.push(`Kept aside: ${aside}`)
  if (words.length === 0 && link.state === 'up') words.push('All sent')
  return words
}
