import { describe, expect, it } from 'vitest'
import type { PlannedStage } from '../stages'
import { STAGES } from '../stages'
import { VisitEvent, apart, dayOf, foldVisit, forecast, timedStages } from '.'

const MIN = 60_000
const START = 1_800_000_000_000
let count = 0
const event = (min: number, rest: object) =>
  VisitEvent.parse({
    id: `00000000-0000-4000-8000-${String(++count).padStart(12, '0')}`,
    atMs: START + min * MIN,
    by: 'Wren',
    ...rest,
  })
const IDS = STAGES.filter((id) => id !== 'condition').slice(0, 12)
const PLANNED = IDS.map((id): PlannedStage => ({ id, p50: 10, p90: 14, waitMin: 0, zones: [], why: '' }))
/** So many stages done, each of `min` minutes, and the next begun. */
const after = (stages: number, min: number) =>
  foldVisit(IDS.slice(0, stages + 1).map((stage, at) => event(at * min, { kind: 'stage-started', stage })))

describe('the day', () => {
  it('shows itself by the stages done: slower by less than they were, and surer with each', () => {
    const two = dayOf(PLANNED, after(2, 13), null)
    const eight = dayOf(PLANNED, after(8, 13), null)
    expect(Math.exp(two.log)).toBeGreaterThan(1.03)
    expect(eight.log).toBeGreaterThan(two.log)
    expect(Math.exp(eight.log)).toBeLessThan(1.3)
    expect(eight.sigma).toBeLessThan(two.sigma)
  })
  it('is the normal-normal rule in its closed form', () => {
    const spread = {
      stages: Object.fromEntries(IDS.map((id) => [id, { house: 0, dog: 0, sigma: 0.2 }])),
      daySigma: 0.1,
    }
    const { log, sigma } = dayOf(PLANNED, after(4, 12), spread)
    const precision = 1 / 0.1 ** 2 + 4 / 0.2 ** 2
    expect(log).toBeCloseTo((4 * Math.log(1.2)) / 0.2 ** 2 / precision, 10)
    expect(sigma).toBeCloseTo(Math.sqrt(1 / precision), 10)
  })
  it('is a usual one before anything is done, and is not thrown by one stage left running', () => {
    expect(dayOf(PLANNED, foldVisit([]), null).log).toBe(0)
    const slips = foldVisit([
      event(0, { kind: 'stage-started', stage: 'arrive' }),
      event(600, { kind: 'stage-started', stage: 'look-over' }),
    ])
    expect(Math.exp(dayOf(PLANNED, slips, null).log)).toBeLessThan(1.1)
  })
})

describe('the finish', () => {
  const done = (stages: number, min: number) =>
    forecast(PLANNED, after(stages, min), START + 150 * MIN, START + stages * min * MIN)
  it('moves further than the minutes lost so far, on a slow day', () => {
    const [usual, slow] = [done(6, 10), done(6, 13)]
    expect(slow.likelyMs - usual.likelyMs).toBeGreaterThan(6 * 3 * MIN)
    expect(slow.chance).toBeLessThan(usual.chance)
    expect(slow.dayFactor).toBeGreaterThan(1.05)
  })
  it('says how much is lacking for a slot that holds, and nothing when it holds', () => {
    expect(done(6, 10).lacksMin(0.85)).toBe(0)
    const lacking = done(6, 14).lacksMin(0.85)
    expect(lacking).toBeGreaterThan(5)
    const won = forecast(PLANNED, after(6, 14), START + (150 + lacking) * MIN, START + 84 * MIN)
    expect(won.chance).toBeCloseTo(0.85, 2)
  })
  it('of a stage that has used up its minutes keeps some to come', () => {
    const visit = after(11, 10)
    const { likelyMs } = forecast(PLANNED, visit, START, START + 140 * MIN)
    expect(likelyMs).toBeGreaterThan(START + 140 * MIN)
  })
})

describe('planned against done', () => {
  it('tells the day from the estimate, and both add up', () => {
    const all = apart(PLANNED, after(11, 12), null, START + 132 * MIN)
    expect(all.totalMin).toBeCloseTo(12, 6)
    expect(all.dayMin + all.stagesMin).toBeCloseTo(all.totalMin, 6)
    expect(all.dayFactor).toBeGreaterThan(1)
  })
})

describe('what was timed', () => {
  it('leaves out a stage under way, and counts half what was taken up twice or paused for long', () => {
    const visit = foldVisit([
      event(0, { kind: 'stage-started', stage: 'arrive' }),
      event(4, { kind: 'stage-started', stage: 'look-over' }),
      event(5, { kind: 'paused' }),
      event(25, { kind: 'resumed' }),
      event(26, { kind: 'stage-started', stage: 'arrive' }),
      event(27, { kind: 'stage-started', stage: 'brush-out' }),
    ])
    expect(timedStages(visit, START + 40 * MIN)).toEqual([
      { stage: 'arrive', actualMin: 5, weight: 0.5 },
      { stage: 'look-over', actualMin: 2, weight: 0.5 },
    ])
  })
})
