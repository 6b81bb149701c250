import type { BookLine } from '@/core/book'
import { renderToStaticMarkup } from 'react-dom/server'
import { AppRouterContext } from 'next/dist/shared/lib/app-router-context.shared-runtime'
import { describe, expect, it } from 'vitest'
import { addDays } from '@/core/units'
import { BookDesk } from './BookDesk'
import { RepeatsDesk, type RepeatsView } from './RepeatsDesk'
import { againstIt } from './useTried'
import { scaleOf } from './scale'
import type { BookView } from './view'

// 2027-03-01 is a Monday.
const MONDAY = '2027-03-01'
const hours = Object.fromEntries(
  ['Mon', 'Tue', 'Wed', 'Thu', 'Fri'].map((day) => [day, { from: '09:00', to: '17:00' }]),
)
const FIT = {
  p50: 100,
  p90: 115,
  shortestMin: 120,
  promisedPercent: 85,
  curve: { fromMin: 90, percents: [20, 40, 60, 75, 85, 88, 90] },
  groomer: true,
  skills: [],
  waterLitres: 31,
}
const line = (rest: Partial<BookLine> = {}): BookLine => ({
  bookingId: 1,
  version: 1,
  dogId: 1,
  householdId: 1,
  dog: 'Quill',
  what: 'water dog, one length',
  staffId: 7,
  day: MONDAY,
  from: 600,
  slotMin: 120,
  life: 'booked',
  visitId: null,
  percent: 90,
  tight: false,
  fit: FIT,
  repeat: null,
  ruleDay: null,
  setting: 'salon',
  home: null,
  ...rest,
})
const view = (rest: Partial<BookView> = {}): BookView => ({
  from: MONDAY,
  to: addDays(MONDAY, 7),
  weeks: 1,
  today: MONDAY,
  nowMin: 545,
  lines: [],
  busy: [],
  waiting: [],
  calledOff: [],
  days: Array.from({ length: 7 }, (_, at) => {
    const day = addDays(MONDAY, at)
    const stretches = at < 5 ? [{ from: 540, to: 1020 }] : []
    return { day, closed: at < 5 ? null : 'closed on Sat', free: [{ staffId: 7, stretches }] }
  }),
  opening: { days: hours },
  staff: [{ id: 7, name: 'Wren', role: 'groomer', work: {} }],
  works: 'salon',
  tankLitres: 200,
  timeZone: 'UTC',
  ...rest,
})
const act = async () => ({ ok: true as const, value: null as never })
const router = { push() {}, refresh() {}, replace() {}, prefetch() {}, back() {}, forward() {} }
const drawn = (page: React.ReactNode) =>
  renderToStaticMarkup(<AppRouterContext.Provider value={router as never}>{page}</AppRouterContext.Provider>)
const html = (rest: Partial<BookView> = {}) =>
  drawn(<BookDesk view={view(rest)} acts={{ move: act, standing: act, callOff: act, putBack: act }} />)
const labels = (page: string) => [...page.matchAll(/aria-label="([^"]*)"/g)].map(([, label]) => label)

