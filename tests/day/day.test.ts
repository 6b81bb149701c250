import { describe, expect, it } from 'vitest'
import type { z } from 'zod'
import { seeded } from '@/core/chance'
import { HouseDay, planDay, type DayPlan } from '@/core/day'
import { at } from './at'
import { earliestEnd } from './bruteForce'
import { cutAt } from './cut'
import { madeDay } from './make'
import { clashesOf } from './validate'

type Input = z.input<typeof HouseDay>
type Stage = NonNullable<Input['dogs'][number]['stages']>[number]
const plan = (day: Input): DayPlan => planDay(HouseDay.parse(day))
const rules = (day: Input) => plan(day).breaks.map(({ rule, dog, person }) => `${rule} ${dog ?? person}`)

const stages = (...all: [Stage['id'], number, number?][]): Stage[] =>
  all.map(([id, handsMin, waitMin = 0]) => ({ id, handsMin, waitMin }))
const GROOM = stages(
  ['arrive', 4],
  ['wash', 10],
  ['towel', 2],
  ['dry', 12],
  ['body', 20],
  ['head', 14],
  ['handover', 3],
)
const dog = (id: string, more: Partial<Input['dogs'][number]> = {}): Input['dogs'][number] => ({
  id,
  bring: '09:00',
  promise: '16:00',
  stages: GROOM,
  ...more,
})
const wren = { id: 'wren', role: 'groomer', skills: ['clip'], from: '08:30', to: '17:00' } as const
const jory = { id: 'jory', role: 'bather', skills: [], from: '08:30', to: '17:00' } as const
const day = (dogs: Input['dogs'], more: Partial<Input> = {}): Input => ({
  kovit: 'day/1',
  date: '2027-03-02',
  now: '08:00',
  setting: 'salon',
  people: [
    { ...wren, skills: [...wren.skills] },
    { ...jory, skills: [] },
  ],
  dogs,
  ...more,
})

describe('small days', () => {
  it('end as early as any order, hands and place allow, and say so: 200 of them tried whole', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const { between } = seeded(seed)
      const whole = (low: number, high: number) => Math.floor(between(low, high + 1))
      const kinds: Stage['id'][] = ['look-over', 'wash', 'dry', 'body', 'handover']
      const tiny = day(
        Array.from({ length: 2 }, (_, number) =>
          dog(`dog${number}`, {
            bring: `09:0${whole(0, 9)}`,
            stages: kinds
              .filter((_, kind) => kind === number + 1 || between(0, 1) < 0.6)
              .map((id) => ({ id, handsMin: whole(1, 9), waitMin: 0 })),
          }),
        ),
        { stations: { table: whole(1, 2), tub: 1, dryer: 1, cabinet: 0, bay: 0 }, seed },
      )
      const found = plan(tiny)
      expect([seed, at(found.end.at), found.proved, clashesOf(tiny, found)]).toEqual([
        seed,
        earliestEnd(tiny),
        true,
        [],
      ])
    }
  })
})

