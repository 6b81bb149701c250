import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Database } from '@/data/connection'
import { addStation, readStaff, readStations, retireStation } from '@/data/people'
import { MOST_BYTES, keepPhoto, readPhoto } from '@/service/visit/photos'
import { changePerson } from '@/service/house/people'
import { NINE, bookQuill, openHouse, startVisit, wrenWithId, type Server } from './house'

let server: Server
let database: Database
beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/people')))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

describe('people and stations', () => {
  it('keep what somebody does and when; nothing said is any time', async () => {
    const { id } = await database.models.staff.create({ name: 'Wren', role: 'groomer' })
    expect(await readStaff()).toEqual([wrenWithId(id)])
    const work = { skills: ['clip' as const], hours: { Mon: { from: '08:30', to: '17:00' } } }
    expect(await changePerson({ id, work, version: 1 })).toEqual({ ok: true, value: { version: 2 } })
    expect((await readStaff())[0]).toMatchObject({ work, version: 2 })
    expect(await changePerson({ id, work: {}, version: 1 })).toMatchObject({
      ok: false,
      problems: [{ path: 'version' }],
    })
    expect(await changePerson({ id: 999, work })).toMatchObject({ ok: false, problems: [{ path: 'id' }] })
  })
  it('a station is taken out and put back', async () => {
    await addStation('Window table', 'table')
    const [station] = await readStations()
    expect(station).toMatchObject({ name: 'Window table', kind: 'table' })
    await retireStation(station?.id ?? 0, NINE)
    expect(await readStations()).toEqual([])
    await retireStation(station?.id ?? 0, null)
    expect(await readStations()).toHaveLength(1)
    expect(await retireStation(999, NINE)).toMatchObject({ ok: false })
  })
})

describe('a picture of a finding', () => {
  const ID = '00000000-0000-4000-8000-0000000000aa'
  const JPEG = Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3])
  let visitId: number
  beforeAll(async () => {
    const { bookingId, dogId } = await bookQuill(database)
    visitId = await startVisit(bookingId, dogId)
  })
  it('is kept once, however often it is sent', async () => {
    for (let sent = 0; sent < 2; sent++)
      expect(await keepPhoto(visitId, ID, JPEG, NINE)).toEqual({ ok: true, value: null })
    expect(await readPhoto(ID)).toEqual(JPEG)
    expect(await database.models.photo.count()).toBe(1)
  })
  it.each([
    ['that is no JPEG', Uint8Array.from([0x3c, 0x73, 0x76, 0x67]), 'A picture has to be a JPEG.'],
    [
      'that is too large',
      Uint8Array.from([0xff, 0xd8, 0xff, ...new Uint8Array(MOST_BYTES)]),
      'The picture is larger than 3 MB.',
    ],
  ])('%s is refused with a sentence', async (_, bytes, sentence) =>
    expect(await keepPhoto(visitId, ID.replace('aa', 'bb'), bytes, NINE)).toMatchObject({ problems: [{ sentence }] }),
  )
  it('of a visit that is not there, or under the id of another visit’s, is refused', async () => {
    expect(await keepPhoto(999, ID.replace('aa', 'cc'), JPEG, NINE)).toMatchObject({ ok: false })
    const other = await bookQuill(database)
    const second = await startVisit(other.bookingId, other.dogId)
    expect(await keepPhoto(second, ID, JPEG, NINE)).toMatchObject({ ok: false })
    expect(await readPhoto(ID.replace('aa', 'dd'))).toBeNull()
  })
})
