import { describe, expect, it } from 'vitest'
import type { Opening } from '../people'
import { hindrances, type DayFacts, type Taken, type Wanted } from '.'

// 2026-11-25 is a Wednesday.
const WED = '2026-11-25'
const opening: Opening = {
  days: { Wed: { from: '09:00', to: '17:00' }, Thu: { from: '09:00', to: '17:00' } },
  closed: [{ from: '2026-12-24', to: '2026-12-31', why: 'winter' }],
}
const wanted = (rest: Partial<Wanted> = {}): Wanted => ({
  dogId: 1,
  dog: 'Clover',
  day: WED,
  from: 600,
  to: 720,
  needs: { groomer: true, skills: [] },
  ...rest,
})
const taken = (from: number, to: number, rest: Partial<Taken> = {}): Taken => ({
  staffId: 7,
  day: WED,
  from,
  to,
  dogId: 2,
  dog: 'Rook',
  householdId: 3,
  ...rest,
})
const facts = (rest: Partial<DayFacts> = {}): DayFacts => ({
  opening,
  hand: { id: 7, name: 'Ansel', role: 'groomer', work: {} },
  taken: [],
  busy: [],
  ...rest,
})
const said = (ask: Partial<Wanted>, know: Partial<DayFacts>) =>
  hindrances(wanted(ask), facts(know)).map(({ kind, sentence }) => `${kind}: ${sentence}`)
const hand = (work: DayFacts['hand']['work'], role: 'groomer' | 'bather' = 'groomer') => ({
  hand: { id: 7, name: 'Ansel', role, work },
})

describe('what speaks against a time', () => {
  it('is nothing in a free hour of an open day', () => expect(said({}, {})).toEqual([]))
  it.each<[string, Partial<Wanted>, Partial<DayFacts>, string]>([
    ['a closed time', { day: '2026-12-24' }, {}, 'closed: The house is closed: winter.'],
    ['a closed weekday', { day: '2026-11-28' }, {}, 'closed: The house is closed on Sat.'],
    [
      'an end after hours',
      { from: 960, to: 1080 },
      {},
      'hours: Ansel works from 09:00 to 17:00 on Wed; this ends at 18:00.',
    ],
    ['a free weekday', {}, hand({ hours: { Thu: { from: '09:00', to: '12:00' } } }), 'hours: Ansel is free on Wed.'],
    ['a break', {}, hand({ rest: { from: '11:30', to: '12:15' } }), 'rest: Ansel has a break from 11:30 to 12:15.'],
    [
      'a time of their own',
      {},
      { busy: [{ staffId: 7, day: WED, from: 660, to: 700, why: 'dentist' }] },
      'busy: Ansel is away then: dentist.',
    ],
    [
      'another dog in the same hands',
      {},
      { taken: [taken(700, 800)] },
      'hands: Ansel has Rook from 11:40 to 13:20 then; this groom takes 120 min.',
    ],
    [
      'the dog’s own other booking',
      {},
      { taken: [taken(900, 960, { dogId: 1, staffId: 8 })] },
      'same-dog: Clover is booked on that day already, at 15:00.',
    ],
    [
      'a bather for a groomer’s work',
      {},
      hand({}, 'bather'),
      'skill: Ansel is a bather; Clover’s groom has stages that are a groomer’s.',
    ],
    [
      'a skill that is lacking',
      { needs: { groomer: true, skills: ['hand-strip'] } },
      hand({ skills: ['clip'] }),
      'skill: Clover needs hand-strip, which Ansel does not do.',
    ],
    [
      'a day of more than six hours without a break',
      { from: 780, to: 960 },
      { taken: [taken(540, 770)] },
      'break: Ansel would have 6 h 50 of dogs without a break of 30 min.',
    ],
  ])('names %s', (_, ask, know, sentence) => expect(said(ask, know)).toEqual([sentence]))
  it('is not a dog that leaves as this one comes, nor one in other hands', () =>
    expect(said({}, { taken: [taken(540, 600), taken(720, 780), taken(600, 720, { staffId: 8 })] })).toEqual([]))
  it('is not a long day with a break in it, or with a break of every day', () => {
    expect(said({ from: 800, to: 960 }, { taken: [taken(540, 770)] })).toEqual([])
    const rested = { taken: [taken(540, 770)], ...hand({ rest: { from: '16:00', to: '16:30' } }) }
    expect(said({ from: 770, to: 930 }, rested)).toEqual([])
  })
  it('is no skill where nobody said what somebody can do', () =>
    expect(said({ needs: { groomer: true, skills: ['difficult dogs'] } }, {})).toEqual([]))
  it('are all that there are, not the first', () => {
    const found = hindrances(wanted({ day: '2026-12-24' }), facts({ taken: [taken(600, 720, { day: '2026-12-24' })] }))
    expect(found.map(({ kind }) => kind)).toEqual(['closed', 'hands'])
  })
})
