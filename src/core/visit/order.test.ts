import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plainFold, plainOrder } from '../../../tests/faults/plainFold'
import {
  VisitEvent,
  foldFurther,
  foldVisit,
  inOnePart,
  keptFoldOf,
  lastLive,
  liveEvents,
  newestTick,
  nextTick,
  orderedLog,
  overlong,
  stateOf,
  tickOf,
} from '.'

const MIN = 60_000
const START = 1_800_000_000_000
const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
const at = (n: number, min: number, rest: object, tickMin = min, device = 'van'): VisitEvent =>
  VisitEvent.parse({
    id: id(n),
    atMs: START + min * MIN,
    tick: { ms: START + tickMin * MIN, n: 0 },
    by: 'Wren',
    device,
    ...rest,
  })
const stages = (log: readonly VisitEvent[]) =>
  foldVisit(log).stages.map(({ stage, startMs, endMs }) => [
    stage,
    (startMs - START) / MIN,
    endMs === null ? null : (endMs - START) / MIN,
  ])

describe('the logical clock', () => {
  it('goes with the clock, and counts where the clock stands or was set back (Kulkarni and others, 2014)', () => {
    expect(nextTick(2000, { ms: 1500, n: 2 })).toEqual({ ms: 2000, n: 0 })
    expect(nextTick(1000, { ms: 1500, n: 2 })).toEqual({ ms: 1500, n: 3 })
    expect(nextTick(1000, null)).toEqual({ ms: 1000, n: 0 })
  })
})

describe('the order of a log', () => {
  it('an undo follows what it takes back, whatever its stamp', () => {
    const log = [
      at(1, 0, { kind: 'stage-started', stage: 'wash' }),
      at(2, 9, { kind: 'note', words: 'a burr', stage: null }),
      at(3, 4, { kind: 'undone', undoes: id(2) }),
    ]
    expect(orderedLog(log).map((event) => event.id)).toEqual([id(1), id(2), id(3)])
    expect(foldVisit(log).notes).toEqual([])
  })
  it('two at the same tick stand by device, then by id', () => {
    const log = [
      at(2, 1, { kind: 'paused' }, 1, 'tub'),
      at(1, 1, { kind: 'paused' }, 1, 'van'),
      at(3, 1, { kind: 'paused' }, 1, 'tub'),
    ]
    expect(orderedLog(log).map((event) => event.id)).toEqual([id(2), id(3), id(1)])
  })
  it('the clock of a visit never runs back: a stage ended by a slow tablet ends where it began at the earliest', () =>
    expect(
      stages([
        at(1, 10, { kind: 'stage-started', stage: 'wash' }),
        at(2, 6, { kind: 'stage-started', stage: 'rinse' }, 11, 'tub'),
      ]),
    ).toEqual([
      ['wash', 10, 10],
      ['rinse', 10, null],
    ]))
})

/** Logs of two devices whose clocks and orders are anything, with undos and times set of anything before or after. */
const anyLog = fc.array(
  fc.record({
    kind: fc.integer({ min: 0, max: 10 }),
    min: fc.integer({ min: 0, max: 60 }),
    tick: fc.integer({ min: 0, max: 60 }),
    n: fc.integer({ min: 0, max: 2 }),
    device: fc.constantFrom('van', 'tub'),
    of: fc.integer({ min: 0, max: 24 }),
  }),
  { maxLength: 25 },
)
const KINDS: ((of: number, min: number) => object)[] = [
  () => ({ kind: 'stage-started', stage: 'wash' }),
  () => ({ kind: 'stage-started', stage: 'dry' }),
  () => ({ kind: 'stage-ended', stage: 'dry' }),
  () => ({ kind: 'wait-started', stage: 'dry' }),
  () => ({ kind: 'wait-ended', stage: 'dry' }),
  () => ({ kind: 'paused' }),
  () => ({ kind: 'resumed' }),
  (of) => ({ kind: 'note', words: `note ${of}`, stage: null }),
  (of) => ({ kind: 'undone', undoes: id(of) }),
  (of, min) => ({ kind: 'time-set', of: id(of), toMs: START + (min - 5) * MIN }),
  () => ({
    kind: 'amended',
    cut: { zone: 'back', side: null, method: 'clip', blade: '5F', comb: null, lay: 'with', lengthMm: 6.3 },
    why: 'seen at the door',
  }),
]
const made = anyLog.map((all) =>
  all.map(({ kind, min, tick, n, device, of }, index) =>
    VisitEvent.parse({
      id: id(index),
      atMs: START + min * MIN,
      tick: { ms: START + tick * MIN, n },
      by: 'Wren',
      device,
      // A real undo names what its maker has seen: never one that is made later.
      ...KINDS[kind]?.(index === 0 ? 99 : of % index, min),
    }),
  ),
)

const plainOf = (log: readonly VisitEvent[]) => {
  const { stages: all, notes, finishedMs } = foldVisit(log)
  const spans = (list: readonly { fromMs: number; toMs: number | null }[]) =>
    list.map(({ fromMs, toMs }) => [fromMs, toMs])
  return {
    stages: all.map((each) => ({
      stage: each.stage,
      startMs: each.startMs,
      endMs: each.endMs,
      waits: spans(each.waits),
      pauses: spans(each.pauses),
    })),
    notes: notes.map(({ words }) => words),
    cuts: {},
    finishedMs,
  }
}