describe('a rule that cannot be kept is said, and only then', () => {
  it('a day with room breaks none', () => expect(rules(day([dog('quill'), dog('mochi')]))).toEqual([]))
  it('hours: work past the end of the day', () =>
    expect(rules(day([dog('quill', { bring: '16:30', promise: '18:30' })]))).toContain('hours wren'))
  it('promise', () => expect(rules(day([dog('quill', { promise: '09:40' })]))).toEqual(['promise quill']))
  it('promise: one dog is late rather than two', () =>
    expect(rules(day([dog('quill', { promise: '10:10' }), dog('mochi', { promise: '10:10' })])).length).toBe(1))
  it('groomer: another than was promised, where hers cannot', () => {
    const ansel = { id: 'ansel', role: 'groomer', skills: [], from: '08:30', to: '17:00' } as const
    const people = [
      { ...wren, skills: [], from: '13:00' },
      { ...ansel, skills: [] },
    ]
    const promised = (promise: string) => rules(day([dog('quill', { groomer: 'wren', promise })], { people }))
    expect(promised('16:00')).toEqual([])
    expect(promised('11:00')).toEqual(['groomer quill'])
  })
  it('skill: a difficult dog, and a second pair of hands that is not there', () => {
    expect(rules(day([dog('quill', { behaviour: { nails: 3 } })]))).toEqual(['skill quill'])
    expect(rules(day([dog('quill', { handlers: 2 })], { people: [{ ...wren, skills: [] }] }))).toEqual(['skill quill'])
  })
  it('a second handler holds at the table, and nowhere else', () => {
    const held = plan(day([dog('quill', { handlers: 2 })])).work.filter(({ kind }) => kind === 'holds')
    expect(held.map(({ stage, person }) => `${stage} ${person}`)).toEqual(['body jory', 'head jory'])
  })
  it('break: over six hours in one stretch; with room for half an hour it is taken', () => {
    const long = stages(['body', 190], ['head', 100], ['legs', 100])
    const alone = { people: [{ ...wren, skills: [] }] }
    expect(rules(day([dog('quill', { promise: '15:35', stages: long })], alone))).toEqual(['break wren'])
    const rested = plan(day([dog('quill', { promise: '17:00', stages: long })], alone))
    expect([rested.breaks, rested.end.at]).toEqual([[], '16:00'])
  })
  it('noise: nobody is longer at the blower than ears bear', () => {
    const blown = stages(['dry', 26], ['body', 5])
    const one = { people: [{ ...wren, skills: [] }] }
    expect(rules(day([dog('quill', { stages: blown }), dog('mochi', { stages: blown })], one))).toEqual(['noise wren'])
    expect(rules(day([dog('quill', { stages: blown }), dog('mochi', { stages: blown })]))).toEqual([])
  })
  it('household: they come and leave together', () => {
    const far = [dog('quill', { household: 'marsh' }), dog('mochi', { household: 'marsh', bring: '11:00' })]
    expect(rules(day(far))).toEqual([])
    far[0] = dog('quill', { household: 'marsh', promise: '11:00' })
    expect(rules(day(far))).toEqual(['household quill'])
  })
  it('quiet: a dog that minds others is alone where the day allows it', () => {
    const shy = dog('quill', { behaviour: { dogs: 2 } })
    expect(rules(day([shy, dog('mochi')]))).toEqual([])
    expect(rules(day([{ ...shy, promise: '10:20' }, dog('mochi', { promise: '10:20' })]))).toContain('quiet quill')
  })
  it('contagious: the last dog of the day, and five minutes of cleaning after it', () => {
    const ill = dog('quill', { contagious: true })
    const { work, breaks } = plan(day([ill, dog('mochi')]))
    const [mochi, quill] = ['mochi', 'quill'].map((id) => work.filter((row) => row.dog === id))
    expect(breaks).toEqual([])
    expect(at(quill?.[0]?.from ?? '')).toBeGreaterThanOrEqual(at(mochi?.at(-1)?.to ?? ''))
    expect(rules(day([{ ...ill, promise: '10:10' }, dog('mochi', { promise: '10:30' })]))).toContain(
      'contagious-last quill',
    )
  })
  it('bay too long: a dog that panics does not stand there over half an hour', () => {
    const one = { stations: { table: 1, tub: 1, dryer: 1, cabinet: 0, bay: 1 } }
    const frail = dog('quill', {
      behaviour: { dryer: 4 },
      stages: stages(['wash', 5], ['body', 10]),
      promise: '10:20',
    })
    const before = { dog: 'mochi', stage: 'body', person: 'wren', from: '09:00', to: null, station: 'table 1' } as const
    const late = day([frail, dog('mochi', { stages: stages(['body', 60]), promise: '10:10' })], {
      ...one,
      now: '09:10',
      people: [
        { ...wren, skills: ['difficult dogs'] },
        { ...jory, skills: ['difficult dogs'] },
      ],
      happened: [
        before,
        { dog: 'quill', stage: 'wash', person: 'jory', from: '09:00', to: '09:05', station: 'tub 1' },
        { dog: 'quill', stage: null, person: null, from: '09:05', to: null, station: 'bay 1' },
      ],
    })
    expect(rules(late)).toEqual(['bay-too-long quill'])
  })
})

