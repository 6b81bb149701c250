import { describe, expect, it } from 'vitest'
import {
  FINDING_KINDS,
  factsAfter,
  findingWords,
  openFindings,
  placeWords,
  referWords,
  refers,
  stopWords,
  type Finding,
  type HealthKind,
} from '.'

const finding = (change: Partial<Finding>): Finding => ({
  kind: 'lump',
  zone: 'side',
  side: 'left',
  sizeMm: 8,
  status: 'new',
  words: '',
  ...change,
})

describe('what hands find', () => {
  it('a lump stops when it is new or has changed, not when it is the same, and never once it is gone', () => {
    const stops = (['new', 'same', 'changed', 'gone'] as const).map((status) => stopWords(finding({ status })) !== null)
    expect(stops).toEqual([true, false, true, false])
  })
  it.each(['sore', 'hot-spot', 'ear-smell', 'ear-discharge', 'limp', 'breathing'] as const)(
    '%s asks for the vet',
    (kind) => expect(stopWords(finding({ kind }))).toMatch(/vet/i),
  )
  it.each(['skin-red', 'crust', 'stitches', 'other'] as const)('%s is kept in mind', (kind) =>
    expect(stopWords(finding({ kind }))).toBeNull(),
  )
  it('no sentence names an illness or calls anything safe', () => {
    for (const kind of FINDING_KINDS)
      expect(stopWords(finding({ kind })) ?? '').not.toMatch(/\bsafe|\binfect|tumou?r|cancer|mange|disease/i)
  })
  it('is said with its place', () => {
    expect(`${findingWords('hot-spot')}, ${placeWords({ zone: 'thigh', side: 'left' })}`).toBe('Hot spot, left thigh')
    expect(placeWords({ zone: 'belly', side: null })).toBe('belly')
  })
  it('stays open over the visits until it is gone; each side is a place of its own', () => {
    const row = [
      finding({}),
      finding({ side: 'right' }),
      finding({ status: 'changed', sizeMm: 11 }),
      finding({ side: 'right', status: 'gone' }),
    ]
    expect(openFindings(row).map(({ side, sizeMm }) => [side, sizeMm])).toEqual([['left', 11]])
  })
})

describe('stop and refer', () => {
  const KINDS: HealthKind[] = [
    'sore',
    'hot-spot',
    'ear-smell',
    'ear-discharge',
    'lump-new',
    'lump-changed',
    'limp',
    'breathing',
  ]
  it.each(KINDS)('%s goes to the vet, with what to do', (kind) => {
    expect(refers({ kind })).toBe(true)
    expect(referWords({ kind })).toMatch(/vet/)
  })
  it.each(['heart', 'deaf', 'in-season', 'allergy', 'stitches'] as const)('%s is a standing fact', (kind) =>
    expect(refers({ kind })).toBe(false),
  )
  it('names the place of the finding, and its side where it has one', () => {
    expect(referWords({ kind: 'hot-spot', zone: 'thigh', side: 'left' })).toBe(
      'A hot spot at the left thigh: leave it alone, note it, tell the owner, vet.',
    )
    expect(referWords({ kind: 'ear-discharge', zone: 'ear-canal' })).toMatch(/^An ear that runs at the ear canal: no /)
  })
})

describe('what stands once more is known', () => {
  const ear = finding({ kind: 'ear-discharge', zone: 'ear-out', sizeMm: null })
  it('a finding joins what was known, and its last word counts', () => {
    const facts = factsAfter([{ kind: 'heart' }], [ear, { ...ear, words: 'worse' }])
    expect(facts.map(({ kind, words }) => [kind, words])).toEqual([
      ['heart', undefined],
      ['ear-discharge', 'worse'],
    ])
  })
  it('gone ends it, whichever side it was noted on before; the other side stays', () => {
    const gone = { ...ear, status: 'gone' as const }
    expect(factsAfter([{ kind: 'ear-discharge', zone: 'ear-out' }], [gone])).toEqual([])
    expect(factsAfter([{ kind: 'ear-discharge', zone: 'ear-out', side: 'right' }], [gone])).toHaveLength(1)
  })
  it('a new lump that is the same at the next visit asks for nothing any more', () => {
    const [lump] = factsAfter([{ kind: 'lump-new', zone: 'side', side: 'left' }], [finding({ status: 'same' })])
    expect(lump && refers(lump)).toBe(false)
  })
})
