import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addBooking, changeBooking, readBooking, readBookings, readBookingsOfDog } from '@/data/bookings'
import type { Database } from '@/data/connection'
import { readDog, readDogs } from '@/data/dogs'
import { readHouse } from '@/data/house'
import { readStaff } from '@/data/people'
import { readRules } from '@/data/houseRules'
import { readKit } from '@/data/kit'
import { readLogs } from '@/data/events'
import { readLastCuts, readPastVisits, readVisitsOfBookings, readVisitsOfDog } from '@/data/visits'
import { makeDemo } from '@/demo'
import { caseOfDraft } from '@/service/booking/planOf'
import { fitOf } from '@/service/book/fits'
import { makePlan } from '@/core/plan'
import { VisitEvent, foldVisit } from '@/core/visit'
import { TIME, fileOf, openHouse, type Server } from './house'

const NOW = Date.UTC(2027, 2, 2, 11, 30)
const DAY_MS = 86_400_000
let server: Server
let database: Database

beforeAll(async () => {
  ;({ server, database } = await openHouse('.kovit-test/books', false))
  await makeDemo(NOW)
})
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

describe('Tern Harbour', () => {
  it('has a house, people, tools and dogs of many coats', async () => {
    expect(await readHouse()).toMatchObject({
      name: 'Tern Harbour salon',
      place: 'Tern Harbour',
      timeZone: 'Etc/GMT-2',
      unit: 'mm',
    })
    expect((await readStaff()).map(({ role }) => role)).toEqual(['groomer', 'groomer', 'bather', 'front desk'])
    expect((await readKit()).combs).toContain('1½')
    const dogs = await readDogs()
    expect(dogs).toHaveLength(18)
    expect(new Set(dogs.map(({ coat }) => coat)).size).toBeGreaterThanOrEqual(7)
    expect(await database.models.owner.count()).toBe(16)
  })

  it('has two households with two dogs', async () => {
    const homes = (await readDogs()).map(({ householdId }) => householdId)
    expect(homes.length - new Set(homes).size).toBe(2)
  })

  it('has a day half done: two home, two in the house, two to come', async () => {
    const bookings = await readBookings(NOW - 12 * 3_600_000, NOW + 12 * 3_600_000)
    const visits = await readVisitsOfBookings(bookings.map(({ id }) => id))
    const logs = await readLogs(visits.map(({ id }) => id))
    const finished = visits.filter(({ id }) => foldVisit(logs.get(id) ?? []).finishedMs !== null)
    expect([bookings.length, visits.length, finished.length]).toEqual([6, 4, 2])
    for (const { closedMs } of finished) expect(closedMs).not.toBeNull()
  })

  it('has nothing in a log that has not happened yet', async () => {
    const rows = await database.models.event.findAll()
    expect(rows.length).toBeGreaterThan(3000)
    for (const row of rows) expect(VisitEvent.parse(JSON.parse(row.payload)).atMs).toBeLessThanOrEqual(NOW)
  })

  it('every dog’s past visits follow from the one before: same as last, and the card grew by versions', async () => {
    const quill = (await readDogs()).find(({ name }) => name === 'Quill')
    const visits = await readVisitsOfDog(quill?.id ?? 0, 50)
    expect(visits.length).toBeGreaterThan(10)
    expect(visits.at(-1)?.plannedCase.request.sameAsLast).toBeUndefined()
    for (const { plannedCase } of visits.slice(0, -1)) expect(plannedCase.request.sameAsLast).toBe(true)
    const versions = await database.models.card.findAll({
      where: { dogId: quill?.id ?? 0 },
      order: [['version', 'ASC']],
    })
    expect(versions.map(({ version }) => version)).toEqual(versions.map((_, at) => at + 1))
  })

  it('is the same house every time', async () => {
    const again = await openHouse('.kovit-test/books-again', false)
    await makeDemo(NOW)
    const [mine, other] = await Promise.all([
      database.models.event.findAll({ order: [['id', 'ASC']] }),
      again.database.models.event.findAll({ order: [['id', 'ASC']] }),
    ])
    expect(other.map(({ id }) => id)).toEqual(mine.map(({ id }) => id))
    await again.database.sequelize.close()
    await again.server.stop()
    ;(globalThis as { kovitDatabase?: Database }).kovitDatabase = database
  })
})