describe('the fold against the plainest reading', () => {
  it('tells the same order and the same visit of any log', () => {
    fc.assert(
      fc.property(made, (log) => {
        expect(orderedLog(log).map((event) => event.id)).toEqual(plainOrder(log).map((event) => event.id))
        expect(plainOf(log)).toEqual(plainFold(log))
      }),
      { seed: 12, numRuns: 400 },
    )
  })
  it('a kept fold that goes on, piece by piece, is the fold of the whole log, or says that it cannot', () => {
    let wentOn = 0
    let wasLate = 0
    const pieces = fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1 })
    fc.assert(
      fc.property(made, pieces, fc.constantFrom(0, 4, 8, 64), (log, sizes, longest) => {
        let kept = keptFoldOf([], longest)
        for (let at = 0, turn = 0; at < log.length; turn++) {
          const [from, to] = [at, at + (sizes[turn % sizes.length] ?? 1)]
          const further = foldFurther(kept, log.slice(from, to), longest)
          const newest = newestTick(log.slice(0, from))
          if (further) wentOn++
          if (further && log.slice(from, to).some((event) => newest && tickOf(event).ms < newest.ms)) wasLate++
          kept = further ?? keptFoldOf(log.slice(0, to), longest)
          expect(kept.tail.length).toBeLessThanOrEqual(longest)
          expect(inOnePart(kept)).toEqual(keptFoldOf(log.slice(0, to), 0))
          at = to
        }
        expect(stateOf(kept)).toEqual(foldVisit(log))
      }),
      { seed: 12, numRuns: 400 },
    )
    expect([wentOn > 200, wasLate > 50]).toEqual([true, true])
  })
})

describe('what is mended afterwards', () => {
  const BATH = [
    at(1, 0, { kind: 'stage-started', stage: 'arrive' }),
    at(2, 10, { kind: 'stage-started', stage: 'wash' }),
    at(3, 30, { kind: 'stage-started', stage: 'dry' }),
  ]
  it('a stage that began five minutes earlier ends the one before it earlier', () => {
    const log = [...BATH, at(4, 31, { kind: 'time-set', of: id(2), toMs: START + 5 * MIN })]
    expect(stages(log).slice(0, 2)).toEqual([
      ['arrive', 0, 5],
      ['wash', 5, 30],
    ])
    expect(liveEvents(log)).toHaveLength(4)
    expect(stages([...log, at(5, 32, { kind: 'undone', undoes: id(4) })])[1]).toEqual(['wash', 10, 30])
  })
  it('a stage that was forgotten takes its minutes from the one that was under way', () => {
    const recalled = { kind: 'stage-recalled', stage: 'ears', fromMs: START + 12 * MIN, toMs: START + 18 * MIN }
    const visit = foldVisit([...BATH, at(4, 40, recalled)])
    expect(visit.stages.map(({ stage }) => stage)).toEqual(['arrive', 'wash', 'ears', 'dry'])
    expect(visit.stages[1]?.pauses).toEqual([{ fromMs: START + 12 * MIN, toMs: START + 18 * MIN }])
    expect(visit.stages.at(-1)?.endMs).toBeNull()
  })
  it('a break over lunch rests the stage that was left running', () => {
    const visit = foldVisit([...BATH, at(4, 90, { kind: 'rested', fromMs: START + 40 * MIN, toMs: START + 90 * MIN })])
    expect(visit.stages.at(-1)?.pauses).toEqual([{ fromMs: START + 40 * MIN, toMs: START + 90 * MIN }])
  })
  it('is asked about: hands for more than twice the late end and 20 min, and no tap for 20 min', () => {
    const planned = [{ id: 'dry' as const, p50: 20, p90: 30, waitMin: 0, zones: [], why: '' }]
    const ask = (min: number, tapMin: number) =>
      overlong(planned, foldVisit(BATH), START + tapMin * MIN, START + min * MIN)
    expect(ask(30 + 80, 30)).toBeNull()
    expect(ask(30 + 81, 30)).toEqual({ stage: 'dry', ranMin: 81, plannedMin: 20, quietSinceMs: START + 30 * MIN })
    expect(ask(30 + 81, 95)).toBeNull()
  })
})

describe('undo', () => {
  const BOTH = [
    at(1, 0, { kind: 'stage-started', stage: 'wash' }),
    at(2, 1, { kind: 'note', words: 'mine', stage: null }, 1, 'van'),
    at(3, 2, { kind: 'note', words: 'the other’s', stage: null, by: 'Tamsin' }, 2, 'tub'),
  ]
  it('takes back one’s own last, and says when it is another’s', () => {
    expect(lastLive(BOTH, { device: 'van' })).toMatchObject({ event: { id: id(2) }, own: true })
    expect(lastLive(BOTH, { device: 'new tablet' })).toMatchObject({ event: { id: id(3), by: 'Tamsin' }, own: false })
  })
})
