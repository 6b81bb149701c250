import { describe, expect, it } from 'vitest'
import { firstOfGaps, whoFits, type Waiting } from '.'

const GAP = { day: '2026-12-01', from: 600, to: 750, near: '' }
const waits = (dog: string, rest: Partial<Waiting> = {}): Waiting => ({
  id: 1,
  dogId: 1,
  dog,
  from: '2026-11-20',
  to: '2026-12-31',
  dueOn: '2026-12-01',
  slotMin: 120,
  place: '4 Ropewalk',
  madeMs: 1000,
  ...rest,
})
const names = (lines: Waiting[], gap = GAP) => whoFits(gap, lines).map(({ waiting }) => waiting.dog)

describe('who fits a gap', () => {
  it('is nobody who takes longer, or would not come then', () =>
    expect(
      names([
        waits('Long', { slotMin: 151 }),
        waits('Early', { to: '2026-11-30' }),
        waits('Late', { from: '2026-12-02' }),
        waits('Fits'),
      ]),
    ).toEqual(['Fits']))
  it('comes in its right week before one that is weeks off, and the one that fills the gap before a short one', () =>
    expect(
      names([
        waits('Off', { dueOn: '2026-12-20', slotMin: 150 }),
        waits('Short', { slotMin: 60 }),
        waits('Full', { slotMin: 150 }),
      ]),
    ).toEqual(['Full', 'Short', 'Off']))
  it('of two alike is who waits longer', () =>
    expect(names([waits('New', { madeMs: 9 }), waits('Old', { madeMs: 3 })])).toEqual(['Old', 'New']))
  it('for a van is first who lives where it stops already', () =>
    expect(
      names([waits('Far', { slotMin: 150 }), waits('Near', { place: '11 Gull Steps' })], {
        ...GAP,
        near: '3 Gull Steps',
      }),
    ).toEqual(['Near', 'Far']))
  it('says why', () => {
    expect(whoFits(GAP, [waits('Fits')])[0]?.why).toBe('in its right week, leaves 30 min')
    expect(whoFits(GAP, [waits('Off', { dueOn: '2026-12-22', slotMin: 150 })])[0]?.why).toBe(
      '3 weeks off its week, fills it',
    )
  })
})

describe('who is told of many gaps', () => {
  const other = { ...GAP, day: '2026-12-20' }
  const full = (dog: string, dueOn: string) => waits(dog, { dueOn, slotMin: 150 })
  const lines = [
    full('Today', GAP.day),
    waits('Today, short'),
    full('Later', other.day),
    waits('Never', { to: '2026-11-21' }),
  ]
  const told = (gaps: (typeof GAP)[], most: number) => firstOfGaps(gaps, lines, most).map(({ dog }) => dog)
  it('is the first of each, once, in the order of the list', () => {
    expect(told([GAP, other], 1)).toEqual(['Today', 'Later'])
    expect(told([GAP, GAP], 2)).toEqual(['Today', 'Today, short'])
  })
  it('is nobody where nothing is free', () => expect(told([], 3)).toEqual([]))
})
