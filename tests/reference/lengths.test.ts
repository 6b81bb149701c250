import { describe, expect, it } from 'vitest'
import { BLADES, COMBS, clippedLengthMm, combedLengthMm } from '@/core/lengths'
import { MM_PER_INCH } from '@/core/units'

it('one inch is 25.4 mm exactly (international inch, 1959; NIST Handbook 44)', () => expect(MM_PER_INCH).toBe(25.4))

describe('check values of blades and combs (common practice)', () => {
  it('comb 1 is half an inch', () => expect(combedLengthMm('1', '30')).toBe(12.7))
  it('comb 4 is about a 5 blade: within 0.2 mm', () =>
    expect(Math.abs(combedLengthMm('4', '30') - clippedLengthMm('5F', 'with'))).toBeLessThan(0.2))
  it('comb 2 is 3/8 inch, about a 4 blade', () => {
    expect(Math.abs(combedLengthMm('2', '30') - 0.375 * 25.4)).toBeLessThan(0.05)
    expect(combedLengthMm('2', '30')).toBe(clippedLengthMm('4F', 'with'))
  })
  it('comb 0 is about 5/8 inch', () => expect(Math.abs(combedLengthMm('0', '30') - 0.625 * 25.4)).toBeLessThan(0.2))
  it('comb E is the longest, one inch', () => {
    expect(Math.max(...COMBS.map((comb) => combedLengthMm(comb, '30')))).toBe(25.4)
    expect(combedLengthMm('E', '30')).toBe(25.4)
  })
  it.each([
    ['50', 0.2],
    ['40', 0.25],
    ['30', 0.5],
    ['15', 1.2],
    ['10', 1.5],
    ['9', 2],
    ['8.5', 2.8],
    ['7F', 3.2],
    ['6F', 4.8],
    ['5F', 6.3],
    ['4F', 9.5],
    ['3F', 13],
  ] as const)('blade %s leaves %s mm with the coat (makers’ nominal values, from memory)', (blade, mm) =>
    expect(clippedLengthMm(blade, 'with')).toBe(mm),
  )
  it.each([
    ['3F', 7.5],
    ['4F', 5.5],
    ['6F', 2.7],
    ['5F', 3.5],
    ['7F', 1.8],
    ['8.5', 1.6],
    ['9', 1.3],
    ['10', 1],
    ['15', 0.8],
    ['30', 0.4],
  ] as const)('blade %s leaves %s mm against the coat (from memory)', (blade, mm) =>
    expect(clippedLengthMm(blade, 'against')).toBe(mm),
  )
  it('a comb over a 15 or 10 leaves that much more', () => {
    expect(combedLengthMm('1', '10')).toBe(13.7)
    expect(combedLengthMm('1', '15')).toBe(13.4)
    expect(combedLengthMm('1', '40')).toBe(12.7)
  })
  it('a longer blade leaves more, both ways', () => {
    const withMm = BLADES.map((blade) => clippedLengthMm(blade, 'with'))
    expect([...withMm].sort((a, b) => a - b)).toEqual(withMm)
    for (const blade of BLADES)
      expect(clippedLengthMm(blade, 'against')).toBeLessThanOrEqual(clippedLengthMm(blade, 'with'))
  })
})
