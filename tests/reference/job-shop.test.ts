import { describe, expect, it } from 'vitest'
import { FT06, FT10, FT10_STEPS, LA01, solved } from './shops'

describe('the search that plans dogs, in a machine shop', () => {
  it('proves FT06 at 55', () => expect(solved(FT06, 5000, 5000)).toMatchObject({ boundMin: 55, proved: true }))
  it('proves LA01 at 666', () => expect(solved(LA01, 60_000, 1000)).toMatchObject({ boundMin: 666, proved: true }))
  it('comes within two of a hundred of FT10’s 930, and never below', () => {
    const { score } = solved(FT10, FT10_STEPS, 0)
    expect(score[0]).toBeGreaterThanOrEqual(930)
    expect(score[0]).toBeLessThanOrEqual(930 * 1.02)
  })
})