describe('through the day', () => {
  const seeds = Array.from({ length: 10 }, (_, at) => at + 1)
  it.each(seeds)('day %i is planned again from any minute: no hard rule is broken, and what happened stays', (seed) => {
    const made = madeDay(seed, { dogs: 5, groomers: 2, bathers: 1 })
    const first = plan(made)
    for (const now of ['09:17', '10:40', '12:05', '14:31']) {
      const later = cutAt(made, first, now)
      const again = plan(later)
      expect([now, clashesOf(later, again)]).toEqual([now, []])
      const over = (later.happened ?? []).filter(({ to }) => to !== null)
      for (const { dog: id, stage, person } of over)
        if (person !== null)
          expect(again.work.some((row) => row.dog === id && row.stage === stage && row.kind === 'hands')).toBe(false)
    }
  })
  it('an empty day, one where nobody comes, and one that is over are planned too', () => {
    expect(plan(day([]))).toMatchObject({ work: [], dogs: [], proved: true, breaks: [], end: { at: '08:00' } })
    expect(plan(day([dog('quill', { noShow: true })])).work).toEqual([])
    const over = cutAt(day([dog('quill')]), plan(day([dog('quill')])), '16:00')
    expect(plan(over)).toMatchObject({ work: [], dogs: [{ id: 'quill', begins: '09:00' }] })
  })
  it('two dogs that each stand where the other must go, with no bay, are told of', () => {
    const swap = stages(['look-over', 2], ['wash', 9], ['body', 20])
    const stuck = day([dog('quill', { stages: swap }), dog('mochi', { stages: swap })], {
      now: '09:30',
      stations: { table: 1, tub: 1, dryer: 1, cabinet: 0, bay: 0 },
      happened: [
        { dog: 'quill', stage: 'look-over', person: 'wren', from: '09:00', to: '09:02', station: 'table 1' },
        { dog: 'quill', stage: 'wash', person: 'jory', from: '09:05', to: '09:14', station: 'tub 1' },
        { dog: 'mochi', stage: 'look-over', person: 'wren', from: '09:15', to: '09:17', station: 'table 1' },
      ],
    })
    const { says, work } = plan(stuck)
    expect(says[0]).toContain('somebody holds one by hand')
    expect(
      work
        .filter(({ kind }) => kind === 'hands')
        .map(({ dog: id, stage }) => `${id} ${stage}`)
        .sort(),
    ).toEqual(['mochi body', 'mochi wash', 'quill body'])
  })
  it('dogs that stand in each other’s way with no bay are one after the other', () => {
    const narrow = day(
      ['quill', 'mochi', 'fenwick', 'hobnob'].map((id) =>
        dog(id, { stages: stages(['look-over', 2], ['wash', 9], ['comb-through', 3], ['body', 20]) }),
      ),
      {
        stations: { table: 1, tub: 1, dryer: 1, cabinet: 0, bay: 0 },
      },
    )
    const found = plan(narrow)
    expect(clashesOf(narrow, found)).toEqual([])
    expect(found.dogs).toHaveLength(4)
  })
  const happened: NonNullable<Input['happened']> = [
    { dog: 'quill', stage: 'arrive', person: 'jory', from: '09:00', to: '09:04', station: null },
    { dog: 'quill', stage: 'wash', person: 'jory', from: '09:04', to: '09:16', station: 'tub 1' },
    { dog: 'quill', stage: 'towel', person: 'jory', from: '09:16', to: '09:18', station: null },
    { dog: 'quill', stage: 'dry', person: 'jory', from: '09:18', to: null, station: 'dryer 1' },
  ]
  it('what happened is not repeated, what is under way goes on in the same hands and place, and ends after now', () => {
    const later = day([dog('quill'), dog('mochi')], { now: '09:25', happened })
    const found = plan(later)
    expect(clashesOf(later, found)).toEqual([])
    expect(
      found.work.filter(({ dog: id, kind }) => id === 'quill' && kind === 'hands').map(({ stage }) => stage),
    ).toEqual(['dry', 'body', 'head', 'handover'])
    expect(found.work.find(({ stage, dog: id }) => id === 'quill' && stage === 'dry')).toMatchObject({
      person: 'jory',
      station: 'dryer 1',
      from: '09:18',
    })
    expect(found.work.every(({ to }) => at(to) > at('09:25'))).toBe(true)
  })
  it('a stage that has overrun ends a minute from now at the least', () => {
    const found = plan(day([dog('quill')], { now: '10:20', happened }))
    expect(at(found.work[0]?.to ?? '')).toBeGreaterThan(at('10:20'))
  })
  it('a dog that does not come is not planned, and its time is said', () => {
    const { work, says } = plan(day([dog('quill', { noShow: true }), dog('mochi')]))
    expect(work.some(({ dog: id }) => id === 'quill')).toBe(false)
    expect(says).toEqual([expect.stringContaining('Quill does not come: 65 min of hands')])
  })
  it('a cabinet that three share holds one at a time, and the hands finish each at a dryer', () => {
    const warm = GROOM.map((stage) => (stage.id === 'dry' ? { ...stage, waitMin: 15 } : stage))
    const three = day(
      ['quill', 'mochi', 'fenwick'].map((id) => dog(id, { stages: warm })),
      {
        stations: { table: 2, tub: 1, dryer: 1, cabinet: 1, bay: 2 },
      },
    )
    const found = plan(three)
    expect(clashesOf(three, found)).toEqual([])
    expect(
      found.work.filter(({ station }) => station === 'cabinet 1').map(({ person, kind }) => [person, kind]),
    ).toEqual(Array(3).fill([null, 'wait']))
  })
})

it('a chance is near one where there is room, and near a half where the median ends on the promise', () => {
  const end = plan(day([dog('quill')])).end.at
  expect(plan(day([dog('quill')])).dogs[0]?.chance).toBeGreaterThan(0.999)
  const tight = plan(day([dog('quill', { promise: end })])).dogs[0]?.chance ?? 0
  expect(tight).toBeGreaterThan(0.3)
  expect(tight).toBeLessThan(0.7)
})
