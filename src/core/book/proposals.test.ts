import { describe, expect, it } from 'vitest'
import { closedWhy, type Opening } from '../people'
import { proposals, type ProposalsAsked, type Taken } from '.'

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
    dogId: 70,
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
  it('are never on a day on which the dog comes already: it is no company to itself', () => {
    const own = { dogId: 70, householdId: 7, taken: [taken(720, 840, { day: '2026-11-26' })] }
    expect(said(own).map((each) => each.slice(0, 10))).toEqual(['2026-11-25', '2026-11-27', '2026-12-02'])
    expect(said({ ...own, dogId: 71 })[0]).toContain('2026-11-26 09:45 1 beside Dabchick')
  })
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

describe('around the week that is right', () => {
  const base: ProposalsAsked = {
    slotMin: 120,
    from: '2026-11-25',
    around: '2026-12-10',
    opening: {},
    people: [{ id: 1, work: {} }],
    taken: [],
    householdId: null,
  }
  const said = (rest: Partial<ProposalsAsked>) =>
    proposals({ ...base, ...rest }).map(({ day, clock }) => `${day} ${clock}`)
  const dog = (from: number, to: number, rest: Partial<Taken> = {}): Taken => ({
    staffId: 1,
    day: '2026-12-10',
    from,
    to,
    dogId: 9,
    dog: 'Rook',
    householdId: 4,
    ...rest,
  })
  it('its own day comes first, then the days about it', () =>
    expect(said({})).toEqual(['2026-12-10 09:00', '2026-12-11 09:00', '2026-12-09 09:00']))
  it('a dog that minds company comes when no other dog is there', () => {
    const other = [dog(540, 780, { staffId: 2 })]
    expect(said({ taken: other })[0]).toBe('2026-12-10 09:00')
    expect(said({ taken: other, minds: 2 })[0]).toBe('2026-12-10 13:00')
    expect(proposals({ ...base, taken: other, minds: 2 })[0]?.why).toBe('quiet, no other dog in the room')
  })
  it('no stretch is left that is too short for a dog, where that can be', () =>
    // From 09:00 to 13:00 is taken, 13:30 would leave half an hour for nobody.
    expect(
      said({
        people: [{ id: 1, work: { hours: { Thu: { from: '09:00', to: '15:45' } } } }],
        taken: [dog(540, 780)],
      })[0],
    ).toBe('2026-12-10 13:00'))
  it('somebody who needs longer is offered where that long is free', () =>
    expect(
      proposals({
        ...base,
        people: [
          { id: 1, work: {}, slotMin: 200 },
          { id: 2, work: {}, slotMin: 90 },
        ],
        taken: [dog(540, 840), dog(540, 840, { staffId: 2 })],
      }).slice(0, 1),
    ).toMatchObject([{ day: '2026-12-10', clock: '14:00', staffId: 2 }]))
  it('a break and a time of somebody’s own are not free', () =>
    expect(
      said({
        people: [{ id: 1, work: { rest: { from: '11:00', to: '11:30' } } }],
        busy: [{ staffId: 1, day: '2026-12-10', from: 690, to: 1000, why: 'dentist' }],
        slotMin: 150,
      })[0],
    ).not.toContain('2026-12-10'))
  it('the groomer who had it last comes before another one on the same day', () => {
    const people = [
      { id: 1, work: {} },
      { id: 2, work: {} },
    ]
    expect(proposals({ ...base, people, usualStaffId: 2 }).map(({ staffId }) => staffId)).toEqual([2, 2, 2])
    // Two days off its week weigh more than another hand.
    const taken = ['2026-12-09', '2026-12-10', '2026-12-11'].map((day) => dog(540, 1020, { day, staffId: 2 }))
    expect(proposals({ ...base, people, taken, usualStaffId: 2 })[0]).toMatchObject({ day: '2026-12-10', staffId: 1 })
  })
})
