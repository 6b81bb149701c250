import { describe, expect, it } from 'vitest'
import { houseClockOf, steadyClock } from './clock'
import { honestWords } from './honest'

/** A device whose two clocks are moved by hand. */
function device(wallMs: number) {
  const now = { wallMs, runMs: 50 }
  const kept = new Map<string, string>()
  return {
    now,
    pass: (ms: number) => ((now.wallMs += ms), (now.runMs += ms)),
    clocks: { wallMs: () => now.wallMs, runMs: () => now.runMs },
    keep: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
    },
  }
}

describe('the clock of a page', () => {
  it('runs on where the wall clock is set back', () => {
    const tablet = device(1_000_000)
    const clock = steadyClock(tablet.clocks)
    tablet.pass(60_000)
    tablet.now.wallMs -= 600_000
    expect(clock()).toEqual({ ms: 1_060_000, era: 0 })
    tablet.pass(5000)
    expect(clock()).toEqual({ ms: 1_065_000, era: 0 })
  })
  it('goes by the wall clock after a sleep, and remembers the jump', () => {
    const tablet = device(1_000_000)
    const clock = steadyClock(tablet.clocks)
    tablet.now.wallMs += 1_200_000
    expect(clock()).toEqual({ ms: 2_200_000, era: 1 })
  })
})

describe('the house’s time on a device', () => {
  it('a tablet ten minutes fast stamps as the server would, also after a reload without a network', () => {
    const tablet = device(1_600_000)
    const clock = houseClockOf(tablet.clocks, tablet.keep)
    expect(clock.heard(1_000_000, 1_600_000 - 40, 1_600_000 + 40)).toBe(true)
    tablet.pass(5000)
    expect(clock.nowMs()).toBe(1_005_000)
    const reloaded = houseClockOf(tablet.clocks, tablet.keep)
    expect([reloaded.nowMs(), reloaded.errorMs()]).toEqual([1_005_000, Infinity])
  })
  it('a slow answer does not move what a quick one told, unless a clock was moved (Cristian, 1989)', () => {
    const tablet = device(10_000)
    const clock = houseClockOf(tablet.clocks, tablet.keep)
    clock.heard(10_000, 9_990, 10_010)
    expect(clock.heard(10_800, 10_000, 12_000)).toBe(false)
    expect(clock.nowMs()).toBe(10_000)
    expect(clock.heard(20_000, 10_000, 12_000)).toBe(true)
    expect(clock.nowMs()).toBe(19_000)
  })
})

describe('the honest line', () => {
  const clock = () => '10:42'
  const none = { waiting: 0, loose: 0, aside: 0 }
  const away = (state: 'offline' | 'starting') => ({ state, sinceMs: 1 })
  it.each([
    [none, { state: 'up' as const }, 'All sent'],
    [none, { state: 'unheard' as const }, ''],
    [{ ...none, waiting: 1 }, { state: 'up' as const }, '1 note waits'],
    [{ ...none, waiting: 3 }, away('offline'), 'Offline since 10:42 · 3 notes wait'],
    [{ ...none, aside: 1 }, { state: 'up' as const }, 'Kept aside: 1'],
    [none, away('starting'), 'Kovit is starting again; what you do is kept here'],
    [{ ...none, loose: 2, waiting: 2 }, { state: 'up' as const }, '2 notes wait · On this screen only: 2'],
  ])('%j with the server %j says: %s', (kept, link, said) =>
    expect(honestWords(kept, link, clock).join(' · ')).toBe(said),
  )
})
