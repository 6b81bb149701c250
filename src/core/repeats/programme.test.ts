import { describe, expect, it } from 'vitest'
import { Programme, fallsOf, programmeWords, ruleOf } from '.'

describe('a programme', () => {
  it('is a rule of RFC 5545', () => expect(ruleOf({ everyWeeks: 5, steps: ['full'] })).toBe('FREQ=WEEKLY;INTERVAL=5'))
  it.each([
    [1, ['full'], 'every week'],
    [5, ['full'], 'every 5 weeks'],
    [2, ['full', 'tidy'], 'every 2 weeks, full groom and bath and tidy in turn'],
  ] as const)('says itself', (everyWeeks, steps, words) =>
    expect(programmeWords({ everyWeeks, steps: [...steps] })).toBe(words),
  )
  it('falls in turn, each off a closed day to the nearest open one, with why', () => {
    const opening = { closed: [{ from: '2026-12-14', to: '2026-12-15', why: 'stocktaking' }] }
    const days = ['2026-11-30', '2026-12-14', '2026-12-28']
    expect(fallsOf(days, { everyWeeks: 2, steps: ['full', 'tidy'] }, opening, {})).toEqual([
      { ruleDay: '2026-11-30', day: '2026-11-30', step: 'full', because: null },
      { ruleDay: '2026-12-14', day: '2026-12-13', step: 'tidy', because: 'closed: stocktaking' },
      { ruleDay: '2026-12-28', day: '2026-12-28', step: 'full', because: null },
    ])
  })
  it.each([
    [{ everyWeeks: 0, steps: ['full'] }, 'The weeks must be 1 to 26.'],
    [{ everyWeeks: 2.5, steps: ['full'] }, 'The weeks must be a whole number.'],
  ])('refuses what is none', (input, sentence) =>
    expect(Programme.safeParse(input).error?.issues[0]?.message).toBe(sentence),
  )
})
