import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makePlan, type Case } from '../plan'
import type { CardEntry } from '../request'
import type { PlannedStage } from '../stages'
import { QUILL } from '../../../tests/cases'
import {
  VisitEvent,
  doneByStage,
  elapsedMin,
  foldVisit,
  forecast,
  lastLive,
  missedStages,
  nextStep,
  outcomes,
  type Standing,
} from '.'

const MIN = 60_000
const START = 1_800_000_000_000
const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
/** An event of minute `min`. */
const event = (n: number, min: number, rest: object): VisitEvent =>
  VisitEvent.parse({ id: id(n), atMs: START + min * MIN, by: 'Wren', ...rest })

const stage = (
  name: PlannedStage['id'],
  p50: number,
  waitMin = 0,
  zones: PlannedStage['zones'] = [],
): PlannedStage => ({ id: name, p50, p90: p50 * 1.4, waitMin, zones, why: '' })
const PLANNED = [
  stage('arrive', 4),
  stage('wash', 5),
  stage('condition', 1, 5),
  stage('rinse', 3),
  stage('head', 14, 0, ['skull', 'ear-edge']),
]

const LOG = [
  event(1, 0, { kind: 'stage-started', stage: 'arrive' }),
  event(2, 4, { kind: 'stage-started', stage: 'wash' }),
  event(3, 6, { kind: 'paused' }),
  event(4, 9, { kind: 'resumed' }),
  event(5, 12, { kind: 'stage-started', stage: 'condition' }),
  event(6, 13, { kind: 'wait-started', stage: 'condition' }),
  event(7, 19, { kind: 'stage-started', stage: 'rinse' }),
  event(8, 20, { kind: 'note', words: 'dewclaw is tender', stage: 'rinse' }),
]

/** A plan of these stages with this card, on this coat. */
const standingOf = (card: CardEntry[], stages: PlannedStage[], coatNowMm: Case['coatNowMm']): Standing => ({
  case: { ...QUILL, coatNowMm },
  plan: { ...makePlan(QUILL), card, stages },
})

