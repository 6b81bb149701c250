import { describe, expect, it } from 'vitest'
import { Case, makePlan, planChanges } from '.'

const QUILL = Case.parse({
  kovit: 'case/1',
  date: '2027-03-02',
  dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 19, ageMonths: 48 },
  coatNowMm: { all: 38 },
  request: { pattern: 'one-length' },
  setting: 'salon',
  slotMin: 240,
})
const changes = (dog: object, rest: object = {}) =>
  planChanges(makePlan(QUILL), makePlan({ ...QUILL, ...rest, dog: { ...QUILL.dog, ...dog } }))

describe('what a change of the dog means for its plan', () => {
  it('is nothing where the plan stays', () => expect(changes({ name: 'Quilla' })).toEqual([]))
  it('says the minutes and the slot of a heavier dog', () => {
    const said = changes({ weightKg: 30 })
    expect(said[0]).toMatch(/^It takes \d+ min longer: \d+ min\.$/)
    expect(said[1]).toMatch(/^The slot that holds is \d+ min, not \d+\.$/)
  })
  it('says a referral and a caution that are new, and where the hand is', () => {
    const said = changes({}, { health: [{ kind: 'sore', zone: 'thigh', side: 'left' }] })
    expect(said.join('\n')).toContain('Vet, new: An open sore at the left thigh')
    expect(changes({ ageMonths: 150 }).join('\n')).toMatch(/Mind, new, at .+: .+/)
  })
  it('says which lengths change, four by name and the rest by number', () => {
    const said = changes({}, { request: { pattern: 'one-length', lengthsMm: { body: 6.3 } } })
    expect(said.find((line) => line.startsWith('The card:'))).toMatch(/to 6\.3 mm by clip.* and \d+ more\.$/)
  })
})
