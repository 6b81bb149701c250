import { z } from 'zod'

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
/** A skew that differs by less than this moves no time that was noted. */
const AGREE_MS = 200

/** How far the server's time is ahead, and by how much that may be wrong. */
export interface Skew {
  ms: number
  errorMs: number
}

/**
 * The skew that one answer shows: the server's time against the middle of asking and hearing, wrong by half of the way at
 * most. Source: Cristian, Probabilistic Clock Synchronization, 1989.
 */
export const skewOf = (serverMs: number, askedMs: number, heardMs: number): Skew => ({
  ms: serverMs - (askedMs + heardMs) / 2,
  errorMs: (heardMs - askedMs) / 2,
})

/** A quicker answer tells better; one that the old skew cannot explain shows that a clock was moved. */
const isBetter = (measured: Skew, known: Skew): boolean =>
  measured.errorMs < known.errorMs || Math.abs(measured.ms - known.ms) > measured.errorMs + known.errorMs

/** So far a clock of crystal runs off by itself. Source: common practice, 50 to 100 ppm. */
const DRIFT = 1e-4

/** A skew with when it was measured, by the device's own clock. */
const KeptSkew = z.object({ ms: z.number(), errorMs: z.number(), atMs: z.number() })

/** What a page before this one has measured; a clock that was set since then is found out with the first answer. */
function keptSkew(stored: string | null): z.infer<typeof KeptSkew> | null {
  try {
    return KeptSkew.safeParse(JSON.parse(stored ?? 'null')).data ?? null
  } catch (error) {
    if (error instanceof SyntaxError) return null
    throw error
  }
}

/** The house's time as this device knows it. */
export interface HouseClock {
  /** The device's own steady time; only differences of it mean anything to others. */
  steady: () => SteadyTime
  nowMs: () => number
  skewMs: () => number
  /** The server's time was heard. @returns whether this page had stamped by another skew until now */
  heard: (serverMs: number, askedMs: number, heardMs: number) => boolean
  /** By how much its time may be wrong; without end before the server was heard. */
  errorMs: () => number
}

/** @param keep where the skew is kept over a reload without a network */
export function houseClockOf(clocks: Clocks, keep: Pick<Storage, 'getItem' | 'setItem'>): HouseClock {
  const steady = steadyClock(clocks)
  let skew = keptSkew(keep.getItem(SKEW)) ?? { ms: 0, errorMs: Infinity, atMs: 0 }
  let isHeard = false
  const errorMs = () => skew.errorMs + Math.abs(steady().ms - skew.atMs) * DRIFT
  return {
    steady,
    nowMs: () => steady().ms + skew.ms,
    skewMs: () => Math.round(skew.ms),
    errorMs: () => (isHeard ? errorMs() : Infinity),
    heard: (serverMs, askedMs, heardMs) => {
      const measured = skewOf(serverMs, askedMs, heardMs)
      isHeard = true
      if (!isBetter(measured, { ms: skew.ms, errorMs: errorMs() })) return false
      const moved = Math.abs(measured.ms - skew.ms) > AGREE_MS
      skew = { ...measured, atMs: heardMs }
      keep.setItem(SKEW, JSON.stringify(skew))
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