describe('the fold of a visit', () => {
  it('tells hands-on minutes, waits and pauses apart', () => {
    const visit = foldVisit(LOG)
    const done = doneByStage(visit, START + 22 * MIN)
    expect(done.get('arrive')).toEqual({ handsMin: 4, waitMin: 0, pausedMin: 0 })
    expect(done.get('wash')).toEqual({ handsMin: 5, waitMin: 0, pausedMin: 3 })
    expect(done.get('condition')).toEqual({ handsMin: 1, waitMin: 6, pausedMin: 0 })
    expect(done.get('rinse')).toEqual({ handsMin: 3, waitMin: 0, pausedMin: 0 })
    expect(elapsedMin(visit, START + 22 * MIN)).toBe(22)
  })

  it('is the same for any order of arrival, each event sent twice', () => {
    const twice = fc.shuffledSubarray([...LOG, ...LOG], { minLength: LOG.length * 2 })
    const told = { notes: ['dewclaw is tender'], stages: ['arrive', 'wash', 'condition', 'rinse'] }
    fc.assert(
      fc.property(twice, (sent) => {
        const visit = foldVisit(sent)
        expect({
          notes: visit.notes.map(({ words }) => words),
          stages: visit.stages.map((record) => record.stage),
        }).toEqual(told)
        expect(visit).toEqual(foldVisit(LOG))
      }),
      { seed: 7 },
    )
  })

  it('undo restores the state before, whatever the event', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: LOG.length }), (count) => {
        const log = LOG.slice(0, count)
        const last = lastLive(log)
        const undone = [...log, event(90, 30, { kind: 'undone', undoes: last?.event.id })]
        expect(foldVisit(undone)).toEqual(foldVisit(LOG.slice(0, count - 1)))
      }),
    )
  })

  it('an undo can be undone', () => {
    const undone = [...LOG, event(90, 30, { kind: 'undone', undoes: id(8) })]
    expect(foldVisit(undone).notes).toEqual([])
    expect(foldVisit([...undone, event(91, 31, { kind: 'undone', undoes: id(90) })]).notes).toHaveLength(1)
  })

  it('only words and cuts follow the finish; a second finish changes nothing', () => {
    const finished = [...LOG, event(50, 40, { kind: 'finished' })]
    const more = [
      ...finished,
      event(51, 50, { kind: 'finished' }),
      event(52, 51, { kind: 'stage-started', stage: 'head' }),
      event(53, 52, { kind: 'note', words: 'late thought', stage: null }),
    ]
    expect(foldVisit(more).finishedMs).toBe(START + 40 * MIN)
    expect(foldVisit(more).stages).toEqual(foldVisit(finished).stages)
    expect(foldVisit(more).notes).toHaveLength(2)
  })

  it('the cabinet waits first, then the hand dryer: both are kept apart', () => {
    const log = [
      event(1, 0, { kind: 'stage-started', stage: 'dry' }),
      event(2, 1, { kind: 'wait-started', stage: 'dry' }),
      event(3, 16, { kind: 'wait-ended', stage: 'dry' }),
      event(4, 26, { kind: 'stage-ended', stage: 'dry' }),
    ]
    expect(doneByStage(foldVisit(log), START).get('dry')).toEqual({ handsMin: 11, waitMin: 15, pausedMin: 0 })
  })

  const dry = (...between: VisitEvent[]) =>
    doneByStage(
      foldVisit([
        event(1, 0, { kind: 'stage-started', stage: 'dry' }),
        event(2, 1, { kind: 'wait-started', stage: 'dry' }),
        event(3, 16, { kind: 'wait-ended', stage: 'dry' }),
        ...between,
        event(9, 26, { kind: 'stage-ended', stage: 'dry' }),
      ]),
      START,
    ).get('dry')
  it('a pause inside a wait is wait: dry 0 to 26, wait 1 to 16, pause 5 to 12 is 11 min of hands', () =>
    expect(dry(event(4, 5, { kind: 'paused' }), event(5, 12, { kind: 'resumed' }))).toEqual({
      handsMin: 11,
      waitMin: 15,
      pausedMin: 0,
    }))
  it('of a pause that outlasts the wait, only what lies behind it is a pause', () =>
    expect(dry(event(4, 12, { kind: 'paused' }), event(5, 20, { kind: 'resumed' }))).toEqual({
      handsMin: 7,
      waitMin: 15,
      pausedMin: 4,
    }))
  it('hands, wait and pause always add up to the stage, whatever overlaps', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 26 }), fc.integer({ min: 0, max: 26 })), { maxLength: 6 }),
        (pauses) => {
          const events = pauses.flatMap(([from, to], at) => [
            event(20 + 2 * at, from, { kind: 'paused' }),
            event(21 + 2 * at, to, { kind: 'resumed' }),
          ])
          const { handsMin = 0, waitMin = 0, pausedMin = 0 } = dry(...events) ?? {}
          expect(handsMin + waitMin + pausedMin).toBeCloseTo(26, 9)
          expect(waitMin).toBe(15)
        },
      ),
    ))
})

