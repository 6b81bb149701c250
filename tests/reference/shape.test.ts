import { describe, expect, it } from 'vitest'
import { CLEAR_MM, bandTurns, flareTop, targetsOf } from '@/core/balance'

const DOG = { build: 'square' } as const

describe('the flare of a leg (common practice)', () => {
  it('40 mm of foot and 25 of flare leave a top of 15', () =>
    expect(flareTop(40, 25, 3)).toEqual({ possible: true, topMm: 15 }))
  it('20 mm of foot lack 8: under a top of 3 mm the flare is not possible yet, 8 mm at 3 a week is 3 weeks', () =>
    expect(flareTop(20, 25, 3)).toEqual({ possible: false, lackMm: 8, weeks: 3 }))
  it('just reaches a top of 3 mm', () => expect(flareTop(28, 25, 3)).toEqual({ possible: true, topMm: 3 }))
})

describe('bands of a topknot (common practice)', () => {
  it('3 turns on small and medium, 2 on large or very thick', () => {
    expect(bandTurns(5, false)).toBe(3)
    expect(bandTurns(30, false)).toBe(2)
    expect(bandTurns(5, true)).toBe(2)
  })
})

describe('proportions as the standards give them', () => {
  const ratio = (pattern: Parameters<typeof targetsOf>[0], id: string) =>
    targetsOf(pattern, DOG).find((target) => target.id === id)?.ratio
  it('a cotton companion is a quarter longer than high, its chest half the height (AKC standard, from memory)', () => {
    expect(ratio('round-cotton', 'length-height')).toBe(1.25)
    expect(ratio('round-cotton', 'chest-height')).toBe(0.5)
  })
  it('a poodle type is as long as high, a long low terrier 11 to 10 (AKC standards, from memory)', () => {
    expect(targetsOf('show-puppy', DOG)[0]?.ratio).toBe(1)
    expect(targetsOf('terrier-jacket', { build: 'long-low' })[0]?.ratio).toBe(1.1)
  })
  it('muzzle to skull as three to five (American Kennel Club standard of the Bichon Frise, from memory)', () =>
    expect(ratio('round-cotton', 'muzzle-skull')).toBeCloseTo(3 / 5, 9))
})

describe('the hem', () => {
  it('clears the floor by 25 mm (common practice)', () => expect(CLEAR_MM).toBe(25))
})
