/** Who is told when the log of a visit has grown: the other screens on it. */
type Told = () => void

const shared = globalThis as { kovitWatchers?: Map<number, Set<Told>> }
const watchers = (shared.kovitWatchers ??= new Map())

/** Calls `told` whenever a visit's log has grown, until the returned function is called. */
export function watchVisit(visitId: number, told: Told): () => void {
  const here = watchers.get(visitId) ?? new Set()
  watchers.set(visitId, here.add(told))
  return () => {
    here.delete(told)
    if (here.size === 0) watchers.delete(visitId)
  }
}

/** Tells every screen on a visit that its log has grown. */
export function tellWatchers(visitId: number): void {
  for (const told of watchers.get(visitId) ?? []) told()
}
