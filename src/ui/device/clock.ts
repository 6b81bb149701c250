/** The skew that one answer shows: the server's time against the middle of asking and hearing. */
export const skewOf = (serverMs: number, askedMs: number, heardMs: number): number =>
  Math.round(serverMs - (askedMs + heardMs) / 2)

/** What a device can ask the time: its wall clock, which people and networks set, and one that only runs on. */
export interface Clocks {
  wallMs: () => number
  runMs: () => number
}

/** A time of this page, and how often its clock had jumped ahead by then. */
export interface SteadyTime {
  ms: number
  era: number
}

/** A jump of the wall clock beyond this is a sleep, or a hand: nobody here can tell which. */
const JUMP_MS = 1000

/**
 * A clock that never runs back: as long as the page lives it goes by the running clock. That one stands still while a tablet
 * sleeps, so the wall clock counts where it is ahead; set back, it does not.
 */
export function steadyClock({ wallMs, runMs }: Clocks): () => SteadyTime {
  let [atWallMs, atRunMs, era] = [wallMs(), runMs(), 0]
  return () => {
    const aheadMs = wallMs() - (atWallMs + (runMs() - atRunMs))
    if (aheadMs > JUMP_MS) era++
    if (aheadMs > 0) [atWallMs, atRunMs] = [wallMs(), runMs()]
    return { ms: atWallMs + (runMs() - atRunMs), era }
  }
}

const SKEW = 'kovit.skew'
/** Below this the house's time and the device's agree: asking takes as long. */
const AGREE_MS = 1000

/** The house's time as this device knows it. */
export interface HouseClock {
  /** The device's own steady time; only differences of it mean anything to others. */
  steady: () => SteadyTime
  nowMs: () => number
  skewMs: () => number
  /** The server's time was heard. @returns whether this page had stamped by another skew until now */
  heard: (serverMs: number, askedMs: number, heardMs: number) => boolean
  /** Whether the server was heard since this page was loaded. */
  isHeard: () => boolean
}

/** @param keep where the skew is kept over a reload without a network */
export function houseClockOf(clocks: Clocks, keep: Pick<Storage, 'getItem' | 'setItem'>): HouseClock {
  const steady = steadyClock(clocks)
  let skewMs = Number(keep.getItem(SKEW) ?? 0) || 0
  let isHeard = false
  return {
    steady,
    nowMs: () => steady().ms + skewMs,
    skewMs: () => skewMs,
    isHeard: () => isHeard,
    heard: (serverMs, askedMs, heardMs) => {
      const measuredMs = skewOf(serverMs, askedMs, heardMs)
      const moved = Math.abs(measuredMs - skewMs) > AGREE_MS
      isHeard = true
      if (moved) {
        skewMs = measuredMs
        keep.setItem(SKEW, String(skewMs))
      }
      return moved
    },
  }
}

let ofPage: HouseClock | null = null

/** The clock of this page. */
export const deviceClock = (): HouseClock =>
  (ofPage ??= houseClockOf({ wallMs: () => Date.now(), runMs: () => performance.now() }, remembered))

/** Small things a device remembers; a full or closed store only forgets them. */
export const remembered: Pick<Storage, 'getItem' | 'setItem'> = {
  getItem: (key) => {
    try {
      return localStorage.getItem(key)
    } catch (error) {
      return forgotten(error)
    }
  },
  setItem: (key, value) => {
    try {
      localStorage.setItem(key, value)
    } catch (error) {
      forgotten(error)
    }
  },
}

function forgotten(error: unknown): null {
  if (error instanceof DOMException) return null
  throw error
}
