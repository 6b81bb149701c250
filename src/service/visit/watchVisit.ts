import { readNewsMarks } from '@/data/events'
import { figures } from '../watch/figures'

/** Who is told when the log of a visit has grown: the other screens on it. */
type Told = () => void

interface Watched {
  told: Set<Told>
  /** What the visit stood at when its screens were told last; null before anybody looked. */
  mark: string | null
}

/** News of other servers on this database are looked for so often, ms. Those of this one are told at once. From memory. */
const LOOK_MS = 1000

const shared = globalThis as { kovitWatchers?: Map<number, Watched>; kovitLooking?: NodeJS.Timeout | null }
const watchers = (shared.kovitWatchers ??= new Map())

/** Calls `told` whenever a visit's log has grown, until the returned function is called. */
export function watchVisit(visitId: number, told: Told): () => void {
  const here = watchers.get(visitId) ?? { told: new Set(), mark: null }
  here.told.add(told)
  watchers.set(visitId, here)
  figures().screens.inc()
  lookOn()
  return () => {
    here.told.delete(told)
    figures().screens.dec()
    if (here.told.size === 0) watchers.delete(visitId)
  }
}

/** Tells every screen on a visit that its log has grown. */
export function tellWatchers(visitId: number): void {
  for (const told of watchers.get(visitId)?.told ?? []) told()
}

/** Looks for what other servers took in, for as long as anybody watches. */
function lookOn(): void {
  shared.kovitLooking ??= setTimeout(() => {
    shared.kovitLooking = null
    if (watchers.size === 0) return
    // The database may be away for a moment: it is asked again.
    void lookOnce()
      .catch(() => {})
      .then(lookOn)
  }, LOOK_MS).unref()
}

/** One look at all visits that are watched here: those that moved on elsewhere are told. */
export async function lookOnce(): Promise<void> {
  const marks = await readNewsMarks([...watchers.keys()])
  for (const [visitId, mark] of marks) {
    const here = watchers.get(visitId)
    if (!here || here.mark === mark) continue
    // The first look tells as well: something may have come in since its screens asked.
    here.mark = mark
    tellWatchers(visitId)
  }
}
