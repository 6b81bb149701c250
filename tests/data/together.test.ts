import { QueryTypes } from 'sequelize'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { Result } from '@/core/result'
import type { CardEntry } from '@/core/request'
import { foldVisit, stateOf } from '@/core/visit'
import { addCard, readVersions } from '@/data/cards'
import { openDatabase, type Database } from '@/data/connection'
import { readBookingsOfDog } from '@/data/bookings'
import { readDog } from '@/data/dogs'
import { readLog } from '@/data/events'
import { bookVisit } from '@/service/booking/bookVisit'
import { keepWishes } from '@/service/booking/keepWishes'
import { saveCard } from '@/service/dog/saveCard'
import { saveMeasures } from '@/service/dog/saveMeasures'
import { appendEvents } from '@/service/visit/appendEvents'
import { beginVisit } from '@/service/visit/beginVisit'
import { wholeFold } from '@/service/visit/visitStates'
import {
  NINE,
  QUILL_PLAN,
  bookQuill,
  closeVisit,
  happened,
  houseAt,
  wrenWithId,
  openHouse,
  startVisit,
  type Server,
} from './house'

const HOME = '.kovit-test/together'
const DAY_MS = 86_400_000
let server: Server
let database: Database
let other: Database
let ids: Awaited<ReturnType<typeof bookQuill>>

beforeAll(async () => {
  ;({ server, database } = await openHouse(HOME))
  other = openDatabase(server.url)
})
afterAll(async () => {
  await Promise.all([other.sequelize.close(), database.sequelize.close()])
  await server.stop()
})
beforeEach(async () => {
  ids = await bookQuill(database)
})

const failed = <T>(results: readonly Result<T>[]) => results.filter(({ ok }) => !ok)
const house = (nowMs = NINE) => {
  const staff = [wrenWithId(ids.staffId)]
  return { ...houseAt(nowMs), staff, hands: staff, everybody: staff }
}
const cardAsked = (why: string, zones: readonly CardEntry[] = QUILL_PLAN.card) => ({
  dogId: ids.dogId,
  by: 'Wren',
  why,
  zones: [...zones],
})
const finishedVisit = async (dogIds = ids): Promise<number> => {
  const visitId = await startVisit(dogIds.bookingId, dogIds.dogId)
  const log = QUILL_PLAN.stages.map(({ id, p50 }, at) => happened(at * p50, { kind: 'stage-started', stage: id }))
  await appendEvents(visitId, [...log, happened(400, { kind: 'finished' })], NINE)
  return visitId
}

