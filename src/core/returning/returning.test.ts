import { describe, expect, it } from 'vitest'
import type { ByHand } from '../lengths'
import type { CardEntry } from '../request'
import type { ZoneId } from '../zones'
import { returning, type ReturnOf } from '.'

const cut = (zone: ZoneId, lengthMm: number, method: ByHand = 'scissor'): CardEntry => ({
  zone,
  side: null,
  method,
  blade: null,
  comb: null,
  lay: null,
  lengthMm,
  shape: null,
  join: 'blend',
  why: '',
})
const of = (change: Partial<ReturnOf> = {}): ReturnOf => ({
  dog: { build: 'square', coat: 'curly', heightCm: 52, weightKg: 19 },
  rates: {},
  date: '2026-11-23',
  card: [cut('back', 13), cut('foreleg', 25), cut('visor', 4)],
  mats: 0,
  next: { terms: [{ medianMin: 100, sigma: 0.1 }], waitMin: 5, daySigma: 0.05, slotMin: 150, chance: 0.85 },
  ...change,
})

describe('the week to come back', () => {
  it('is when the body is twice as long as it was left: 13 mm at 3 mm a week', () =>
    expect(returning(of())).toEqual({ weeks: 5, on: '2026-12-28', because: 'length' }))
  it('is sooner where the owner said what is too long', () =>
    expect(returning(of({ tooLongMm: { back: 19 } }))).toMatchObject({ weeks: 2, because: 'length' }))
  it('is when the visor reaches the eye, if that comes first', () => {
    const long = of({ card: [cut('back', 40), cut('visor', 30)] })
    const { weeks, because } = returning(long)
    expect(because).toBe('visor')
    expect(weeks).toBeLessThan(returning(of({ card: [cut('back', 40), cut('visor', 4)] })).weeks)
  })
  it('is at the end of the usual weeks when the coat is long and mats; sooner for a dog that came matted', () => {
    const long = { card: [cut('back', 60)] }
    expect(returning(of(long))).toMatchObject({ weeks: 6, because: 'mats' })
    expect(returning(of({ ...long, mats: 3 }))).toMatchObject({ weeks: 4, because: 'mats' })
  })
  it('is by its slot where mats of a grade would push it out before anything else', () => {
    const tight = { terms: [{ medianMin: 138, sigma: 0.01 }], waitMin: 0, daySigma: 0.005, slotMin: 140, chance: 0.85 }
    const { because, weeks } = returning(of({ card: [cut('back', 60)], next: tight }))
    expect([because, weeks]).toEqual(['slot', 4])
    expect(returning(of({ card: [cut('back', 60)], next: { ...tight, slotMin: 60 } })).because).toBe('mats')
  })
  it('is the coat’s own rhythm where nothing else tells, and never below a week', () => {
    expect(returning(of({ dog: { build: 'square', coat: 'smooth', weightKg: 19 }, card: [] })).weeks).toBe(12)
    expect(returning(of({ tooLongMm: { back: 5 } })).weeks).toBe(1)
  })
})
