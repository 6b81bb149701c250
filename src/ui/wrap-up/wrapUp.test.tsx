import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { makePlan } from '@/core/plan'
import { VisitEvent, apart, cutCard, foldVisit, outcomes, type Visit } from '@/core/visit'
import type { StageId } from '@/core/stages'
import { repeatScore } from '@/core/repeat'
import { visitSegments, plannedSegments } from '@/core/strip'
import { CutAgainstPlan } from './CutAgainstPlan'
import { Score } from './Score'
import { StageMinutes } from './StageMinutes'
import { TwoTapes } from './TwoTapes'
import { QUILL } from '../../../tests/cases'

const NINE = Date.UTC(2027, 2, 2, 9)
const MIN = 60_000
const PLAN = makePlan(QUILL)
const DOG = { name: 'Quill', build: 'square', coat: 'curly', heightCm: 52, lengthCm: 52 } as const
const words = (html: string) =>
  html
    .replace(/<[^>]+>/g, ' ')
    .replace(/&#x27;/g, '’')
    .replace(/\s+/g, ' ')

/** A groom in which every stage took its planned minutes, but for some; a stage of 0 min was never done. */
function groomed(minutesOf: Partial<Record<StageId, number>> = {}, also: object[] = []): Visit {
  let atMs = NINE
  let n = 0
  const event = (rest: object) =>
    VisitEvent.parse({ id: `00000000-0000-4000-8000-${String(++n).padStart(12, '0')}`, atMs, by: 'Wren', ...rest })
  const log: VisitEvent[] = []
  for (const { id, p50 } of PLAN.stages) {
    const took = minutesOf[id] ?? p50
    if (took === 0) continue
    log.push(event({ kind: 'stage-started', stage: id }))
    if (id === 'head') log.push(...also.map(event))
    atMs += took * MIN
  }
  return foldVisit([...log, event({ kind: 'finished' })])
}
const minutesOf = (visit: Visit) =>
  visit.stages.map(({ stage, startMs, endMs }) => ({
    stage,
    handsMin: ((endMs ?? startMs) - startMs) / MIN,
    waitMin: 0,
  }))

describe('stage by stage', () => {
  const table = (visit: Visit, skipped: { stage: StageId; why: string }[] = []) =>
    renderToStaticMarkup(<StageMinutes plan={PLAN} minutes={minutesOf(visit)} skipped={skipped} />)
  const rowOf = (html: string, label: string) =>
    words(html.split('<tr').find((row) => words(row).includes(` ${label} `)) ?? '')
  const head = PLAN.stages.find(({ id }) => id === 'head')?.p50 ?? 0

  it('names planned and done minutes, and what lies between', () => {
    const row = rowOf(table(groomed({ head: head + 6 })), 'Head')
    expect(row).toContain(head.toFixed(1))
    expect(row).toContain((head + 6).toFixed(1))
    expect(row).toContain('+6.0')
  })
  it('a stage that nobody did is not nought minutes: it is named, left out or forgotten', () => {
    const visit = groomed({ head: 0 })
    expect(rowOf(table(visit), 'Head')).toContain('not done')
    expect(rowOf(table(visit, [{ stage: 'head', why: 'No time.' }]), 'Head')).toContain('left out')
  })
  it('has every stage of the plan once', () =>
    expect(table(groomed()).match(/<tr/g)).toHaveLength(PLAN.stages.length + 2))
})

describe('two tapes', () => {
  const tapes = (visit: Visit) =>
    renderToStaticMarkup(
      <TwoTapes
        name="Quill"
        planned={plannedSegments(PLAN.stages)}
        done={visitSegments(PLAN, visit, NINE, visit.finishedMs ?? NINE)}
        slotMin={240}
      />,
    )
  it('join what was planned and done, and tell the minutes of a stage that ran away', () => {
    const legs = PLAN.stages.find(({ id }) => id === 'legs')?.p50 ?? 0
    expect(tapes(groomed({ legs: legs + 9 }))).toContain('>+9<')
    expect(tapes(groomed())).not.toMatch(/>\+\d/)
  })
  it('draw no thread to a stage that was not done', () => {
    const threads = (html: string) => html.split('C').length
    expect(threads(tapes(groomed({ head: 0 })))).toBeLessThan(threads(tapes(groomed())))
  })
})

describe('how it came out', () => {
  const outcome = (visit: Visit) => outcomes({ case: QUILL, plan: PLAN }, visit)
  const score = (visit: Visit) => repeatScore(PLAN.card, cutCard(outcome(visit)))
  const skull = PLAN.card.find(({ zone }) => zone === 'skull')
  const shorter = {
    kind: 'zone-cut',
    cut: {
      zone: 'skull',
      side: null,
      method: 'scissor',
      blade: null,
      comb: null,
      lay: null,
      lengthMm: (skull?.lengthMm ?? 0) / 2,
    },
  }
  const shown = (visit: Visit) =>
    words(renderToStaticMarkup(<CutAgainstPlan dog={DOG} card={PLAN.card} results={outcome(visit)} unit="mm" />))

  it('all as planned is said, and scores a hundred', () => {
    expect(shown(groomed())).toContain(`All ${PLAN.card.length} zones were cut as planned.`)
    expect(score(groomed())).toBe(100)
  })
  it('a zone cut shorter is pointed at with what was planned, and costs points', () => {
    const visit = groomed({}, [shorter])
    expect(shown(visit)).toContain(`Tinted: 1 of ${PLAN.card.length} zones differ`)
    expect(shown(visit)).toContain(`planned ${skull?.lengthMm}`)
    expect(score(visit)).toBeLessThan(100)
  })
  it('a stage that never came leaves its zones as they were, and says so', () =>
    expect(shown(groomed({ tail: 0 }))).toContain('not reached'))

  const told = (minutes: Partial<Record<StageId, number>>) =>
    words(
      renderToStaticMarkup(
        <Score apart={apart(PLAN.stages, groomed(minutes), null, NINE)} toCard={97} toLast={null} />,
      ),
    )
  it('tells the day from the estimate: one long stage is no slow day, all of them are', () => {
    const slow = Object.fromEntries(PLAN.stages.map(({ id, p50 }) => [id, p50 * 1.25]))
    expect(told({})).toContain('97 of 100 to the card. The minutes came as planned.')
    expect(told(slow)).toMatch(/min more by the day, which went (1\d|2\d) % slower/)
    const byDay = (text: string) => Number(/(\d+) min more by the day/.exec(text)?.[1] ?? 0)
    expect(byDay(told({ head: 60 }))).toBeLessThan(20)
    expect(byDay(told(slow))).toBeGreaterThan(25)
  })
})
