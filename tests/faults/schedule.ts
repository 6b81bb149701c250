/** A seeded source of chance: the same seed gives the same schedule. */
export function chanceOf(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    // mulberry32, in the public domain
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

export const FAULTS = [
  'offline',
  'long offline',
  'answer lost',
  'half an answer',
  'sent twice',
  'reordered',
  'fault 500',
  'way cut',
  'tab killed',
  'two tabs',
  'clock off',
  'clock set back',
  'server killed',
  'database killed',
  'database killed before its answer',
  'both killed',
  'disk full',
  'newer app',
  'closed elsewhere',
] as const
export type FaultKind = (typeof FAULTS)[number]

export type DeviceName = 'van' | 'tub'

/** One thing that goes wrong: before which tap it begins, for how many it lasts, and on which device. */
export interface Fault {
  kind: FaultKind
  from: number
  taps: number
  device: DeviceName
  /** Minutes a clock is off. */
  min: number
}
export type TapKind = 'main' | 'note' | 'pause' | 'undo'
export interface Tap {
  device: DeviceName
  kind: TapKind
}
export interface Schedule {
  seed: number
  taps: Tap[]
  faults: Fault[]
}

export const TAPS = 60
const LATEST_CLOSE = 45

/** A groom of 60 taps on two devices, and three to six things that go wrong on the way. */
export function scheduleOf(seed: number): Schedule {
  const chance = chanceOf(seed)
  const within = (from: number, to: number) => from + Math.floor(chance() * (to - from + 1))
  const one = <T>(of: readonly T[]): T => of[within(0, of.length - 1)]!
  const device = (): DeviceName => (chance() < 0.65 ? 'van' : 'tub')
  const taps = Array.from({ length: TAPS }, (): Tap => {
    const roll = chance()
    const kind = roll < 0.45 ? 'main' : roll < 0.75 ? 'note' : roll < 0.9 ? 'pause' : 'undo'
    return { device: device(), kind }
  })
  // One fault of each schedule goes round, so that every kind comes up; the others are drawn.
  const kinds = [FAULTS[seed % FAULTS.length]!, ...Array.from({ length: within(2, 5) }, () => one(FAULTS))]
  const faults = [...new Set(kinds)].map((kind): Fault => {
    const from = kind === 'closed elsewhere' ? within(LATEST_CLOSE, TAPS - 5) : within(2, TAPS - 12)
    const long = kind === 'long offline' ? within(15, 25) : within(2, 8)
    return { kind, from, taps: long, device: device(), min: within(2, 15) }
  })
  return { seed, taps, faults }
}
