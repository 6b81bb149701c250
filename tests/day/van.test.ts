import { describe, expect, it } from 'vitest'
import type { z } from 'zod'
import { HouseDay, keptDay, planDay, tellsOf, type DayPlan } from '@/core/day'
import { at } from './at'

type Input = z.input<typeof HouseDay>
type Dog = Input['dogs'][number]
const plan = (day: Input) => planDay(HouseDay.parse(day))

const GROOM: NonNullable<Dog['stages']> = [
  { id: 'arrive', handsMin: 4 },
  { id: 'wash', handsMin: 6 },
  { id: 'condition', handsMin: 1, waitMin: 5 },
  { id: 'nails', handsMin: 3 },
  { id: 'rinse', handsMin: 3 },
  { id: 'dry', handsMin: 16 },
  { id: 'body', handsMin: 20 },
  { id: 'handover', handsMin: 3 },
]
/** All its hands, and the two minutes of the conditioner that nails do not fill. */
const GROOM_MIN = 58
const dog = (id: string, more: Partial<Dog> = {}): Dog => ({
  id,
  bring: '09:00',
  promise: '17:00',
  stages: GROOM,
  waterLitres: 40,
  ...more,
})
const ways = (ids: readonly string[], min: (a: string, b: string) => number) =>
  Object.fromEntries(ids.map((a) => [a, Object.fromEntries(ids.map((b) => [b, a === b ? 0 : min(a, b)]))]))
const day = (dogs: Dog[], van: Input['van'], more: Partial<Input> = {}): Input => ({
  kovit: 'day/1',
  date: '2027-03-02',
  now: '08:00',
  setting: 'mobile',
  people: [{ id: 'wren', role: 'groomer', skills: [], from: '08:30', to: '18:00' }],
  dogs,
  van,
  ...more,
})
/** Doors on a line, so many minutes from the base. */
const line: Record<string, number> = { base: 0, quill: 10, mochi: 20, fenwick: 30, quay: 15 }
const onALine = ways(Object.keys(line), (a, b) => Math.abs((line[a] ?? 0) - (line[b] ?? 0)))

