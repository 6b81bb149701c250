import { describe, expect, it } from 'vitest'
import {
  CONSENTS,
  FINDING_KINDS,
  consentTitle,
  consentWords,
  findingWords,
  isOldOrIll,
  openFindings,
  placeWords,
  stopWords,
  type Finding,
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

describe('what an owner signs', () => {
  it.each(CONSENTS)('%s names the dog and says what may happen', (id) => {
    expect(consentTitle(id)).toMatch(/^[A-Z]/)
    const words = consentWords(id, 'Bramble')
    expect(words).toContain('Bramble')
    expect(words).not.toContain('{')
    expect(words.length).toBeGreaterThan(120)
  })
  it('is asked of the owner of a dog of twelve, or one with a bad heart', () => {
    const none = new Set<string>()
    expect([
      isOldOrIll(144, none),
      isOldOrIll(143, none),
      isOldOrIll(null, none),
      isOldOrIll(20, new Set(['heart'])),
    ]).toEqual([true, false, false, true])
  })
})
