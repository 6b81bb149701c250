import { describe, expect, it } from 'vitest'
import { Case } from '../plan'
import { mindFirst } from '.'

const known = (rest: object = {}, dog: object = {}): Case =>
  Case.parse({
    kovit: 'case/1',
    date: '2026-11-25',
    dog: { name: 'Puffin', coat: 'drop', build: 'toy', weightKg: 6, visits: 10, ageMonths: 48, neutered: true, ...dog },
    coatNowMm: { all: 30 },
    request: { pattern: 'teddy' },
    setting: 'salon',
    slotMin: 120,
    ...rest,
  })
const stages = (input: Case) => [...new Set(mindFirst(input).map(({ stage }) => stage))]

describe('what to mind before a dog comes', () => {
  it('is nothing of a dog that is known, calm, well and combed: every dog’s cautions wait for the bench', () =>
    expect(mindFirst(known())).toEqual([]))
  it('of one that minds the dryer is said at the dryer', () =>
    expect(stages(known({ behaviour: { dryer: 3 } }))).toContain('dry'))
  it('of an old one and a young one is said as well', () => {
    expect(mindFirst(known({}, { ageMonths: 150 })).length).toBeGreaterThan(0)
    expect(mindFirst(known({}, { ageMonths: 6, visits: 0 })).map(({ id }) => id)).toContain('puppy-first')
  })
})
