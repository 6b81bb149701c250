import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { Database } from '@/data/connection'
import { changeDog } from '@/data/dogs'
import { addDays } from '@/core/units'
import { appendEvents } from '@/service/visit/appendEvents'
import { markSaid, outboxView, takeBack } from '@/service/messages/outbox'
import { saveWords } from '@/service/messages/houseWords'
import {
  NINE,
  QUILL_PLAN,
  bookAgain,
  bookQuill,
  closeVisit,
  happened,
  houseAt,
  openHouse,
  startVisit,
  type Server,
} from './house'

let server: Server
let database: Database
let ids: Awaited<ReturnType<typeof bookQuill>>
const MIN = 60_000
const DAY_MS = 24 * 60 * MIN
const TODAY = '2027-03-02'

beforeAll(async () => {
  ;({ server, database } = await openHouse(`${process.cwd()}/.kovit-test/outbox`))
})
afterAll(async () => {
  await database?.sequelize.close()
  await server?.stop()
})

/** Every test has a household and a dog of its own; what other tests booked is taken out of the book. */
beforeEach(async () => {
  await database.models.booking.update({ calledOffAt: new Date(0), standing: 'missed' }, { where: {} })
  await database.models.dog.update({ standing: 'left' }, { where: {} })
  ids = await bookQuill(database)
  const dog = await database.models.dog.findByPk(ids.dogId)
  await database.models.owner.create({
    householdId: dog?.householdId ?? 0,
    name: 'Hedda Marsh',
    phone: '01632 960101',
    firstCalled: true,
    agreed: '{"messages":true}',
  })
})

const at = (nowMs: number) => ({ ...houseAt(nowMs), name: 'Test house' })
const due = async (nowMs: number) => (await outboxView(at(nowMs))).due
const kinds = async (nowMs: number) => (await due(nowMs)).map(({ kind }) => kind)

/** A groom that began at nine, stage by stage as long as planned. */
async function groom(upTo: number, finished: boolean): Promise<number> {
  const visitId = await startVisit(ids.bookingId, ids.dogId)
  const started = QUILL_PLAN.stages
    .slice(0, upTo)
    .map(({ id }, index) => happened(index * 10, { kind: 'stage-started', stage: id }))
  const end = finished ? [happened(200, { kind: 'finished' })] : []
  await appendEvents(visitId, [...started, ...end], NINE + 200 * MIN)
  return visitId
}

describe('on the day', () => {
  it('a dog that will be done past its promise is told, once', async () => {
    // Bookings of the test are four hours; three stages in three and a half leave most of the groom to do.
    await groom(3, false)
    const nowMs = NINE + 210 * MIN
    const [message] = await due(nowMs)
    expect(message).toMatchObject({ kind: 'late', owner: 'Hedda Marsh', dog: 'Quill' })
    expect(message?.words).toMatch(/^Quill needs a little longer today: ready at about \d\d:\d\d\. Test house$/)
    // As soon as it is known: at the promise they stand at the door.
    expect(message?.atMs).toBeLessThanOrEqual(nowMs)
    await markSaid({ about: message?.about ?? '', way: 'sms' }, at(nowMs))
    expect(await kinds(nowMs + 10 * MIN)).toEqual([])
  })

  it('what the bench told the owner already is not told again', async () => {
    const visitId = await groom(3, false)
    await appendEvents(
      visitId,
      [happened(205, { kind: 'owner-told', words: 'A little later today.' })],
      NINE + 205 * MIN,
    )
    const later = (await outboxView(at(NINE + 250 * MIN))).later
    expect([...(await kinds(NINE + 250 * MIN)), ...later.map(({ kind }) => kind)]).not.toContain('late')
  })

  it('a dog that is finished is ready to be fetched, until it is home', async () => {
    const visitId = await groom(QUILL_PLAN.stages.length, true)
    const [message] = await due(NINE + 220 * MIN)
    expect(message).toMatchObject({ kind: 'ready', words: 'Quill is ready to be fetched. Test house' })
    await closeVisit(visitId, null, NINE + 230 * MIN)
    expect(await kinds(NINE + 240 * MIN)).toEqual([])
  })
})

