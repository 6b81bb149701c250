import { noteSaid } from '../trail/noteSaid'

/** Who brought which archive back stands in the trail of the house that is left behind. */
export const noteRestore = (name: string, by: string, nowMs: number): Promise<void> =>
  noteSaid({ kind: 'house', id: 1 }, `Brings back ${name}`, by, nowMs)
