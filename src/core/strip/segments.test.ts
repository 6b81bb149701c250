import { expect, it } from 'vitest'
import type { PlannedStage } from '../stages'
import { VisitEvent, foldVisit } from '../visit'
import { byFamily, plannedSegments, visitSegments } from '.'

const stage = (name: PlannedStage['id'], p50: number, waitMin = 0): PlannedStage => ({
  id: name,
  p50,
  p90: p50,
  waitMin,
  zones: [],
  why: '',
})
const STAGES = [stage('wash', 4), stage('condition', 1, 5), stage('rinse', 3), stage('dry', 10, 15)]
const spans = (segments: ReturnType<typeof plannedSegments>) =>
  segments.map(({ stage: name, kind, fromMin, toMin }) => `${name} ${kind} ${fromMin}-${toMin}`)

it('lays stages end to end; conditioner waits after, the cabinet before the hands', () =>
  expect(spans(plannedSegments(STAGES))).toEqual([
    'wash hands 0-4',
    'condition hands 4-5',
    'condition wait 5-10',
    'rinse hands 10-13',
    'dry wait 13-28',
    'dry hands 28-38',
  ]))

it('draws what happened as it happened, and the rest behind now', () => {
  const at = (n: number, min: number, rest: object) =>
    VisitEvent.parse({ id: `00000000-0000-4000-8000-00000000000${n}`, atMs: 1e12 + min * 60_000, by: 'Wren', ...rest })
  const log = [
    at(1, 2, { kind: 'stage-started', stage: 'wash' }),
    at(2, 8, { kind: 'stage-started', stage: 'condition' }),
    at(3, 10, { kind: 'wait-started', stage: 'condition' }),
  ]
  const drawn = visitSegments({ stages: STAGES }, foldVisit(log), 1e12, 1e12 + 12 * 60_000)
  expect(drawn.map(({ state }) => state)).toEqual(['done', 'done', 'now', 'planned', 'planned', 'planned', 'planned'])
  expect(spans(drawn).slice(0, 5)).toEqual([
    'wash hands 2-8',
    'condition hands 8-10',
    'condition wait 10-12',
    'condition wait 12-15',
    'rinse hands 15-18',
  ])
})

it('joins neighbours of one family for a small strip', () =>
  expect(spans(byFamily(plannedSegments(STAGES)))).toEqual([
    'wash hands 0-5',
    'condition wait 5-10',
    'rinse hands 10-13',
    'dry wait 13-28',
    'dry hands 28-38',
  ]))

it('a stage that was put in afterwards stands inside the one it was done in, which is drawn around it', () => {
  const at = (n: number, min: number, rest: object) =>
    VisitEvent.parse({ id: `00000000-0000-4000-8000-00000000000${n}`, atMs: 1e12 + min * 60_000, by: 'Wren', ...rest })
  const visit = foldVisit([
    at(1, 0, { kind: 'stage-started', stage: 'wash' }),
    at(2, 20, { kind: 'stage-started', stage: 'rinse' }),
    at(3, 30, { kind: 'stage-recalled', stage: 'ears', fromMs: 1e12 + 5 * 60_000, toMs: 1e12 + 9 * 60_000 }),
    at(4, 40, { kind: 'finished' }),
  ])
  expect(spans(visitSegments({ stages: STAGES }, visit, 1e12, 1e12))).toEqual([
    'wash hands 0-5',
    'ears hands 5-9',
    'wash hands 9-20',
    'rinse hands 20-40',
  ])
})
