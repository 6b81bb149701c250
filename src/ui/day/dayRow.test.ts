import { describe, expect, it } from 'vitest'
import { Case, makePlan } from '@/core/plan'
import { plannedSegments } from '@/core/strip'
import { VisitEvent, foldVisit, forecast } from '@/core/visit'
import { houseClock } from '@/core/clock'
import { dayRow } from './dayRow'

const NINE = Date.UTC(2027, 2, 2, 9)
const MIN = 60_000
const plan = makePlan(
  Case.parse({
    kovit: 'case/1',
    date: '2027-03-02',
    dog: { name: 'Mochi', coat: 'drop', build: 'toy', weightKg: 5 },
    coatNowMm: { all: 40 },
    request: { pattern: 'teddy' },
    setting: 'salon',
    slotMin: 150,
  }),
)
const event = (n: number, min: number, rest: object) =>
  VisitEvent.parse({ id: `00000000-0000-4000-8000-00000000000${n}`, atMs: NINE + min * MIN, by: 'Wren', ...rest })

function row(log: VisitEvent[] | null, nowMin: number, closed = false, slotMin = 150, isOver = false) {
  const nowMs = NINE + nowMin * MIN
  const visit = log && foldVisit(log)
  const ahead =
    visit?.finishedMs != null || isOver
      ? null
      : forecast(plan.stages, visit ?? foldVisit([]), NINE + slotMin * MIN, nowMs)
  return dayRow(
    {
      booking: { id: 7, staffId: 1, startMs: NINE, slotMin, request: { pattern: 'teddy' } },
      dog: { id: 3, householdId: 1, name: 'Mochi', breed: 'Havanese', coat: 'drop', build: 'toy' },
      visitId: log ? 5 : null,
      closed,
      plan,
      promised: 0.85,
      visit,
      segments: plannedSegments(plan.stages),
      forecast: ahead,
    },
    'Wren',
    houseClock('Europe/London'),
  )
}

describe('one dog on the day board', () => {
  it('to come leads to its plan', () =>
    expect(row(null, 0)).toMatchObject({
      state: 'to come',
      href: '/bookings/7/plan',
      standing: 'holds',
      kind: 'Havanese, teddy',
    }))
  it('sends of its tape what is drawn: families, to a hundredth of a minute', () => {
    const stages = plannedSegments(plan.stages)
    const { segments } = row(null, 0)
    expect(segments.length).toBeLessThan(stages.length)
    for (const { fromMin, toMin } of segments)
      for (const min of [fromMin, toMin]) expect(String(min)).toMatch(/^\d+(\.\d{1,2})?$/)
    expect(segments.at(-1)?.toMin).toBeCloseTo(stages.at(-1)?.toMin ?? 0, 1)
  })
  it('in the house leads to its bench', () =>
    expect(row([event(1, 0, { kind: 'stage-started', stage: 'arrive' })], 2)).toMatchObject({
      state: 'in',
      href: '/visits/5/bench',
    }))
  it('finished asks for the wrap-up, closed is home', () => {
    const log = [event(1, 0, { kind: 'stage-started', stage: 'arrive' }), event(2, 100, { kind: 'finished' })]
    expect(row(log, 110)).toMatchObject({
      state: 'wrap-up',
      words: 'Wrap up 10:40',
      below: '50 min early',
      href: '/visits/5/wrap-up',
    })
    expect(row(log, 110, true)).toMatchObject({ state: 'home', words: 'Home 10:40' })
    expect(row(log, 110, true, 90).below).toBe('10 min late')
  })
  it('past its slot is late and says by how much', () => {
    const late = row([event(1, 0, { kind: 'stage-started', stage: 'arrive' })], 120)
    expect(late.standing).toBe('late')
    expect(late.below).toMatch(/^\d+ min past the slot$/)
  })
  it('left open on a day that is over says so, and leads to where it is ended', () => {
    const log = [event(1, 0, { kind: 'stage-started', stage: 'arrive' })]
    expect(row(log, 900, false, 150, true)).toMatchObject({
      standing: 'tight',
      words: 'Not ended',
      below: 'end it on its bench',
      href: '/visits/5/bench',
      forecast: null,
    })
    expect(row(null, 900, false, 150, true)).toMatchObject({ words: 'Not begun', href: '/bookings/7/plan' })
  })
  it('under the house’s chance is tight', () =>
    expect(row(null, 0, false, Math.ceil(plan.fit.p50) + 4).standing).toBe('tight'))
  it('in the cabinet shows when it comes out', () => {
    const log = [
      event(1, 0, { kind: 'stage-started', stage: 'dry' }),
      event(2, 1, { kind: 'wait-started', stage: 'dry' }),
    ]
    expect(row(log, 5).wait).toMatchObject({ stage: 'dry', untilMs: NINE + 16 * MIN })
  })
})
