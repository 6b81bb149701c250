import { describe, expect, it } from 'vitest'
import { benchHands, benchSays, freeSays } from '.'
import type { DayPlan } from '../day'

const row = (
  dog: string,
  stage: DayPlan['work'][number]['stage'],
  person: string | null,
  from: string,
  to: string,
) => ({
  dog,
  stage,
  person,
  station: null,
  from,
  to,
  kind: person === null ? ('wait' as const) : ('hands' as const),
})
const plan = {
  work: [
    row('Nettle', 'head', 'Wren', '09:40', '09:55'),
    row('Quill', 'brush-out', 'Wren', '09:55', '10:05'),
    row('Quill', 'wash', 'Jory', '10:05', '10:15'),
    row('Nettle', 'blend', 'Wren', '10:05', '10:20'),
    row('Quill', null, null, '10:15', '10:20'),
    row('Quill', 'body', 'Wren', '10:40', '11:00'),
  ],
} as unknown as DayPlan
const hands = benchHands(plan, ['Quill', 'Quill (4)'], 'Wren')
const at = { dog: 'Quill', groomer: 'Wren', isYou: true, isFree: false, now: '10:04' }

describe('what the bench says of other hands', () => {
  it('who takes the dog where, and what its groomer has meanwhile', () => {
    expect(benchSays(hands, { ...at, next: 'wash' })).toBe('Jory takes Quill to the tub; you have Nettle’s blend.')
    expect(benchSays(hands, { ...at, next: 'wash', isYou: false })).toBe(
      'Jory takes Quill to the tub; Wren has Nettle’s blend.',
    )
  })
  it('a stage that is no part of a trim beside its dog; and free hands are told elsewhere', () => {
    const bath = benchHands(
      {
        work: [row('Otis', 'wash', 'Wren', '10:05', '10:20'), row('Quill', 'wash', 'Jory', '10:05', '10:15')],
      } as DayPlan,
      ['Quill'],
      'Wren',
    )
    expect(benchSays(bath, { ...at, next: 'wash' })).toBe('Jory takes Quill to the tub; you have Otis, wash.')
    expect(benchSays(bath, { ...at, next: 'wash', isFree: true })).toBe('Jory takes Quill to the tub.')
  })
  it('nothing where the dog stays in the same hands, or the plan does not know the stage', () => {
    expect(benchSays(hands, { ...at, next: 'body' })).toBeNull()
    expect(benchSays(hands, { ...at, next: 'tail' })).toBeNull()
  })
  it('nothing of a dog whose time is over', () =>
    expect(benchSays(hands, { ...at, next: 'wash', now: '10:20' })).toBe('Jory takes Quill to the tub.'))
  it('free hands have what the plan has for them, and no more', () => {
    expect(freeSays(hands, true, 'Wren', '10:10')).toBe('By the day’s plan you have Nettle’s blend now.')
    expect(freeSays(hands, false, 'Wren', '10:02')).toBe('By the day’s plan Wren has Nettle’s blend at 10:05.')
    expect(freeSays(hands, true, 'Wren', '10:20')).toBeNull()
  })
})
