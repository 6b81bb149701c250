import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { Case, makePlan } from '@/core/plan'
import { VisitEvent, foldVisit, forecast } from '@/core/visit'
import { FULL_KIT } from '@/core/lengths'
import { Score } from '../wrap-up/Score'
import { CatchUpRow } from './CatchUpRow'
import { Facial } from './Facial'
import { FreeHands } from './FreeHands'
import { Measured } from './Measured'
import type { BenchView } from './props'

const NINE = Date.UTC(2027, 2, 2, 9)
const MIN = 60_000
const words = (html: string) =>
  html
    .replace(/<[^>]+>/g, ' ')
    .replace(/&#x27;/g, '’')
    .replace(/\s+/g, ' ')
const plannedCase = Case.parse({
  kovit: 'case/1',
  date: '2027-03-02',
  dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 19 },
  coatNowMm: { all: 60 },
  request: { pattern: 'one-length' },
  setting: 'salon',
  slotMin: 240,
})
const plan = makePlan(plannedCase)
const event = (n: number, min: number, rest: object) =>
  VisitEvent.parse({ id: `00000000-0000-4000-8000-00000000000${n}`, atMs: NINE + min * MIN, by: 'Wren', ...rest })
const begun = event(1, 0, { kind: 'stage-started', stage: 'arrive' })

/** The row as it stands when the slot ends so many minutes after what is likely. */
function row(spareMin: number, more: VisitEvent[] = []): string {
  const visit = foldVisit([begun, ...more])
  const nowMs = NINE + 3 * MIN
  const { likelyMs } = forecast(plan.stages, visit, NINE, nowMs)
  const slotEndMs = likelyMs + spareMin * MIN
  const ahead = forecast(plan.stages, visit, slotEndMs, nowMs)
  const bench: BenchView = {
    houseKey: 'house',
    visitId: 1,
    bookingId: 1,
    dog: { name: 'Quill', build: 'square', coat: 'curly' },
    groomer: 'Wren',
    groomerId: 1,
    hands: null,
    plan,
    plannedCase,
    kit: FULL_KIT,
    asked: '',
    startLog: [],
    startNo: 0,
    startUnread: 0,
    closed: false,
    slotStartMs: NINE,
    slotMin: 240,
    nowMs,
    timeZone: 'UTC',
    unit: 'mm',
    others: [],
    past: [],
    consents: [],
    ownCautions: [],
    lastKg: 19,
    lastGrades: {},
    lastWorked: {},
    bathAims: [],
  }
  return words(
    renderToStaticMarkup(<CatchUpRow {...bench} visit={visit} ahead={ahead} slotEndMs={slotEndMs} add={() => {}} />),
  )
}

describe('catching up', () => {
  it('is quiet while the slot holds', () => expect(row(90)).toBe(''))
  it('says how much is to be won, what wins it and what it costs, and offers a word to the owner only when late', () => {
    expect(row(4)).toMatch(/min to win for a slot that holds at 85 %/)
    expect(row(4)).toMatch(/wins \d+ min/)
    expect(row(4)).not.toContain('Tell the owner')
    expect(row(-10)).toContain('Tell the owner')
  })
  it('never offers safety, drying or the step-back', () =>
    expect(row(-60)).not.toMatch(/dry|step back|look over|pads|nails/i))
  it('names what was taken, and keeps the word to the owner', () => {
    const taken = event(2, 1, { kind: 'caught-up', option: 'no-bow' })
    expect(row(-10, [taken])).toContain('Taken: leave out the bow.')
    expect(row(90, [taken])).toBe(' Caught up: leave out the bow. ')
    const told = event(3, 2, { kind: 'owner-told', words: 'Quill will be ready at about 13:20.' })
    expect(row(-10, [told])).toContain('nobody sends it but you')
  })
})

describe('a wait', () => {
  const free = (waits: 'condition' | 'dry', leftMin: number, says: string | null = null) =>
    words(
      renderToStaticMarkup(
        <FreeHands waits={waits} leftMin={leftMin} toCome={plan.stages} says={says} add={() => {}} onNote={() => {}} />,
      ),
    )
  it('offers what fits into it on a dog in the tub, and nothing on one in the cabinet', () => {
    expect(free('condition', 60)).toMatch(/It fits: .*Nails, \d min/)
    expect(free('condition', 0.2)).toContain('Nothing of this dog fits into it.')
    expect(free('dry', 15)).not.toMatch(/Nails|Ears/)
    expect(free('dry', 15)).toContain('See to another dog')
    expect(free('dry', 15, 'By the day’s plan you have Otis’s head now.')).toContain('you have Otis’s head now')
  })
})

describe('a facial', () => {
  const facial = (stage: 'wash' | 'rinse' | 'dry', log: VisitEvent[], nowMin: number) =>
    words(
      renderToStaticMarkup(
        <Facial name="Quill" stage={stage} visit={foldVisit(log)} nowMs={NINE + nowMin * MIN} add={() => {}} />,
      ),
    )
  const on = event(2, 10, { kind: 'facial-on' })
  it('is put on at the wash with one tap, and counts down to when it may come off', () => {
    expect(facial('wash', [begun], 10)).toContain('Facial is on, 5 min')
    expect(facial('rinse', [begun], 10)).toBe('')
    expect(facial('wash', [begun, on], 12)).toMatch(/Quill facial works 3:00/)
    expect(facial('rinse', [begun, on], 16)).toMatch(/\+1:00/)
    expect(facial('dry', [begun, on], 20)).toBe('')
  })
})

describe('what the hand measured', () => {
  it('is listed with what the plan made of it', () => {
    const visit = foldVisit([
      event(2, 1, { kind: 'measured', zone: 'back', lengthMm: 9 }),
      event(3, 1, { kind: 'matted', zone: 'thigh', grade: 2 }),
    ])
    const after = makePlan({ ...plannedCase, coatNowMm: { all: 60, back: 9 }, mats: { thigh: 2 } })
    const text = words(renderToStaticMarkup(<Measured visit={visit} begun={plan} plan={after} unit="mm" />))
    expect(text).toContain('back 9')
    expect(text).toContain('thigh 2')
    expect(text).toMatch(/Now planned: .*back/)
    expect(text).toMatch(/\d+ min more\./)
  })
})

describe('the score', () => {
  const score = (totalMin: number, dayMin: number) =>
    words(
      renderToStaticMarkup(
        <Score
          apart={{ totalMin, dayMin, stagesMin: totalMin - dayMin, dayFactor: 1 + dayMin / 100 }}
          toCard={96}
          toLast={null}
        />,
      ),
    )
  it('tells the day from the estimate, and small differences are none', () => {
    expect(score(14, 9)).toContain(
      '14 min more than planned: 9 min more by the day, which went 9 % slower; 5 min more by the estimate',
    )
    expect(score(1, 0)).toContain('The minutes came as planned.')
    expect(score(1, 0)).toContain('96 of 100')
  })
})
