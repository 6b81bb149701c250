import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { DayPlan } from '@/core/day'
import { commandOn } from './run'

const QUILL = JSON.parse(readFileSync('tests/cases/quill.json', 'utf8'))
const DAY = {
  kovit: 'day/1',
  date: '2027-03-02',
  now: '08:00',
  setting: 'salon',
  people: [{ id: 'wren', role: 'groomer', skills: ['clip', 'scissor'], from: '08:30', to: '17:00' }],
  dogs: [{ id: 'quill', bring: '09:00', promise: '13:00', case: QUILL }],
}

const run = commandOn('scripts/day.ts')

describe('npm run -s day', () => {
  it('prints a plan of the day with every key, from a whole case, and exits 0', () => {
    const { status, stdout } = run(DAY)
    expect(status).toBe(0)
    const plan = DayPlan.parse(JSON.parse(stdout))
    expect(Object.keys(JSON.parse(stdout))).toEqual(Object.keys(DayPlan.shape))
    expect(plan.work[0]).toMatchObject({ dog: 'quill', stage: 'arrive', person: 'wren', from: '09:00', kind: 'hands' })
    expect(plan).toMatchObject({ proved: true, stops: [] })
  })
  it('prints the same twice', () => expect(run(DAY).stdout).toBe(run(DAY).stdout))
  it('names every problem by its field on a line of its own, prints nothing else, and exits 2', () => {
    const { status, stdout, lines } = run({
      ...DAY,
      stations: { tub: 0 },
      dogs: [
        { id: 'quill', bring: '09:00', promise: '08:00', stages: [{ id: 'wash', handsMin: 4 }], groomer: 'ansel' },
        { id: 'quill', bring: '09:00', promise: '12:00' },
      ],
      happened: [{ dog: 'mochi', stage: 'wash', person: 'wren', from: '09:00', to: null, station: 'tub 4' }],
    })
    expect([status, stdout]).toEqual([2, ''])
    expect(lines).toEqual(
      expect.arrayContaining([
        'dogs[0].promise: A dog must be promised for later than it comes.',
        'dogs[0].groomer: This groomer does not work today.',
        'dogs[1].id: This id is there twice.',
        'dogs[1].stages: Give either a whole case or the stages.',
        'happened[0].dog: This dog is not in the day.',
        'happened[0].from: What happened cannot begin after now.',
        'happened[0].station: This place is not in the house. Write it as: tub 1.',
        'stations.tub: A day with dogs needs a tub.',
      ]),
    )
  })
  it('a field that is no time, no day or not known is told in a sentence', () =>
    expect(run({ ...DAY, now: '8', date: 'today', extra: 1 }).lines).toEqual(
      expect.arrayContaining([
        'now: Give a time as 08:30.',
        'date: This date does not exist. Write it as year-month-day, such as 2027-03-02.',
        'extra: This key is not known here.',
      ]),
    ))
  it('refuses what is no JSON', () => expect(run('{').lines).toEqual(['file: This is not JSON.']))
})