describe('the next step', () => {
  const after = (count: number) => nextStep(PLANNED, foldVisit(LOG.slice(0, count)))
  it('starts the first stage', () =>
    expect(nextStep(PLANNED, foldVisit([]))).toEqual({ do: 'start', stage: 'arrive', done: null }))
  it('goes on after a pause', () => expect(after(3)).toEqual({ do: 'resume' }))
  it('lets the conditioner work, then rinses', () => {
    expect(after(5)).toEqual({ do: 'wait', stage: 'condition', waitMin: 5 })
    expect(after(6)).toEqual({ do: 'start', stage: 'rinse', done: 'condition' })
  })
  it('notices a stage that was passed over and asks for it before the finish', () => {
    const visit = foldVisit([
      LOG[0] as VisitEvent,
      event(20, 5, { kind: 'stage-started', stage: 'rinse' }),
      event(21, 9, { kind: 'stage-started', stage: 'head' }),
    ])
    expect(missedStages(PLANNED, visit).map((each) => each.id)).toEqual(['wash', 'condition'])
    expect(nextStep(PLANNED, visit)).toEqual({ do: 'start', stage: 'wash', done: 'head' })
  })
  it('a stage left out on purpose is not missed', () => {
    const visit = foldVisit([
      event(1, 0, { kind: 'stage-started', stage: 'wash' }),
      event(2, 1, { kind: 'stage-skipped', stage: 'arrive', why: '' }),
    ])
    expect(missedStages(PLANNED, visit)).toEqual([])
  })
})

describe('a groom that has to stop', () => {
  const whole = [...PLANNED, stage('handover', 3)]
  const breath = (n: number, min: number, status: string) =>
    event(n, min, {
      kind: 'finding',
      finding: { kind: 'breathing', zone: 'chest', side: null, sizeMm: null, status, words: '' },
    })
  const stopped = foldVisit([...LOG.slice(0, 6), breath(30, 14, 'new')])

  it('has the handover as the only way on, even from a wait', () => {
    expect(nextStep(whole, stopped)).toEqual({ do: 'start', stage: 'handover', done: 'condition' })
    const handed = foldVisit([
      ...LOG.slice(0, 6),
      breath(30, 14, 'new'),
      event(31, 15, { kind: 'stage-started', stage: 'handover' }),
    ])
    expect(nextStep(whole, handed)).toEqual({ do: 'finish', done: 'handover' })
    expect(missedStages(whole, handed)).toEqual([])
    expect(missedStages(whole, foldVisit([]))).toEqual([])
  })
  it('goes on when the finding is taken back or gone', () => {
    const back = event(32, 16, { kind: 'undone', undoes: id(30) })
    for (const more of [back, breath(33, 16, 'gone')])
      expect(nextStep(whole, foldVisit([...LOG.slice(0, 6), breath(30, 14, 'new'), more]))).toEqual({
        do: 'start',
        stage: 'rinse',
        done: 'condition',
      })
  })
  it('leaves the zones of the stage that it cut short as they were', () => {
    const skull: CardEntry = {
      zone: 'skull',
      side: null,
      method: 'scissor',
      blade: null,
      comb: null,
      lay: null,
      lengthMm: 25,
      shape: null,
      join: 'blend',
      why: '',
    }
    const log = [
      event(1, 0, { kind: 'stage-started', stage: 'head' }),
      breath(30, 5, 'new'),
      event(31, 6, { kind: 'stage-started', stage: 'handover' }),
    ]
    expect(outcomes(standingOf([skull], whole, { skull: 40 }), foldVisit(log))[0]).toMatchObject({
      how: 'not reached',
      cut: [{ lengthMm: 40 }],
    })
  })
})

describe('the forecast', () => {
  it('adds what is left of this stage to the stages to come', () => {
    const { likelyMs, chance } = forecast(PLANNED, foldVisit(LOG), START + 60 * MIN, START + 20 * MIN)
    expect((likelyMs - START) / MIN).toBeCloseTo(36.5, 0) // 20 + 2 of the rinse + 14 for the head, and a little
    expect(chance).toBeGreaterThan(0.99)
  })
})