describe('the week', () => {
  it('of nobody is bare tape that says how long it is', () => {
    const page = html()
    expect(page).toContain('0 dogs, 40 h free in pieces that fit a dog')
    expect(page.match(/<span>8 h free/g)).toHaveLength(5)
    expect(page).toContain('Closed on Sat.')
  })
  it('lays a booking at its clock, as wide as its slot, and says all of it to who cannot see', () => {
    const page = html({ lines: [line({ repeat: 'every 5 weeks' })] })
    const scale = scaleOf(view({ lines: [line()] }))
    expect(scale).toMatchObject({ from: 480, to: 1080 })
    expect(page).toContain(`left:${scale.at(600)}%;width:20%`)
    expect(labels(page)).toContain('Quill, 10:00 to 12:00, Wren, 90 %, every 5 weeks')
  })
  it('is wide enough for a dog beyond the hours', () =>
    expect(scaleOf(view({ lines: [line({ from: 1000, slotMin: 240 })] }))).toMatchObject({ from: 480, to: 1260 }))
  it('names who would fit a stretch', () => {
    const waiting = {
      id: 1,
      dogId: 3,
      dog: 'Clover',
      from: MONDAY,
      to: MONDAY,
      dueOn: MONDAY,
      slotMin: 150,
      place: '',
      madeMs: 0,
      asked: true,
      note: '',
      breed: 'cavapoo',
      owner: 'Ilse',
      phone: null,
      householdId: 2,
    }
    const page = html({ waiting: [waiting] })
    expect(page.replace(/<[^>]+>/g, '').match(/8 h free: Clover/g)).toHaveLength(1)
  })
  it('counts what was cancelled and missed, with how late and why', () => {
    const startMs = Date.UTC(2027, 2, 3, 9)
    const gone = { bookingId: 9, dogId: 2, dog: 'Rook', staffId: 7, day: '2027-03-03', from: 540, slotMin: 90, startMs }
    const page = html({
      calledOff: [
        { ...gone, standing: 'cancelled', atMs: startMs - 3 * 3_600_000, by: 'Wren', why: 'ill' },
        { ...gone, bookingId: 10, standing: 'missed', atMs: startMs + 3_600_000, by: 'Wren', why: '' },
      ],
    })
    expect(page).toContain('1 cancelled, 1 did not come')
    expect(page.replace(/<[^>]+>/g, '')).toContain('Rook cancelled 3 h before its start: ill')
  })
  it('of a van says the water of its day, and when it must refill', () => {
    const van = (bookingId: number, waterLitres: number) =>
      line({ bookingId, dogId: bookingId, setting: 'mobile', fit: { ...FIT, waterLitres } })
    expect(html({ lines: [van(1, 80), van(2, 60)] })).toContain('140 l')
    expect(html({ lines: [van(1, 180), van(2, 60)] })).toContain('240 l, refill')
  })
  it('says that a day is closed, and what moved because of it', () => {
    const moved = line({ day: '2027-03-05', ruleDay: '2027-03-06' })
    expect(html({ lines: [moved] })).toContain('One repeat moved to Fri; owners to be told, in the outbox.')
  })
})

describe('what is carried', () => {
  const carry = (from: number, rest: Partial<BookView> = {}, day = MONDAY) =>
    againstIt({ line: line(), day, staffId: 7, from, place: { left: 0, top: 0, width: 1, height: 1 } }, view(rest)).map(
      ({ kind }) => kind,
    )
  it('is not in its own way', () => expect(carry(630, { lines: [line()] })).toEqual([]))
  it('is against another dog, hours, a closed day and a time of one’s own', () => {
    expect(carry(630, { lines: [line({ bookingId: 2, dogId: 2, dog: 'Rook', from: 700 })] })).toEqual(['hands'])
    expect(carry(950)).toEqual(['hours'])
    expect(carry(630, {}, '2027-03-06')).toEqual(['closed'])
    expect(carry(630, { busy: [{ id: 1, staffId: 7, day: MONDAY, from: 700, to: 800, why: 'dentist' }] })).toEqual([
      'busy',
    ])
  })
})

describe('repeats', () => {
  const time = (ruleDay: string, rest: object = {}) => ({
    ruleDay,
    day: ruleDay,
    step: 'full' as const,
    because: null,
    bookingId: 5,
    slotMin: 120,
    from: 540,
    moved: false,
    ...rest,
  })
  const repeats = (times: RepeatsView['rows'][number]['times']): RepeatsView => ({
    today: MONDAY,
    to: addDays(MONDAY, 182),
    rows: [
      {
        repeatId: 1,
        dogId: 1,
        dog: 'Quill',
        breed: 'water dog',
        words: 'every 5 weeks',
        clock: '09:00',
        groomer: 'Wren',
        times,
      },
    ],
  })
  it('are drawn as they fall: booked, moved with why, not booked', () => {
    const page = drawn(
      <RepeatsDesk
        view={repeats([
          time('2027-03-08'),
          time('2027-04-12', { day: '2027-04-13', because: 'closed: spring' }),
          time('2027-05-17', { bookingId: null, slotMin: null, from: null }),
        ])}
        end={act}
      />,
    )
    expect(labels(page).filter((label) => label?.includes('full groom'))).toEqual([
      '8 Mar, Mon 09:00, full groom, 120 min',
      '13 Apr, Tue 09:00, full groom, 120 min, moved from Mon 12 April (closed: spring)',
      '17 May, Mon 09:00, full groom, not booked',
    ])
    expect([...page.matchAll(/data-state="(\w+)"/g)].map(([, state]) => state)).toEqual(['booked', 'moved', 'none'])
  })
  it('of nobody say how one begins', () => {
    expect(drawn(<RepeatsDesk view={{ ...repeats([]), rows: [] }} end={act} />)).toContain('No dog repeats yet')
  })
})
