import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { readDogToGo, type DogToGo } from '@/core/dog-to-go'
import { makePlan } from '@/core/plan'
import type { Database } from '@/data/connection'
import { readCards, readVersions } from '@/data/cards'
import { readDog } from '@/data/dogs'
import { bookingFile } from '@/service/booking/planOf'
import { TakeOverAsked, dogToGo, takeOver } from '@/service/dog/dogToGo'
import { openHouse as theHouse } from '@/service/house/openHouse'
import { appendEvents } from '@/service/visit/appendEvents'
import {
  bookAgain,
  bookQuill,
  closeVisit,
  emptyBook,
  happened,
  NINE,
  openHouse,
  startVisit,
  TIME,
  type Server,
} from './house'

let server: Server
let database: Database
const ids = { dog: 0, booking: 0, staff: 0 }
const HOUR = 3_600_000

beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/dog-to-go')))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})
beforeEach(async () => {
  await emptyBook(database)
  const { dogId, bookingId, staffId } = await bookQuill(database)
  Object.assign(ids, { dog: dogId, booking: bookingId, staff: staffId })
  const quill = await readDog(dogId)
  await database.models.owner.create({ householdId: quill?.householdId ?? 0, name: 'Hedda Birk', agreed: '{}' })
  const visitId = await startVisit(bookingId, dogId)
  await appendEvents(visitId, [happened(60, { kind: 'finished' })], NINE + 2 * HOUR)
  await closeVisit(visitId, true, NINE + 2 * HOUR)
  await database.models.dog.update(
    { health: JSON.stringify([{ kind: 'lump', zone: 'side', side: 'left', saidBy: 'Wren', words: 'moves' }]) },
    { where: { id: dogId } },
  )
})

const house = () => theHouse(NINE + 24 * HOUR)
const handed = async (withOwner = true): Promise<DogToGo> => {
  const file = await dogToGo(ids.dog, withOwner, await house())
  const read = readDogToGo(JSON.stringify(file))
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return read.value
}
const take = async (file: DogToGo, caller: object) =>
  takeOver(TakeOverAsked.parse({ file, caller, by: 'Wren' }), await house())
const NEW = { kind: 'new', name: 'Hedda Birk', phone: '01632 960777', place: '' }

describe('a dog that goes to another groomer', () => {
  it('takes its cards and grooms along, and nobody of this house; its owner only where that is wanted', async () => {
    const file = await handed()
    expect(file.cards.map(({ kind }) => kind)).toEqual(['cut'])
    expect(file.grooms).toHaveLength(1)
    expect(file.owner?.name).toBe('Hedda Birk')
    const alone = await handed(false)
    expect(alone.owner).toBeNull()
    const text = JSON.stringify(alone)
    for (const told of ['Wren', 'Hedda', 'photo']) expect(text).not.toContain(told)
    expect(text).toContain('moves')
  })
  it('what was written by hand names nobody either, but the owner who goes along', async () => {
    const notes = 'Hedda, 01632 960777, at 4 Ropewalk says: Wren is gentle with Quill'
    const quill = await readDog(ids.dog)
    await database.models.household.update({ place: '4 Ropewalk' }, { where: { id: quill?.householdId } })
    await database.models.owner.update({ phone: '+44 1632 960777' }, { where: { name: 'Hedda Birk' } })
    await database.models.dog.update({ more: JSON.stringify({ ...quill?.more, notes }) }, { where: { id: ids.dog } })
    expect((await handed(false)).dog.more.notes).toBe('…,…, at … says: … is gentle with Quill')
    expect((await handed(true)).dog.more.notes).toBe('Hedda, 01632 960777, at … says: … is gentle with Quill')
  })
  it('of a dog that is not there is nothing', async () => expect(await dogToGo(9999, false, await house())).toBeNull())
})

describe('a dog that is taken over', () => {
  it('is the same dog, with its cards as versions; the next groom repeats the newest', async () => {
    const file = await handed()
    const taken = await take(file, NEW)
    if (!taken.ok) throw new Error(JSON.stringify(taken.problems))
    const { dogId } = taken.value
    const dog = await readDog(dogId)
    expect(dog).toMatchObject({ name: 'Quill', coat: file.dog.coat, weightKg: file.dog.weightKg })
    expect(dog?.more.notes).toContain('Groomed at Test house: 2027-03-02')
    const [version] = await readVersions(dogId)
    expect(version).toMatchObject({ version: 1, kind: 'saved', why: 'Cut 2027-03-02 at Test house' })
    const card = (await readCards([version?.id ?? 0])).get(version?.id ?? 0)
    expect(card?.zones).toEqual(file.cards.at(-1)?.zones)
    const booked = await bookAgain(database, { dogId, staffId: ids.staff }, NINE + 48 * HOUR, { sameAsLast: true })
    const planned = (await bookingFile(booked.id, TIME))?.planned
    const wished = planned && makePlan(planned).card.find(({ zone }) => zone === 'back')
    const was = card?.zones.find(({ zone }) => zone === 'back')
    expect([wished?.blade, wished?.comb]).toEqual([was?.blade, was?.comb])
  })
  it('twice is once, also when both come at the same moment', async () => {
    const file = await handed()
    const both = await Promise.all([take(file, NEW), take(file, NEW)])
    const dogs = new Set(both.map((each) => (each.ok ? each.value.dogId : 0)))
    expect([dogs.size, dogs.has(0)]).toEqual([1, false])
    expect(await database.models.household.count()).toBe(2)
    expect(await readVersions([...dogs][0] ?? 0)).toHaveLength(1)
  })
  it('comes into a household that is there, or not at all', async () => {
    const file = await handed()
    const before = await readDog(ids.dog)
    const taken = await take(file, { kind: 'known', householdId: before?.householdId })
    expect(taken.ok && (await readDog(taken.value.dogId))?.householdId).toBe(before?.householdId)
    const again = await handed()
    expect(await take(again, { kind: 'known', householdId: 9999 })).toMatchObject({ ok: false })
    expect(await database.models.dog.count()).toBe(2)
  })
})
