import { describe, expect, it } from 'vitest'
import { seeded } from '../../../tests/generated/random'
import { addDays, daysBetween } from '../units'
import { firstOfGaps, whoFits, whoFitsEach, type FitsGap, type Waiting } from '.'

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

describe('the best of a hundred', () => {
  const next = seeded(5)
  const many = Array.from({ length: 100 }, (_, at) =>
    waits(`Dog ${at}`, {
      dueOn: next() < 0.2 ? null : addDays(GAP.day, Math.floor(next() * 40) - 20),
      slotMin: 60 + 15 * Math.floor(next() * 8),
      place: `${at} ${next() < 0.3 ? 'Gull Steps' : 'Ropewalk'}`,
      madeMs: Math.floor(next() * 20),
    }),
  )
  const gaps = [GAP, { ...GAP, near: '3 Gull Steps' }, { ...GAP, day: '2026-12-09', to: 690 }]
  it('are the first of all, however few are asked for', () => {
    for (const gap of gaps)
      for (const most of [0, 1, 3, 40]) expect(whoFits(gap, many, most)).toEqual(whoFits(gap, many).slice(0, most))
  })
  it('are the same for one gap and for many', () =>
    expect(whoFitsEach(gaps, many, 3)).toEqual(gaps.map((gap) => whoFits(gap, many, 3))))
  it('stand in one order: street, week, what stays free, how long they wait', () => {
    const place = ({ waiting, spareMin, why }: FitsGap) => [
      why.startsWith('in the same street') ? 0 : 1,
      waiting.dueOn === null ? 0 : Math.floor(Math.abs(daysBetween(waiting.dueOn, GAP.day)) / 7),
      spareMin,
      waiting.madeMs,
    ]
    const found = whoFits(
      { ...GAP, near: '3 Gull Steps' },
      many.filter(({ dueOn }) => dueOn !== null),
    ).map(place)
    expect(found.length).toBeGreaterThan(40)
    const inOrder = [...found].sort((a, b) => a.map((each, at) => each - (b[at] ?? 0)).find(Boolean) ?? 0)
    expect(found).toEqual(inOrder)
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
