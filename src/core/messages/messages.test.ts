import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  HouseWords,
  MESSAGES,
  PLACEHOLDERS,
  faultsIn,
  owed,
  owedDue,
  said,
  type BookingToTell,
  type SaidBefore,
} from '.'

const NINE = Date.UTC(2026, 10, 30, 9)
const HOUR = 3_600_000
const DAY = 24 * HOUR
const booking = (rest: Partial<BookingToTell> = {}): BookingToTell => ({
  bookingId: 12,
  startMs: NINE,
  slotEndMs: NINE + 2 * HOUR,
  standing: 'booked',
  changedMs: NINE - 9 * DAY,
  finishedMs: null,
  likelyMs: null,
  ...rest,
})
const kinds = (rest: Partial<BookingToTell>, before: SaidBefore[], nowMs: number) =>
  owed(booking(rest), before, nowMs).map(({ kind }) => kind)
const confirmed: SaidBefore = { kind: 'confirmation', startMs: NINE }

describe('what owners should hear', () => {
  it('is a confirmation when a dog is booked, and a reminder a day before', () => {
    expect(owed(booking(), [], NINE - 8 * DAY)).toEqual([
      { kind: 'confirmation', atMs: NINE - 9 * DAY, about: `confirmation 12 ${NINE}` },
      { kind: 'reminder', atMs: NINE - DAY, about: `reminder 12 ${NINE}` },
    ])
    expect(kinds({}, [confirmed], NINE - 8 * DAY)).toEqual(['reminder'])
    expect(kinds({}, [confirmed, { kind: 'reminder', startMs: NINE }], NINE - HOUR)).toEqual([])
  })
  it('is that it moved, once they knew of another time', () => {
    const moved = { startMs: NINE + DAY }
    expect(kinds(moved, [confirmed], NINE - 8 * DAY)).toEqual(['moved', 'reminder'])
    expect(kinds(moved, [], NINE - 8 * DAY)).toEqual(['confirmation', 'reminder'])
    // Moved back to what they know there is nothing to say.
    expect(kinds({}, [confirmed], NINE - 8 * DAY)).not.toContain('moved')
  })
  it('is that it was cancelled, if they knew of it and it was still to come', () => {
    expect(kinds({ standing: 'cancelled' }, [confirmed], NINE - DAY)).toEqual(['cancelled'])
    expect(kinds({ standing: 'cancelled' }, [], NINE - DAY)).toEqual([])
    expect(kinds({ standing: 'cancelled' }, [confirmed], NINE + DAY)).toEqual([])
    expect(kinds({ standing: 'missed' }, [confirmed], NINE + HOUR)).toEqual([])
  })
  it('is nothing of a time that is only asked for', () =>
    expect(kinds({ standing: 'asked' }, [], NINE - DAY * 5)).toEqual([]))
  it('is no reminder right behind the confirmation', () =>
    expect(kinds({ changedMs: NINE - 3 * HOUR }, [], NINE - 2 * HOUR)).toEqual(['confirmation']))
  it('is on the day that it gets late, then that it is ready', () => {
    expect(kinds({ likelyMs: NINE + 2 * HOUR + 5 * 60_000 }, [confirmed], NINE + HOUR)).toEqual([])
    expect(kinds({ likelyMs: NINE + 2.5 * HOUR }, [confirmed], NINE + HOUR)).toEqual(['late'])
    expect(kinds({ finishedMs: NINE + HOUR }, [confirmed], NINE + HOUR)).toEqual(['ready'])
    expect(kinds({ finishedMs: NINE + HOUR }, [confirmed, { kind: 'ready', startMs: NINE }], NINE + HOUR)).toEqual([])
  })
  it('is never the same thing twice, whatever was moved and said', () => {
    const step = fc.oneof(fc.record({ move: fc.integer({ min: 1, max: 20 }) }), fc.constant('say' as const))
    fc.assert(
      fc.property(fc.array(step, { maxLength: 20 }), (steps) => {
        const before: SaidBefore[] = []
        const abouts: string[] = []
        let startMs = NINE
        for (const each of steps) {
          if (each !== 'say') startMs = NINE + each.move * DAY
          else
            for (const { kind, about } of owed(booking({ startMs }), before, NINE - 8 * DAY)) {
              before.push({ kind, startMs })
              abouts.push(about)
            }
        }
        expect(new Set(abouts).size).toBe(abouts.length)
      }),
    )
  })
  it('is that a dog is due, a week before and once', () => {
    const line = { dogId: 5, dueOn: '2026-12-10', isBooked: false }
    expect(owedDue(line, new Set(), '2026-12-02')).toBeNull()
    expect(owedDue(line, new Set(), '2026-12-03')).toEqual({ about: 'due 5 2026-12-10', onDay: '2026-12-03' })
    expect(owedDue(line, new Set(['due 5 2026-12-10']), '2026-12-05')).toBeNull()
    expect(owedDue({ ...line, isBooked: true }, new Set(), '2026-12-05')).toBeNull()
  })
})

describe('the house’s words', () => {
  const values = Object.fromEntries(Object.keys(PLACEHOLDERS).map((name) => [name, `<${name}>`])) as Record<
    keyof typeof PLACEHOLDERS,
    string
  >
  it('say what stands in braces', () =>
    expect(said('{dog} comes {day}, {time}.', values)).toBe('<dog> comes <day>, <time>.'))
  it('the usual ones have no fault, and nothing is left in braces', () => {
    for (const { words } of Object.values(MESSAGES)) {
      expect(faultsIn(words)).toEqual([])
      expect(said(words, values)).not.toMatch(/[{}]/)
    }
  })
  it.each([
    ['{dog} comes at {hour}.', '{hour} is not known here'],
    ['{dog comes.', 'A brace is open'],
    ['See you.', 'Say which dog'],
  ])('%s is refused with why', (words, why) => {
    const sentences = HouseWords.safeParse(words).error?.issues.map(({ message }) => message) ?? []
    expect(sentences.some((sentence) => sentence.includes(why))).toBe(true)
  })
})
