import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Database } from '@/data/connection'
import { addStation, readStaff, readStations, retireStation } from '@/data/people'
import { keepPhoto, readPhotoOfVisit as readPhoto } from '@/service/visit/photos'
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
    expect(await changePerson({ id, work, version: 1 }, 'Wren')).toEqual({ ok: true, value: { version: 2 } })
    expect((await readStaff())[0]).toMatchObject({ work, version: 2 })
    expect(await changePerson({ id, work: {}, version: 1 }, 'Wren')).toMatchObject({
      ok: false,
      problems: [{ path: 'version' }],
    })
    expect(await changePerson({ id: 999, work }, 'Wren')).toMatchObject({ ok: false, problems: [{ path: 'id' }] })
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

/** A small file that says that it is 8 000 px by 7 000 px. */
const huge = () =>
  sharp({ create: { width: 8_000, height: 7_000, channels: 3, background: '#fff' } })
    .jpeg()
    .toBuffer()

describe('a picture of a finding', () => {
  const ID = '00000000-0000-4000-8000-0000000000aa'
  const drawn = sharp({ create: { width: 40, height: 20, channels: 3, background: '#7a5' } })
  let jpeg: Buffer
  let visitId: number
  beforeAll(async () => {
    const { bookingId, dogId } = await bookQuill(database)
    visitId = await startVisit(bookingId, dogId)
    const place = { IFD0: { Make: 'a camera' }, IFD3: { GPSLatitude: '53/1 20/1 0/1' } }
    jpeg = await drawn.clone().withMetadata({ orientation: 6 }).withExifMerge(place).jpeg().toBuffer()
  })
  it('is kept once, however often it is sent', async () => {
    for (let sent = 0; sent < 2; sent++)
      expect(await keepPhoto(visitId, ID, jpeg, NINE)).toEqual({ ok: true, value: null })
    expect(await database.models.photo.count()).toBe(1)
  })
  it('is drawn anew: upright, and without its place, its camera or what hangs behind it', async () => {
    expect(await sharp(jpeg).metadata()).toMatchObject({ orientation: 6 })
    const id = ID.replace('aa', 'ab')
    const sent = Buffer.concat([jpeg, Buffer.from('<script>something else</script>')])
    expect((await keepPhoto(visitId, id, sent, NINE)).ok).toBe(true)
    const kept = Buffer.from((await readPhoto(visitId, id)) ?? [])
    const { format, width, height, exif, orientation } = await sharp(kept).metadata()
    expect({ format, width, height, exif, orientation }).toEqual({ format: 'jpeg', width: 20, height: 40 })
    for (const trace of ['a camera', 'Exif', 'something else']) expect(kept.includes(trace)).toBe(false)
  })
  it.each<[string, () => Promise<Uint8Array>]>([
    ['that is no JPEG', () => drawn.clone().png().toBuffer()],
    ['that only begins as one', () => Promise.resolve(Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3]))],
    ['that breaks off', () => Promise.resolve(jpeg.subarray(0, jpeg.length / 2))],
    ['of more pixels than are drawn', () => huge()],
  ])('%s is refused with a sentence', async (_, bytes) => {
    const sentence = 'This is no picture that can be read: send a JPEG.'
    expect(await keepPhoto(visitId, ID.replace('aa', 'bb'), await bytes(), NINE)).toMatchObject({
      problems: [{ sentence }],
    })
  })
  it('of a visit that is not there, or under the id of another visit’s, is refused', async () => {
    expect(await keepPhoto(999, ID.replace('aa', 'cc'), jpeg, NINE)).toMatchObject({ ok: false })
    const other = await bookQuill(database)
    const second = await startVisit(other.bookingId, other.dogId)
    expect(await keepPhoto(second, ID, jpeg, NINE)).toMatchObject({ ok: false })
    expect(await readPhoto(second, ID)).toBeNull()
    expect(await readPhoto(visitId, ID.replace('aa', 'dd'))).toBeNull()
  })
})
