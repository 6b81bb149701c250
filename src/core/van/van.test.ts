import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { planRoute, straightKm, waysBySpot, waysByTable, type PlannedRoute, type Stop, type VanDay, type Ways } from '.'

const door = (id: string, rest: Partial<Stop> = {}): Stop => ({
  id,
  stayMin: 60,
  fromMin: 0,
  untilMin: 24 * 60,
  litres: 40,
  ...rest,
})
/** Doors on a line, so many minutes from the base. */
const onALine =
  (at: Record<string, number>): Ways =>
  (from, to) => {
    const driveMin = Math.abs((at[from] ?? 0) - (at[to] ?? 0))
    return { driveMin, km: driveMin / 2 }
  }
const van = (stops: Stop[], rest: Partial<VanDay> = {}): VanDay => ({
  base: 'base',
  departMin: 480,
  stops,
  refills: [],
  tankLitres: 200,
  setUpMin: 6,
  packMin: 5,
  refillMin: 12,
  ways: onALine({ a: 10, b: 20, c: 30 }),
  ...rest,
})
const order = (route: PlannedRoute | null) => route?.stops.map(({ id }) => id).join(' ')

describe('ways', () => {
  it('go by the great circle on an earth of 6 371 km: a degree of latitude is 111.19 km, half round it 20 015', () => {
    expect(straightKm({ lat: 50, lon: 8 }, { lat: 51, lon: 8 })).toBeCloseTo((Math.PI * 6371) / 180, 6)
    expect(straightKm({ lat: 0, lon: 0 }, { lat: 0, lon: 180 })).toBeCloseTo(Math.PI * 6371, 6)
  })
  it('are longer than the straight line, by the roads, and told to a tenth of a minute', () => {
    const spots = new Map([
      ['base', { lat: 50, lon: 8 }],
      ['a', { lat: 50.05, lon: 8 }],
    ])
    expect(waysBySpot(spots)('base', 'a')).toEqual({ km: 7.5, driveMin: 14.1 })
    expect(waysBySpot(spots, { roadFactor: 1, speedKmh: 60 })('base', 'a').driveMin).toBe(5.6)
  })
  it('by a table hold in both directions where only one is given', () => {
    const ways = waysByTable({ base: { a: 12 } }, 30)
    expect([ways('base', 'a'), ways('a', 'base'), ways('a', 'a')]).toEqual([
      { driveMin: 12, km: 6 },
      { driveMin: 12, km: 6 },
      { driveMin: 0, km: 0 },
    ])
  })
})

describe('a day of stops', () => {
  it('parks, sets up, grooms, packs and drives on; the way home counts', () => {
    const route = planRoute(van([door('a', { untilMin: 570 }), door('b')]))
    expect(order(route)).toBe('a b')
    expect(route?.stops[0]).toMatchObject({
      arriveMin: 490,
      beginMin: 496,
      doneMin: 556,
      leaveMin: 561,
      driveMin: 10,
      km: 5,
    })
    expect(route).toMatchObject({ driveMin: 40, homeMin: 561 + 10 + 6 + 60 + 5 + 20, broken: 0, proved: true })
  })
  it('waits for who is not in yet, and keeps a promise before it saves a way', () => {
    const early = planRoute(van([door('a'), door('c', { untilMin: 590 })]))
    expect(order(early)).toBe('c a')
    expect(early).toMatchObject({ broken: 0, driveMin: 60 })
    expect(planRoute(van([door('a', { fromMin: 600 })]))?.stops[0]).toMatchObject({ arriveMin: 490, beginMin: 600 })
  })
  it('says how many promises it breaks and by how much, where none can be kept', () => {
    const route = planRoute(van([door('a', { untilMin: 540 }), door('b', { untilMin: 540 })]))
    expect(route).toMatchObject({ broken: 2, lateMin: 16 + 97 })
  })
  it('goes on from where it is', () =>
    expect(planRoute(van([door('a'), door('c')], { at: 'c', departMin: 600 }))).toMatchObject({ driveMin: 30 }))
})

describe('water', () => {
  const dry = { stops: ['a', 'b', 'c'].map((id) => door(id, { litres: 90 })) }
  it('is filled where it costs least, never later than the bath needs it', () => {
    const ways = onALine({ a: 10, b: 20, c: 30, quay: 21 })
    const route = planRoute(van(dry.stops, { ways, refills: ['quay'] }))
    const filled = route?.stops.filter(({ refillBefore }) => refillBefore !== null)
    expect(filled).toMatchObject([{ refillBefore: 'quay' }])
    expect(route?.driveMin).toBe(60)
  })
  it('a bath that no tank can rinse has no route', () =>
    expect(planRoute(van([door('a', { litres: 201 })]))).toBeNull())
  it('what is left from before is reckoned with', () => {
    const route = planRoute(van([door('a')], { litres: 10, ways: onALine({ a: 10, quay: 4 }), refills: ['quay'] }))
    expect(route?.stops[0]).toMatchObject({ refillBefore: 'base', tankAfterLitres: 160 })
  })
})

