import { describe, expect, it } from 'vitest'
import { planRoute, type Ways } from '@/core/van'

/**
 * Fourteen towns, [latitude, longitude] in degrees and minutes. Source: G. Reinelt (1991), TSPLIB, a traveling salesman
 * problem library, ORSA Journal on Computing 3(4), 376 to 384; published optimum 3323, proved anew by an exhaustive
 * search. Entered from memory, not compared digit by digit with the library's file.
 */
// prettier-ignore
const TOWNS: readonly (readonly [number, number])[] = [
  [16.47, 96.10], [16.47, 94.44], [20.09, 92.54], [22.39, 93.37], [25.23, 97.24], [22.00, 96.05], [20.47, 97.02],
  [17.20, 96.29], [16.30, 97.38], [14.05, 98.12], [16.53, 97.38], [21.52, 95.59], [19.41, 97.13], [20.09, 94.55],
]
const OPTIMUM = 3323

/** The library's own rule for its geographical distances: degrees cut, minutes as five thirds, its own pi and radius. */
function apart([lat, lon]: readonly [number, number], [toLat, toLon]: readonly [number, number]): number {
  const radians = (x: number) => (3.141592 * (Math.trunc(x) + (5 * (x - Math.trunc(x))) / 3)) / 180
  const q1 = Math.cos(radians(lon) - radians(toLon))
  const q2 = Math.cos(radians(lat) - radians(toLat))
  const q3 = Math.cos(radians(lat) + radians(toLat))
  return Math.floor(6378.388 * Math.acos(0.5 * ((1 + q1) * q2 - (1 - q1) * q3)) + 1)
}

const between = (a: number, b: number): number =>
  a === b ? 0 : apart(TOWNS[a - 1] as (typeof TOWNS)[0], TOWNS[b - 1] as (typeof TOWNS)[0])
const ways: Ways = (from, to) => ({ driveMin: between(Number(from), Number(to)), km: 0 })
const tour = {
  base: '1',
  departMin: 0,
  stops: TOWNS.slice(1).map((_, at) => ({ id: `${at + 2}`, stayMin: 0, fromMin: 0, untilMin: Infinity, litres: 0 })),
  refills: [],
  tankLitres: 0,
  setUpMin: 0,
  packMin: 0,
  refillMin: 0,
  ways,
}

describe('burma14 (TSPLIB, Reinelt 1991)', () => {
  it('has the distances that were checked by hand', () =>
    expect([between(1, 2), between(1, 3), between(5, 10), between(6, 12)]).toEqual([153, 510, 1261, 19]))
  it('is driven in 3323 by the search that plans a van’s day, and proved', () =>
    expect(planRoute(tour, 14)).toMatchObject({ driveMin: OPTIMUM, boundDriveMin: OPTIMUM, proved: true }))
  it('is driven in no more than a tenth above by the order for many stops, with a bound under it', () => {
    const good = planRoute(tour)
    expect(good?.driveMin).toBeGreaterThanOrEqual(OPTIMUM)
    expect(good?.driveMin).toBeLessThanOrEqual(OPTIMUM * 1.1)
    expect(good?.boundDriveMin).toBeLessThanOrEqual(OPTIMUM)
    expect(good?.proved).toBe(false)
  })
})
