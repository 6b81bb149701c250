import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it, vi } from 'vitest'
import { NO_PATTERN, insightOf, type Average } from '@/core/insight'
import { summed, type Groomed } from '../../../tests/generated/summed'
import { InsightDesk, type Growth } from './InsightDesk'
import { bottomNear } from './Question'

vi.mock('next/navigation', () => ({ useRouter: () => ({}) }))

const groom = (change: Partial<Groomed> = {}): Groomed => ({
  month: '2026-10',
  coat: 'curly',
  pattern: 'Teddy',
  groomer: 'Wren',
  stages: [{ id: 'head', p50: 20 }],
  done: { head: 25 },
  doneMin: 25,
  slotMin: 40,
  promised: { p90: 27, chance: 0.9 },
  repeat: 90,
  worstGrade: null,
  ...change,
})
const words = (
  grooms: readonly Groomed[],
  growth: readonly Growth[] = [],
  { byPattern = [], asked = {} }: { byPattern?: readonly Average[]; asked?: object } = {},
) =>
  renderToStaticMarkup(
    <InsightDesk
      view={{
        insight: insightOf(summed(grooms)),
        asked: { span: 'year', by: null, coat: null, pattern: null, ...asked },
        byPattern,
        people: [{ id: 1, name: 'Wren' }],
        since: '25 November 2025',
        everybodys: true,
        growth: { shown: growth, measured: growth.length, dogs: 24 },
      }}
    />,
  )
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')
const many = (count: number, change: Partial<Groomed> = {}) => Array.from({ length: count }, () => groom(change))
const EMPTY = 'Not enough grooms yet to tell.'

describe('the insight screen', () => {
  it('of a new house says how it fills, and answers nothing', () => {
    expect(words([])).toContain('It fills as grooms are wrapped up.')
    expect(words([]).split(EMPTY)).toHaveLength(1 + 10)
    expect(words(many(2))).not.toContain('takes most')
  })
  it('says what takes most, what runs over, and how often the promise held', () => {
    const told = words([...many(3), ...many(3, { doneMin: 45, done: { head: 45 } })])
    expect(told).toContain('All 6 grooms since 25 November 2025.')
    expect(told).toContain('Scissoring takes most.')
    expect(told).toContain('Head runs 68 % over.') // the geometric mean of 1.25 and 2.25
    expect(told).toContain('Of 6 grooms 50 % stayed within their “nine in ten”.')
  })
  it('answers for the newest month', () =>
    expect(
      words([...many(5, { month: '2026-09', repeat: 60 }), ...many(5, { month: '2026-10', repeat: 88 })]),
    ).toContain('88 of 100 this month.'))
  it('a question nobody has measured for stays open beside those that are answered', () => {
    const told = words(many(8))
    expect(told).toContain('Which coats take longest? A curly coat, 25 min on average.')
    expect(told).toContain(`Do dogs take it easier? ${EMPTY}`)
    expect(told).toContain(`How fast does the coat grow? ${EMPTY}`)
    expect(words(many(8), [{ name: 'Quill', coat: 'curly', mmPerWeek: 3, tableMm: 3 }])).not.toContain(`grow? ${EMPTY}`)
  })
})

describe('by pattern', () => {
  const byPattern = [
    { name: NO_PATTERN, minutes: 200, count: 9 },
    { name: 'Once only', minutes: 190, count: 1 },
    { name: 'Teddy', minutes: 140, count: 6 },
    { name: 'One length', minutes: 100, count: 24 },
  ]
  it('says which takes longest and by how much, and leaves out what is chance', () => {
    const told = words(many(8), [], { byPattern })
    // (200 x 9 + 190 + 140 x 6 + 100 x 24) / 40 grooms = 131 min on average
    expect(told).toContain('Which patterns take longest? Teddy: 140 min over 6 grooms, 9 more than a groom takes.')
    expect(told).toContain('One length')
    const short = byPattern.map((each) => (each.name === NO_PATTERN ? { ...each, minutes: 400, count: 30 } : each))
    expect(words(many(8), [], { byPattern: short })).toContain(
      'Teddy: 140 min over 6 grooms, no more than a groom takes.',
    )
  })
  it('of one coat knows none, and what was asked for stays to be chosen', () => {
    expect(words(many(8), [], { byPattern, asked: { coat: 'curly' } })).not.toContain('Which patterns')
    const inPattern = words(many(8), [], { asked: { pattern: 'Gone by now' } })
    expect(inPattern).toContain('Gone by now')
    expect(inPattern).not.toContain('Which coats')
  })
})

describe('an axis', () => {
  it.each([
    [[97, 100], 80],
    [[100], 90],
    [[41, 90], 30],
    [[4], 0],
    [[], 90],
  ])('of %j out of a hundred begins at %i', (values, bottom) => expect(bottomNear(100, values)).toBe(bottom))
})