describe('before the day', () => {
  it('shows the soonest and counts the others', async () => {
    for (const days of [4, 5, 6]) await bookAgain(database, ids, NINE + days * DAY_MS)
    const all = await outboxView(at(NINE + MIN))
    const some = await outboxView(at(NINE + MIN), 2)
    expect(some.due).toEqual(all.due.slice(0, 2))
    expect(some.counts).toEqual(all.counts)
    expect(all.counts.due).toBe(all.due.length)
    expect(some.counts.due).toBeGreaterThan(some.due.length)
    const last = all.due.at(-1)?.about ?? ''
    expect((await markSaid({ about: last, way: 'sms' }, at(NINE + MIN))).ok).toBe(true)
  })

  it('a reminder comes a day before, behind a confirmation that was said', async () => {
    const startMs = NINE + 5 * DAY_MS
    const booking = await bookAgain(database, ids, startMs)
    await database.models.booking.update({ changedAt: new Date(NINE) }, { where: { id: booking.id } })
    const nowMs = NINE + MIN
    const first = (await due(nowMs)).find(({ bookingId }) => bookingId === booking.id)
    expect(first?.kind).toBe('confirmation')
    await markSaid({ about: first?.about ?? '', way: 'mail', by: 'Wren' }, at(nowMs))
    const view = await outboxView(at(nowMs))
    expect(view.later.filter(({ bookingId }) => bookingId === booking.id)).toMatchObject([
      { kind: 'reminder', atMs: startMs - DAY_MS, when: '6 Mar 09:00' },
    ])
    expect(view.done.filter(({ about }) => about === first?.about)).toMatchObject([{ way: 'mail', saidBy: 'Wren' }])
    expect(await kinds(startMs - DAY_MS + MIN)).toContain('reminder')
  })

  it('what cannot be marked says why: said already, changed meanwhile, never owed', async () => {
    const booking = await bookAgain(database, ids, NINE + 5 * DAY_MS)
    const message = (await due(NINE + MIN)).find(({ bookingId }) => bookingId === booking.id)
    const about = message?.about ?? ''
    const marked = await Promise.all([1, 2, 3].map(() => markSaid({ about, way: 'sms' }, at(NINE + MIN))))
    expect(marked.filter(({ ok }) => ok)).toHaveLength(1)
    expect(await markSaid({ about, way: 'sms' }, at(NINE + MIN))).toMatchObject({
      ok: false,
      problems: [{ sentence: 'This was said already, or its booking has changed: look again.' }],
    })
    expect((await takeBack(about)).ok).toBe(true)
    expect(await takeBack(about)).toMatchObject({ problems: [{ sentence: 'This was not marked as sent.' }] })
  })
})

describe('a dog that is due', () => {
  it('is told a week before, in the house’s words, until something is booked for it', async () => {
    await database.models.booking.update({ calledOffAt: new Date(0), standing: 'missed' }, { where: {} })
    const dueOn = addDays(TODAY, 6)
    await changeDog(ids.dogId, { dueOn })
    await saveWords({ kind: 'due', words: '{owner}: {dog} is due about {day}.' })
    const [message] = await due(NINE + MIN)
    expect(message).toMatchObject({
      kind: 'due',
      about: `due ${ids.dogId} ${dueOn}`,
      words: 'Hedda Marsh: Quill is due about Monday 8 March.',
    })
    await bookAgain(database, ids, NINE + 7 * DAY_MS)
    expect(await kinds(NINE + MIN)).not.toContain('due')
  })

  it('and is not yet, or does not come any more, is not told', async () => {
    await database.models.booking.update({ calledOffAt: new Date(0), standing: 'missed' }, { where: {} })
    await changeDog(ids.dogId, { dueOn: addDays(TODAY, 8) })
    expect(await kinds(NINE)).toEqual([])
    await changeDog(ids.dogId, { dueOn: addDays(TODAY, 2), standing: 'died' })
    expect(await kinds(NINE)).toEqual([])
  })
})