describe('what was cut', () => {
  const entry = (zone: CardEntry['zone'], lengthMm: number): CardEntry => ({
    zone,
    side: null,
    method: 'scissor',
    blade: null,
    comb: null,
    lay: null,
    lengthMm,
    shape: null,
    join: 'blend',
    why: '',
  })
  const card = [entry('skull', 25), entry('ear-edge', 24)]
  const cut = (n: number, zone: string, side: string | null, lengthMm: number) =>
    event(n, 30, {
      kind: 'zone-cut',
      cut: { zone, side, method: 'scissor', blade: null, comb: null, lay: null, lengthMm },
    })
  const head = [event(30, 22, { kind: 'stage-started', stage: 'head' }), event(40, 40, { kind: 'finished' })]
  const lengths = (log: VisitEvent[]) =>
    outcomes(standingOf(card, PLANNED, { skull: 44, 'ear-edge': 40 }), foldVisit(log)).map(({ cut: made, how }) => [
      how,
      ...made.map(({ side, lengthMm }) => `${side ?? ''}${lengthMm}`),
    ])
  it('is the plan where the stage was done', () =>
    expect(lengths(head)).toEqual([
      ['as planned', '25'],
      ['as planned', '24'],
    ]))
  it('is what the bench says where it was changed', () =>
    expect(lengths([...head, cut(31, 'skull', null, 22)])[0]).toEqual(['changed', '22']))
  it('keeps left and right apart', () =>
    expect(lengths([...head, cut(31, 'ear-edge', 'right', 21)])[1]).toEqual(['changed', 'left24', 'right21']))
  it('a card with its sides apart stays so where the bench says nothing, and one side can be changed', () => {
    const apart = [
      entry('skull', 25),
      { ...entry('ear-edge', 24), side: 'left' as const },
      { ...entry('ear-edge', 20), side: 'right' as const },
    ]
    const made = (log: VisitEvent[]) =>
      outcomes(standingOf(apart, PLANNED, { all: 60 }), foldVisit(log))[1]?.cut.map(({ side, lengthMm }) => [
        side,
        lengthMm,
      ])
    expect(made(head)).toEqual([
      ['left', 24],
      ['right', 20],
    ])
    expect(made([...head, cut(31, 'ear-edge', 'left', 22)])).toEqual([
      ['left', 22],
      ['right', 20],
    ])
    expect(made([...head, cut(31, 'ear-edge', null, 18)])).toEqual([[null, 18]])
  })
  it('what is amended after the close is what was cut, with why', () => {
    const { cut: placed } = cut(50, 'skull', null, 19) as Extract<VisitEvent, { kind: 'zone-cut' }>
    const amended = event(51, 90, { kind: 'amended', cut: placed, why: 'read off the photo' })
    expect(outcomes(standingOf(card, PLANNED, { all: 60 }), foldVisit([...head, amended]))[0]?.cut[0]).toMatchObject({
      lengthMm: 19,
      why: 'Amended: read off the photo',
    })
  })
  it('is the coat that was there where the stage was never reached', () =>
    expect(lengths([event(40, 40, { kind: 'finished' })])).toEqual([
      ['not reached', '44'],
      ['not reached', '40'],
    ]))
})

describe('bad events', () => {
  it.each([
    [
      { kind: 'note', words: 'x'.repeat(10_000), stage: null },
      'Keep a note to 4000 characters; what you wrote is still here.',
    ],
    [{ kind: 'note', words: '   ', stage: null }, 'Write the note first.'],
  ])('%j is refused with a sentence', (rest, sentence) => {
    const parsed = VisitEvent.safeParse({ id: id(1), atMs: START, by: 'Wren', ...rest })
    expect(parsed.error?.issues.map(({ message }) => message)).toEqual([sentence])
  })
  it('a length beyond 300 mm is refused', () => {
    const cutAt = (lengthMm: number) => ({
      id: id(1),
      atMs: START,
      by: 'Wren',
      kind: 'zone-cut',
      cut: { zone: 'back', side: null, method: 'scissor', blade: null, comb: null, lay: null, lengthMm },
    })
    expect(VisitEvent.safeParse(cutAt(301)).error?.issues[0]?.message).toBe('A length cannot be above 300 mm.')
    expect(VisitEvent.safeParse(cutAt(-1)).error?.issues[0]?.message).toBe('A length cannot be below 0 mm.')
  })
})