describe('two people at once', () => {
  it('five presses of Book make one booking; the others are told', async () => {
    const press = () =>
      bookVisit(
        {
          dogId: ids.dogId,
          staffId: ids.staffId,
          day: '2027-05-04',
          clock: '09:00',
          sameAsLast: false,
          tidy: false,
          anyway: false,
        },
        house(),
      )
    const pressed = await Promise.all([press(), press(), press(), press(), press()])
    expect(failed(pressed).map((each) => (each.ok ? '' : each.problems[0]?.sentence))).toEqual(
      Array(4).fill('Quill is booked on that day already, at 09:00.'),
    )
    expect(await readBookingsOfDog(ids.dogId, Date.UTC(2027, 4, 4))).toHaveLength(1)
  })

  it('two dogs for one pair of hands at the same moment: one is booked, the other is asked about', async () => {
    const second = await bookQuill(database)
    const press = (dogId: number) =>
      bookVisit(
        {
          dogId,
          staffId: ids.staffId,
          day: '2027-05-05',
          clock: '09:00',
          sameAsLast: false,
          tidy: false,
          anyway: false,
        },
        house(),
      )
    const pressed = await Promise.all([press(ids.dogId), press(second.dogId)])
    expect(failed(pressed)).toMatchObject([
      { problems: [{ path: 'anyway', sentence: expect.stringContaining('Wren has Quill') }] },
    ])
  })

  it('a card saved beside a start and a close gets a version of its own, in every round', async () => {
    for (let round = 0; round < 6; round++) {
      const [closing, starting] = [await bookQuill(database), await bookQuill(database)]
      const visitId = await finishedVisit(closing)
      // Three that write a card of one dog: the booking to start and the visit to close are made this dog's.
      await database.models.visit.update({ dogId: ids.dogId }, { where: { id: visitId } })
      await database.models.booking.update({ dogId: ids.dogId }, { where: { id: starting.bookingId } })
      const done = await Promise.all([
        saveCard(cardAsked(`round ${round}`), house()),
        beginVisit(starting.bookingId, house()),
        closeVisit(visitId, true, NINE + 401 * 60_000),
      ])
      expect(failed<unknown>(done)).toEqual([])
    }
    const versions = (await readVersions(ids.dogId)).map(({ version }) => version)
    expect(versions).toEqual([...versions].sort((a, b) => b - a))
    expect(new Set(versions).size).toBe(versions.length)
  })

  it('who comes second waits for the first, and gets the version after hers', async () => {
    await addCard({ dogId: ids.dogId, kind: 'saved', madeMs: NINE, madeBy: 'Wren', why: 'one', zones: [] })
    const first = await other.sequelize.transaction()
    await other.models.dog.findByPk(ids.dogId, { lock: first.LOCK.UPDATE, transaction: first })
    const row = {
      dogId: ids.dogId,
      version: 2,
      kind: 'saved' as const,
      madeAt: new Date(NINE),
      madeBy: 'Ansel',
      why: 'two',
      zones: '[]',
      blades: '',
    }
    let answered = false
    const second = saveCard(cardAsked('three'), house()).finally(() => (answered = true))
    // The second one is in the database's own queue for the row, not merely late.
    await untilWaiting()
    expect(answered).toBe(false)
    await other.models.card.create(row, { transaction: first })
    await first.commit()
    expect(await second).toEqual({ ok: true, value: { version: 3 } })
  })

  it('two dogs wrapped up at once both teach their minutes', async () => {
    const learned = async () => Number(await database.models.paceCell.sum('n'))
    for (let round = 0; round < 4; round++) {
      const dogs = [await bookQuill(database), await bookQuill(database)]
      const visits = await Promise.all(dogs.map((dog) => finishedVisit(dog)))
      const before = await learned()
      const closed = await Promise.all(visits.map((visitId) => closeVisit(visitId, true, NINE + 401 * 60_000)))
      expect(failed(closed)).toEqual([])
      const together = (await learned()) - before
      const alone = await bookQuill(database)
      const visitId = await finishedVisit(alone)
      const mid = await learned()
      await closeVisit(visitId, true, NINE + 401 * 60_000)
      expect(together / ((await learned()) - mid)).toBeCloseTo(2, 2)
    }
  })

  it('twelve screens that send at the same moment are each answered as if they had come alone', async () => {
    const visitId = await startVisit(ids.bookingId, ids.dogId)
    const twice = happened(3, { kind: 'note', words: 'sent twice', stage: null })
    const sendings = Array.from({ length: 12 }, (_, at) => [
      happened(at, { kind: 'note', words: `screen ${at}`, stage: null }),
      ...(at % 2 === 0 ? [twice] : []),
      happened(20 + at, { kind: 'finished' }),
    ])
    const sent = await Promise.all(sendings.map((events) => appendEvents(visitId, events, NINE)))
    const values = sent.flatMap((each) => (each.ok ? [each.value] : []))
    const answers = values.flatMap((value) => value.answers)
    const of = (ids: readonly string[]) => answers.filter(({ id }) => ids.includes(id)).map(({ taken }) => taken)
    expect(of(sendings.flatMap(([note]) => note?.id ?? []))).toEqual(Array(12).fill('taken'))
    expect(of([twice.id]).sort()).toEqual([...Array<string>(5).fill('known'), 'taken'])
    const ends = sendings.flatMap((events) => events.at(-1)?.id ?? [])
    expect(of(ends).sort()).toEqual([...Array<string>(11).fill('refused'), 'taken'])
    const log = await readLog(visitId)
    expect(log).toHaveLength(14)
    expect(stateOf(await wholeFold(visitId))).toEqual(foldVisit(log))
    // Each has its own in what it is told, whenever it came.
    expect(values.every(({ events }, at) => events.some(({ id }) => id === sendings[at]?.[0]?.id))).toBe(true)
  })

  it('two who put right a closed card at the same moment make a version each', async () => {
    const visitId = await finishedVisit()
    await closeVisit(visitId, true, NINE + 401 * 60_000)
    const before = (await readVersions(ids.dogId)).length
    const right = (lengthMm: number) =>
      happened(500 + lengthMm, {
        kind: 'amended',
        cut: { zone: 'back', side: null, method: 'scissor', blade: null, comb: null, lay: null, lengthMm },
        why: 'measured',
      })
    const sent = await Promise.all([8, 9, 10].map((mm) => appendEvents(visitId, [right(mm)], NINE + 502 * 60_000)))
    expect(failed<unknown>(sent)).toEqual([])
    expect((await readVersions(ids.dogId)).length).toBe(before + 3)
  })

  it('a measure kept on one tablet is not overwritten by the other, which is told what changed', async () => {
    const seen = (await readDog(ids.dogId))?.version ?? 0
    const keep = (heightCm: number) =>
      saveMeasures({ dogId: ids.dogId, build: 'square', measured: { heightCm, lengthCm: 52 }, version: seen }, NINE)
    const kept = await Promise.all([keep(54), keep(50)])
    expect(failed(kept)).toHaveLength(1)
    const stays = (await readDog(ids.dogId))?.heightCm
    expect(failed(kept)).toMatchObject([
      { problems: [{ path: 'version', sentence: expect.stringContaining(`heightCm ${stays}`) }] },
    ])
  })

  it('wishes from a stale plan are refused with what the other one changed; of no booking they are refused', async () => {
    const asked = { request: {}, lookOver: { coatNowMm: { all: 38 }, mats: {}, coatSidesMm: {} }, own: {} }
    const keep = (bookingId: number, version: number) => keepWishes({ ...asked, bookingId, version })
    expect(await keep(ids.bookingId, 1)).toEqual({ ok: true, value: { version: 2 } })
    const late = { ...asked, bookingId: ids.bookingId, version: 1, request: { pattern: 'teddy' as const } }
    expect(await keepWishes(late)).toMatchObject({
      ok: false,
      problems: [{ path: 'version', sentence: expect.stringContaining('the wishes') }],
    })
    expect(await keep(999_999, 1)).toMatchObject({ problems: [{ sentence: 'This booking is not in the book.' }] })
  })
})

/** Waits until the database has the question for the held row in hand, and does not answer it. */
async function untilWaiting(): Promise<void> {
  const asked = "SELECT COUNT(*) AS n FROM information_schema.processlist WHERE info LIKE 'SELECT%`dogs`%FOR UPDATE%'"
  for (let tries = 0; tries < 3000; tries++) {
    const [row] = await other.sequelize.query<{ n: number }>(asked, { type: QueryTypes.SELECT })
    if (Number(row?.n) > 0) return
    await new Promise((go) => setTimeout(go, 10))
  }
  throw new Error('Nobody waited.')
}

it('a booking of today is not the only thing that is held: the day after is free', async () => {
  const asked = {
    dogId: ids.dogId,
    staffId: ids.staffId,
    clock: '09:00',
    sameAsLast: false,
    tidy: false,
    anyway: false,
  }
  const days = ['2027-06-01', '2027-06-02']
  const booked = await Promise.all(days.map((day) => bookVisit({ ...asked, day }, house())))
  expect(failed(booked)).toEqual([])
  expect(await readBookingsOfDog(ids.dogId, NINE + 60 * DAY_MS)).toHaveLength(2)
})