describe('bookings', () => {
  const draft = {
    staffId: 1,
    startMs: NOW + 60 * DAY_MS,
    service: 'Full groom',
    request: { sameAsLast: true },
    coatNowMm: {},
    mats: {},
    setting: 'salon' as const,
    changedMs: NOW,
  }

  it('get the shortest slot that the dog’s own plan holds at the house’s chance', async () => {
    const [dog] = await readDogs()
    const drafted = await caseOfDraft({ ...draft, dogId: dog?.id ?? 0 }, TIME)
    if (drafted === null) throw new Error('no slot')
    const slotMin = fitOf(drafted.planned).shortestMin
    const id = await addBooking({ ...draft, dogId: dog?.id ?? 0, slotMin })
    const file = await fileOf(id)
    if (!file) throw new Error('no file')
    const { fit } = makePlan(file.planned)
    expect(slotMin).toBe(fit.shortestSlotMin)
    expect(fit.chance).toBeGreaterThanOrEqual(0.85)
  })

  it('propose nothing for a dog that is not there', async () =>
    expect(await caseOfDraft({ ...draft, dogId: 9999 }, TIME)).toBeNull())

  it('keep wishes and measures as they are changed', async () => {
    const id = await addBooking({ ...draft, dogId: 2, slotMin: 90, startMs: NOW + 61 * DAY_MS })
    const before = (await readBooking(id))?.version ?? 0
    await changeBooking(id, {
      request: { pattern: 'teddy', lengthsMm: { chin: 16 } },
      lookOver: { coatNowMm: { all: 30 }, mats: { armpit: 2 }, coatSidesMm: { 'ear-edge': { left: 20, right: 17 } } },
    })
    expect(await readBooking(id)).toMatchObject({
      request: { pattern: 'teddy', lengthsMm: { chin: 16 } },
      coatNowMm: { all: 30 },
      mats: { armpit: 2 },
      coatSidesMm: { 'ear-edge': { left: 20, right: 17 } },
      slotMin: 90,
      version: before + 1,
    })
  })

  it('of a day run from its first moment to before its last', async () => {
    const startMs = NOW + 90 * DAY_MS
    const id = await addBooking({ ...draft, dogId: 3, slotMin: 90, startMs })
    expect((await readBookings(startMs, startMs + 1)).map((booking) => booking.id)).toEqual([id])
    expect(await readBookings(startMs + 1, startMs + DAY_MS)).toEqual([])
    expect((await readBookingsOfDog(3, startMs)).map((booking) => booking.id)).toEqual([id])
  })

  it('are null when they are not there', async () => {
    expect(await readBooking(9999)).toBeNull()
    expect(await readDog(9999)).toBeNull()
    expect(await fileOf(9999)).toBeNull()
  })
})

describe('the house', () => {
  it('decides its schools one by one; the rest stays as usual', async () => {
    await database.models.rule.create({ ruleId: 'nailsWhen', choice: 'in-bath' })
    expect(await readRules()).toMatchObject({ nailsWhen: 'in-bath', earHair: 'clip' })
  })
  it('does not offer a tool that is retired', async () => {
    await database.models.tool.update({ retiredOn: '2027-01-01' }, { where: { name: '1½' } })
    expect((await readKit()).combs).not.toContain('1½')
  })
  it('knows the last card of every dog that has one', async () => {
    const ids = (await readDogs()).map(({ id }) => id)
    const cuts = await readLastCuts(NOW, ids)
    expect(cuts).toHaveLength(18)
    const [quill] = await readPastVisits(3, 1, NOW)
    expect(cuts.find(({ dogId }) => dogId === 3)?.cutCardId).toBe(quill?.cutCardId)
  })
})
