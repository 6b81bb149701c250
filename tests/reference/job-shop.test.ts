import { describe, expect, it } from 'vitest'
import { FT06, FT06_EFFORT, FT10, FT10_EFFORT, LA01, LA01_EFFORT, solved } from './shops'

describe('the search that plans dogs, in a machine shop', () => {
  it('proves FT06 at 55', () => expect(solved(FT06, FT06_EFFORT)).toMatchObject({ boundMin: 55, proved: true }))
  it('proves LA01 at 666', () => expect(solved(LA01, LA01_EFFORT)).toMatchObject({ boundMin: 666, proved: true }))
  it.each([1, 2, 3, 4])('comes within two of a hundred of FT10’s 930, and never below: seed %i', (seed) => {
    const { score } = solved(FT10, FT10_EFFORT, seed)
    expect(score[0]).toBeGreaterThanOrEqual(930)
    expect(score[0]).toBeLessThanOrEqual(930 * 1.02)
  })
})
