import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Plan } from '.'
import type { ZoneId } from '../zones'
import { at, plan } from '../../../tests/cases'

const flared = (coatNowMm: Record<string, number>, request: object = {}): Plan =>
  plan({ coatNowMm, request: { pattern: 'fusion-flare', ...request } })
const HIND: readonly ZoneId[] = ['thigh', 'stifle', 'hock', 'leg-inside']

describe('a flared leg is bounded by its foot', () => {
  it('on a long coat the pattern stands: foot 40, top 12, which is 40 less a flare of 28', () => {
    const made = flared({ all: 60 })
    expect(['hindfoot', 'thigh', 'stifle', 'hock'].map((zone) => at(made, zone as ZoneId).lengthMm)).toEqual([
      40, 12, 20, 35,
    ])
  })
  it('a foot of 18 mm gets a smaller flare of the same shape, and the card says why', () => {
    const made = flared({ all: 60, feet: 18 })
    expect(['hindfoot', 'thigh', 'stifle', 'hock'].map((zone) => at(made, zone as ZoneId).lengthMm)).toEqual([
      18, 5.4, 9, 15.7,
    ])
    expect(at(made, 'hock').why).toContain('The foot has 18 mm: a flared leg is no longer than that allows.')
  })
  it('with 34 mm on the foot the top is 34 less the flare of 28, 6 mm', () =>
    expect(at(flared({ all: 60, feet: 34 }), 'thigh').lengthMm).toBe(6))
  it('a hock asked longer than the foot is cut to the foot', () =>
    expect(at(flared({ all: 90 }, { lengthsMm: { hock: 80 } }), 'hock').lengthMm).toBe(40))
  it('no zone of the leg is longer than the foot, and its top leaves the flare, on any coat', () =>
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 90 }), fc.integer({ min: 4, max: 90 }), (bodyMm, footMm) => {
        const made = flared({ all: bodyMm, feet: footMm })
        const foot = at(made, 'hindfoot').lengthMm
        for (const zone of HIND) expect(at(made, zone).lengthMm).toBeLessThanOrEqual(foot)
        expect(at(made, 'foreleg').lengthMm).toBeLessThanOrEqual(at(made, 'forefoot').lengthMm)
        if (foot - 28 >= 3) expect(at(made, 'thigh').lengthMm).toBeLessThanOrEqual(foot - 28)
      }),
    ))
})
