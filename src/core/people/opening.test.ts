import { describe, expect, it } from 'vitest'
import { Opening, closedWhy, proposals, workingMinutes, type ProposalsAsked, type Taken } from '.'

// 2026-11-25 is a Wednesday.
const WED = '2026-11-25'
const weekdays: Opening = {
  days: {
    Wed: { from: '09:00', to: '17:00' },
    Thu: { from: '09:00', to: '17:00' },
    Fri: { from: '10:00', to: '13:00' },
  },
  closed: [{ from: '2026-12-24', to: '2027-01-02', why: 'winter' }],
}

describe('when the house is open', () => {
  it.each([
    [WED, null],
    ['2026-11-28', 'closed on Sat'],
    ['2026-12-24', 'closed: winter'],
    ['2027-01-02', 'closed: winter'],
  ])('on %s: %s', (day, why) => expect(closedWhy(weekdays, day)).toBe(why))
  it('is any day where nobody said', () => expect(closedWhy({}, '2026-11-29')).toBeNull())
  it('a closed time that ends before it begins is refused', () =>
    expect(
      Opening.safeParse({ closed: [{ from: '2026-12-02', to: '2026-12-01', why: '' }] }).error?.issues[0]?.message,
    ).toBe('A closed time must end on its first day or later.'))
  it('somebody works where both are: house and person', () => {
    const late = { hours: { Wed: { from: '12:00', to: '20:00' } } }
    expect(workingMinutes(weekdays, late, WED)).toEqual({ from: 720, to: 1020 })
    expect(workingMinutes(weekdays, late, '2026-11-26')).toBeNull()
    expect(workingMinutes({}, {}, WED)).toEqual({ from: 540, to: 1020 })
  })
})

describe('the starts that are proposed', () => {
  const asked = (rest: Partial<ProposalsAsked> = {}): ProposalsAsked => ({
    slotMin: 120,
    from: WED,
    opening: weekdays,
    people: [{ id: 1, work: {} }],
    taken: [],
    householdId: null,
    ...rest,
  })
  const taken = (from: number, to: number, rest: Partial<Taken> = {}): Taken => ({
    staffId: 1,
    day: WED,
    from,
    to,
    dog: 'Dabchick',
    householdId: 7,
    ...rest,
  })
  const said = (rest?: Partial<ProposalsAsked>) =>
    proposals(asked(rest)).map(({ day, clock, staffId, why }) => `${day} ${clock} ${staffId} ${why}`)
  it('are the soonest of three days on which the house is open', () =>
    expect(said()).toEqual([
      '2026-11-25 09:00 1 a free day',
      '2026-11-26 09:00 1 a free day',
      '2026-11-27 10:00 1 a free day',
    ]))
  it('go round what is taken, and skip a day on which nothing is left', () =>
    expect(said({ slotMin: 200, taken: [taken(540, 600), taken(700, 760)] })).toEqual([
      '2026-11-25 12:45 1 the first gap that holds',
      '2026-11-26 09:00 1 a free day',
      '2026-12-02 09:00 1 a free day',
    ]))
  it('stand beside a dog of the same household first, one trip', () =>
    expect(said({ householdId: 7, taken: [taken(600, 720, { day: '2026-11-26' })] })[0]).toBe(
      '2026-11-26 12:00 1 beside Dabchick, one trip',
    ))
  it('are with another groomer where the first has no hands', () =>
    expect(
      said({
        people: [
          { id: 1, work: {} },
          { id: 2, work: {} },
        ],
        taken: [taken(540, 1020)],
      })[0],
    ).toBe('2026-11-25 09:00 2 a free day'))
  it('are none where nothing holds in six weeks', () => expect(said({ slotMin: 600 })).toEqual([]))
  it('never lie on a closed day, outside hours or across another dog, in any book', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const busy = Array.from({ length: 12 }, (_, at) => {
        const from = 540 + ((seed * 37 + at * 91) % 400)
        return taken(from, from + 60, { day: at % 2 === 0 ? WED : '2026-11-26' })
      })
      for (const { day, clock } of proposals(asked({ slotMin: 90, taken: busy }))) {
        const start = Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3))
        expect(closedWhy(weekdays, day)).toBeNull()
        expect(start).toBeGreaterThanOrEqual(540)
        expect(start + 90).toBeLessThanOrEqual(1020)
        const across = busy.filter((each) => each.day === day && each.from < start + 90 && start < each.to)
        expect(across).toEqual([])
      }
    }
  })
})