describe('a van’s day', () => {
  it('drives out along a line and back, sets up and packs at each door', () => {
    const { stops, end, proved, bound, breaks } = plan(
      day([dog('fenwick'), dog('quill'), dog('mochi')], { travelMin: onALine, tankLitres: 200 }),
    )
    expect(end.driveMin).toBe(60)
    expect([proved, bound.driveMin, breaks]).toEqual([true, 60, []])
    const [first] = stops
    expect(stops.map(({ dogs }) => dogs.join()).join(' ')).toMatch(/^(quill mochi fenwick|fenwick mochi quill)$/)
    // Hands not before the set-up, nor before the owner is in; packed after the handover.
    expect(at(first?.leave ?? '') - Math.max(at('09:00'), at(first?.arrive ?? '') + 6)).toBe(GROOM_MIN + 5)
  })
  it('is driven in the order that was taken, whatever it costs; a door booked since comes where it costs least', () => {
    const van = { travelMin: onALine, tankLitres: 200 }
    const found = plan(day([dog('fenwick'), dog('quill')], van))
    const other: DayPlan = { ...found, stops: [...found.stops].reverse() }
    const now = HouseDay.parse(day([dog('fenwick'), dog('quill'), dog('mochi')], van))
    const order = (taken: DayPlan) => keptDay(now, taken).plan.stops.flatMap(({ dogs }) => dogs)
    for (const taken of [found, other]) {
      const kept = order(taken)
      expect(kept.filter((id) => id !== 'mochi')).toEqual(taken.stops.flatMap(({ dogs }) => dogs))
      expect(kept.indexOf('mochi')).toBe(1)
      expect(keptDay(now, taken).plan.end.driveMin).toBe(60)
    }
  })
  it('owners are told when the van comes, and again where it comes at another time', () => {
    const now = HouseDay.parse(day([dog('fenwick'), dog('quill')], { travelMin: onALine }))
    const first = planDay(now)
    const second = first.stops[1]?.dogs[0] as string
    const begins = first.dogs.find(({ id }) => id === second)?.begins
    const name = (id: string) => id[0]?.toUpperCase() + id.slice(1)
    expect(tellsOf(now, null, first)).toEqual([
      { dog: second, words: `The van comes to ${name(second)} about ${begins}.` },
    ])
    const turned = keptDay(now, { ...first, stops: [...first.stops].reverse() }).plan
    expect(tellsOf(now, first, turned).map(({ words }) => words)).toContain(
      `The van comes to ${name(second)} about 09:00, not at ${begins}.`,
    )
    expect(tellsOf(now, first, first)).toEqual([])
  })
  it('takes two dogs of one household in one stop, one after the other', () => {
    const two = [dog('quill', { household: 'marsh' }), dog('mochi', { household: 'marsh' }), dog('fenwick')]
    const { stops, work } = plan(day(two, { travelMin: onALine }))
    expect(stops.map(({ dogs }) => dogs.length).sort()).toEqual([1, 2])
    const rows = work.filter(({ kind }) => kind === 'hands').sort((a, b) => at(a.from) - at(b.from))
    for (const [number, row] of rows.slice(1).entries())
      expect(at(row.from)).toBeGreaterThanOrEqual(at(rows[number]?.to ?? ''))
  })
  it('fills the tank before the bath that it could not rinse, where it costs least', () => {
    const { stops, says, end } = plan(
      day([dog('quill'), dog('mochi'), dog('fenwick')], {
        travelMin: onALine,
        tankLitres: 100,
        refills: [{ id: 'quay', lat: 50, lon: -5 }],
      }),
    )
    expect(stops.filter(({ refillBefore }) => refillBefore === 'quay')).toHaveLength(1)
    expect(stops.every(({ tankAfterLitres }) => tankAfterLitres >= 0)).toBe(true)
    expect(end.driveMin).toBe(60)
    expect(says).toEqual([expect.stringContaining('Fill the tank at quay')])
  })
  it('keeps a promise before it saves a way, and says which it cannot keep', () => {
    const far = dog('fenwick', { promise: '10:15' })
    expect(plan(day([dog('quill'), far], { travelMin: onALine })).stops[0]?.dogs).toEqual(['fenwick'])
    const late = plan(day([dog('quill', { promise: '10:00' }), { ...far, promise: '10:10' }], { travelMin: onALine }))
    expect(late.breaks.map(({ rule }) => rule)).toEqual(['promise'])
  })
  it('whoever drives and grooms over six hours rests half an hour on the way', () => {
    const six = Array.from({ length: 6 }, (_, number) => dog(`dog${number}`))
    const near = ways(['base', ...six.map(({ id }) => id)], () => 5)
    const { breaks, work } = plan(day(six, { travelMin: near }))
    expect(breaks).toEqual([])
    const ends = work.filter(({ kind }) => kind === 'hands')
    const gaps = ends.slice(1).map((row, number) => at(row.from) - at(ends[number]?.to ?? ''))
    expect(Math.max(...gaps)).toBeGreaterThanOrEqual(30 + 5 + 5 + 6)
  })
  it('goes on from where it is: the dog in hand is finished, and its water is gone from the tank', () => {
    const begun = day(
      [dog('quill'), dog('mochi')],
      { travelMin: onALine, tankLitres: 200 },
      {
        now: '09:20',
        happened: [
          { dog: 'quill', stage: 'arrive', person: 'wren', from: '09:00', to: '09:04' },
          { dog: 'quill', stage: 'wash', person: 'wren', from: '09:04', to: null, station: 'tub 1' },
        ],
      },
    )
    const { stops, work } = plan(begun)
    expect(stops.map(({ dogs }) => dogs.join())).toEqual(['quill', 'mochi'])
    expect(stops.map(({ tankAfterLitres }) => tankAfterLitres)).toEqual([160, 120])
    expect(work[0]).toMatchObject({ dog: 'quill', stage: 'wash', from: '09:04' })
  })
  it('a household whose baths the tank cannot rinse together is stopped at twice, with a full tank between', () => {
    const two = [
      dog('quill', { household: 'marsh', waterLitres: 80 }),
      dog('mochi', { household: 'marsh', waterLitres: 80 }),
    ]
    const { stops } = plan(day(two, { travelMin: onALine, tankLitres: 100 }))
    expect(stops.map(({ dogs }) => dogs.length)).toEqual([1, 1])
    expect(stops.map(({ tankAfterLitres }) => tankAfterLitres)).toEqual([20, 20])
    expect(stops[1]?.refillBefore).toBe('base')
  })
  it('what happened may come in any order', () => {
    const rows = [
      { dog: 'quill', stage: 'wash', person: 'wren', from: '09:04', to: null, station: 'tub 1' },
      { dog: 'quill', stage: 'arrive', person: 'wren', from: '09:00', to: '09:04' },
    ] as const
    const told = (happened: Input['happened']) =>
      plan(day([dog('quill'), dog('mochi')], { travelMin: onALine }, { now: '09:20', happened }))
    expect(told([...rows])).toEqual(told([...rows].reverse()))
  })
  it('ways come from where dogs live, by the straight line and the roads’ factor', () => {
    const { stops, end } = plan(
      day([dog('quill', { home: { lat: 50.1, lon: -5.2 } })], {
        base: { lat: 50.12, lon: -5.25 },
        speedKmh: 32,
        roadFactor: 1.35,
      }),
    )
    // 4.2 km in a straight line (haversine, earth radius 6371 km), 5.7 by road, 10.6 min at 32 km/h; worked by hand.
    expect([stops[0]?.km, stops[0]?.driveMin, end.driveMin]).toEqual([5.7, 10.6, 21.2])
  })
  it('a stage that is fixed is refused by its field: nothing is silently left out', () => {
    const fixed = dog('quill', { locks: [{ stage: 'wash', from: '11:00' }] })
    const { error } = HouseDay.safeParse(day([fixed], { travelMin: onALine }))
    expect(error?.issues.map(({ path, message }) => `${path.join('.')}: ${message}`)).toEqual([
      'dogs.0.locks: On the road no stage can be fixed.',
    ])
  })
  it('a bath that the tank cannot rinse is refused by its field', () => {
    const { error } = HouseDay.safeParse(
      day([dog('quill', { waterLitres: 90 })], { travelMin: onALine, tankLitres: 60 }),
    )
    expect(error?.issues.map(({ path, message }) => `${path.join('.')}: ${message}`)).toEqual([
      'dogs.0.waterLitres: The tank cannot rinse this bath.',
    ])
  })
})
