/** The skew that one answer shows: the server's time against the middle of asking and hearing. */
export const skewOf = (serverMs: number, askedMs: number, heardMs: number): number =>
  Math.round(serverMs - (askedMs + heardMs) / 2)

/**
 * The stamp of the next event: this device's time put right by the skew, and never before what this screen has seen, so
 * that a clock that is set back does not put a note before what it follows.
 */
export const nextStamp = (deviceMs: number, skewMs: number, newestMs: number): number =>
  Math.max(deviceMs + skewMs, newestMs + 1)
