import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newFile } from '@/core/dog'
import { TrailAsked } from '@/core/trail'
import type { Database } from '@/data/connection'
import { fileOf, readDog } from '@/data/dogs'
import { callOffBooking } from '@/service/booking/callOff'
import { moveBooking } from '@/service/booking/moveBooking'
import { changeDogFile } from '@/service/dog/changeDogFile'
import { takeInDog } from '@/service/dog/takeInDog'
import { saveHouse } from '@/service/house/changeHouse'
import { openHouse as readOpenHouse } from '@/service/house/openHouse'
import { addPerson, changePerson, leaveHouse } from '@/service/house/people'
import { setUpHouse } from '@/service/house/setUpHouse'
import { trailView } from '@/service/trail/trailView'
import { NINE, openHouse, type Server } from './house'

const HOUR = 3_600_000
const MON = '2027-03-08'
let server: Server
let database: Database
let ansel = 0
let dogId = 0

const house = (hours = 0) => readOpenHouse(NINE + hours * HOUR)
const trail = async (asked: object = {}) => trailView(TrailAsked.parse(asked), await house())
const told = async (asked: object = {}) =>
  (await trail(asked)).lines.map(({ by, kind, words }) => [by, kind, words].join(': '))
const done = <T>(result: { ok: true; value: T } | { ok: false; problems: object[] }): T => {
  if (!result.ok) throw new Error(JSON.stringify(result.problems))
  return result.value
}

beforeAll(async () => {
  ;({ server, database } = await openHouse('.kovit-test/trail', false))
  done(
    await setUpHouse({ name: 'Slip and Shear', place: 'Quay', timeZone: 'Europe/London', unit: 'mm', works: 'both' }),
  )
  ansel = done(await addPerson({ name: 'Ansel', role: 'groomer', work: {} }, 'the house', NINE)).id
})
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

describe('the trail', () => {
  it('tells who took in, changed, booked, moved and called off, the latest first', async () => {
    const dog = newFile({ name: 'Pip', breed: '', coat: 'drop', build: 'toy', weightKg: 6 })
    const caller = { kind: 'new', name: 'Rua Hale', phone: '01632 960173', place: 'Quay', agreed: {} } as const
    const wish = { sameAsLast: false, tidy: false, request: { pattern: 'teddy' }, coatNowMm: { all: 41 } } as const
    const booking = { day: MON, clock: '10:00', staffId: ansel, ...wish }
    const taken = done(await takeInDog({ caller, dog, booking }, await house(1)))
    dogId = taken.dogId
    const bookingId = taken.booked?.bookingId ?? 0
    const seen = fileOf((await readDog(dogId))!)
    const change = { dogId, file: { ...seen, weightKg: 7 }, by: 'Ansel', seen }
    done(await changeDogFile(change, NINE + 2 * HOUR))
    done(await moveBooking({ bookingId, clock: '11:00', by: 'Ansel', anyway: true }, await house(3)))
    done(await callOffBooking({ bookingId, why: 'ill', by: 'Ansel', as: 'cancelled' }, NINE + 4 * HOUR))
    expect(await told()).toEqual([
      'Ansel: Booking: Cancelled: ill.',
      expect.stringMatching(/^Ansel: Booking: Moved from .* 10:00 to .* 11:00\.$/),
      'Ansel: Dog’s file: weight 6 to 7 kg',
      expect.stringMatching(/^the house: Booking: Booked for .* 10:00/),
      'the house: Taken in: Pip was taken in',
      'the house: Person: Ansel begins as groomer',
    ])
  })
  it('tells of people and of the house', async () => {
    done(await changePerson({ id: ansel, name: 'Ansel Marsh', role: 'bather' }, 'the house', NINE + 5 * HOUR))
    done(await leaveHouse({ id: ansel, left: true }, 'the house', MON, NINE + 6 * HOUR))
    done(await saveHouse({ facts: { place: 'Hill' } }, 'the house', NINE + 7 * HOUR))
    expect((await told()).slice(0, 3)).toEqual([
      'the house: House: Changed: place',
      'the house: Person: Ansel Marsh left',
      'the house: Person: Ansel is called Ansel Marsh now, bather instead of groomer',
    ])
  })
  it('is asked by what, by whom and by day; what cannot be read in an address is left out', async () => {
    expect(await told({ kind: 'taken-in' })).toEqual(['the house: Taken in: Pip was taken in'])
    expect((await trail({ kind: 'dog' })).lines[0]?.about).toEqual({ words: 'Pip', href: `/dogs/${dogId}` })
    expect(await told({ from: '2027-03-03' })).toEqual([])
    expect(await told({ to: '2027-03-01' })).toEqual([])
    const all = await told()
    expect(await told({ from: '2027-03-02', to: '2027-03-02' })).toEqual(all)
    expect(await told({ kind: 'postman', who: 'x', from: 'tomorrow', page: '-1' })).toEqual(all)
  })
  it('names the year of what was done in another one', async () => {
    const whenAt = async (hours: number) => {
      const { lines } = await trailView(TrailAsked.parse({ kind: 'taken-in' }), await house(hours))
      return lines[0]?.when
    }
    expect([await whenAt(0), await whenAt(366 * 24)]).toEqual(['Tuesday 2 March, 10:00', 'Tuesday 2 March 2027, 10:00'])
  })
  it('goes on over pages, and loses none between them', async () => {
    for (let n = 0; n < 60; n++) done(await saveHouse({ facts: { place: `Quay ${n}` } }, 'the house', NINE + 8 * HOUR))
    const [first, second] = [await trail({ kind: 'house' }), await trail({ kind: 'house', page: '2' })]
    expect([first.lines.length, first.more, second.lines.length, second.more]).toEqual([50, true, 11, false])
    expect(new Set([...first.lines, ...second.lines].map(({ id }) => id)).size).toBe(61)
  })
})