/** Days of a few doors and one place for water, all ways of their own. */
const someVan = (most: number) =>
  fc
    .record({
      doors: fc.array(
        fc.record({
          stayMin: fc.integer({ min: 20, max: 120 }),
          fromMin: fc.integer({ min: 480, max: 800 }),
          room: fc.integer({ min: 60, max: 500 }),
          litres: fc.integer({ min: 20, max: 120 }),
        }),
        { minLength: 1, maxLength: most },
      ),
      xy: fc.array(fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 })), {
        minLength: most + 2,
        maxLength: most + 2,
      }),
    })
    .map(({ doors, xy }) => {
      const places = ['base', 'quay', ...doors.map((_, at) => `d${at}`)]
      const ways: Ways = (from, to) => {
        const [a, b] = [xy[places.indexOf(from)] as [number, number], xy[places.indexOf(to)] as [number, number]]
        // Up, or by a water point on the way it would now and then be a tenth nearer than by the straight line.
        const driveMin = Math.ceil(Math.hypot(a[0] - b[0], a[1] - b[1]) * 10) / 10
        return { driveMin, km: driveMin }
      }
      const stops = doors.map(({ room, ...rest }, at) => door(`d${at}`, { ...rest, untilMin: rest.fromMin + room }))
      return van(stops, { ways, refills: ['quay'] })
    })

/** Every order and every choice of water, one by one: written apart from the planner. */
function byForce(day: VanDay): number[] | null {
  let best: number[] | null = null
  const better = (a: number[], b: number[]) => {
    const at = a.findIndex((value, index) => Math.abs(value - (b[index] as number)) > 1e-6)
    return at >= 0 && (a[at] as number) < (b[at] as number)
  }
  const go = (here: string, left: Stop[], clock: number, tank: number, score: [number, number, number]) => {
    const [broken, late, drive] = score
    if (left.length === 0) {
      const { driveMin } = day.ways(here, day.base)
      const all = [broken, late, drive + driveMin, clock + Math.ceil(driveMin)]
      if (best === null || better(all, best)) best = all
      return
    }
    for (const stop of left)
      for (const water of [null, day.base, ...day.refills]) {
        const legs =
          water === null
            ? [[here, stop.id]]
            : [
                [here, water],
                [water, stop.id],
              ]
        const minutes = legs.map(([from, to]) => day.ways(from as string, to as string).driveMin)
        const held = water === null ? tank : day.tankLitres
        if (held < stop.litres) continue
        const arrive =
          clock + minutes.reduce((sum, min) => sum + Math.ceil(min), 0) + (water === null ? 0 : day.refillMin)
        const done = Math.max(arrive + day.setUpMin, stop.fromMin) + stop.stayMin
        const over = Math.max(0, done - stop.untilMin)
        const driven = drive + minutes.reduce((sum, min) => sum + min, 0)
        const next = left.filter((each) => each !== stop)
        go(stop.id, next, done + day.packMin, held - stop.litres, [broken + (over > 0 ? 1 : 0), late + over, driven])
      }
  }
  go('base', [...day.stops], day.departMin, day.tankLitres, [0, 0, 0])
  return best
}

describe('against all orders', () => {
  it('200 small days are planned as well as by trying every order and every filling', () => {
    fc.assert(
      fc.property(someVan(4), (day) => {
        const route = planRoute(day)
        const best = byForce(day) as number[]
        expect([route?.broken, route?.lateMin, route?.homeMin]).toEqual([best[0], best[1], best[3]])
        expect(route?.driveMin).toBeCloseTo(best[2] as number, 1)
      }),
      { seed: 19, numRuns: 200 },
    )
  })
  it('too many stops for that are put in a good order: never better than the best, never under the bound, the tank never under nothing', () => {
    fc.assert(
      fc.property(someVan(7), (day) => {
        const [best, good] = [planRoute(day), planRoute(day, 0)]
        expect(good?.proved).toBe(false)
        expect((good?.broken ?? 0) >= (best?.broken ?? 0)).toBe(true)
        for (const route of [best, good]) {
          expect(route?.driveMin).toBeGreaterThanOrEqual((good?.boundDriveMin ?? 0) - 1e-6)
          for (const { tankAfterLitres } of route?.stops ?? []) expect(tankAfterLitres).toBeGreaterThanOrEqual(0)
        }
      }),
      { seed: 19, numRuns: 60 },
    )
  })
  it('a day without stops stays at home', () =>
    expect(planRoute(van([]))).toMatchObject({ stops: [], driveMin: 0, homeMin: 480, proved: true, boundDriveMin: 0 }))
})
