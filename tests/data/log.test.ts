import { readFileSync, readdirSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { foldVisit, inOnePart, keptFoldOf } from '@/core/visit'
import type { Database } from '@/data/connection'
import { openDatabase, isAway } from '@/data/connection'
import { readLines, readLog } from '@/data/events'
import { readFolds } from '@/data/folds'
import { NewerDatabase, migrate } from '@/data/migrations'
import { readVisit } from '@/data/visits'
import { offlinePages } from '@/service/day/offlinePages'
import { appendEvents } from '@/service/visit/appendEvents'
import { beginVisit } from '@/service/visit/beginVisit'
import { bookingBenchView } from '@/service/visit/benchView'
import { logView } from '@/service/visit/logView'
import { visitStates } from '@/service/visit/visitStates'
import {
  NINE,
  QUILL,
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
let ids: { dogId: number; staffId: number; bookingId: number }
let visitId: number

beforeAll(async () => {
  ;({ server, database } = await openHouse('.kovit-test/log'))
  ids = await bookQuill(database)
})
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})
const anotherVisit = async () => {
  const booking = await bookAgain(database, ids, NINE)
  return (visitId = await startVisit(booking.id, ids.dogId))
}
const note = (min: number, words: string) => happened(min, { kind: 'note', words, stage: null })
const kept = async () => {
  const stored = (await readFolds([visitId])).get(visitId)
  return stored && inOnePart(stored.kept)
}

describe('the fold beside the log', () => {
  beforeAll(anotherVisit)
  it('goes on with each sending, and is the fold of the log whatever order it came in', async () => {
    const wash = happened(10, { kind: 'stage-started', stage: 'wash' })
    await appendEvents(visitId, [wash, note(12, 'a burr')], NINE)
    await appendEvents(visitId, [happened(20, { kind: 'stage-started', stage: 'rinse' })], NINE)
    await appendEvents(visitId, [happened(5, { kind: 'stage-started', stage: 'arrive' })], NINE)
    await appendEvents(visitId, [happened(30, { kind: 'undone', undoes: wash.id })], NINE)
    expect(await kept()).toEqual(keptFoldOf(await readLog(visitId), 0))
    expect((await visitStates([visitId])).get(visitId)?.stages.map(({ stage }) => stage)).toEqual(['arrive', 'rinse'])
  })
  it('is not believed when the log has grown past it: the log is read then', async () => {
    await database.models.visitFold.update({ no: 1 }, { where: { visitId } })
    expect((await visitStates([visitId])).get(visitId)).toEqual(foldVisit(await readLog(visitId)))
  })
  it('that cannot be read is not there, and the log is read', async () => {
    await database.models.visitFold.update({ no: 2 ** 40, fold: '{"of":"a later Kovit"}' }, { where: { visitId } })
    expect(await kept()).toBeUndefined()
    expect((await visitStates([visitId])).get(visitId)).toEqual(foldVisit(await readLog(visitId)))
  })
  it('is put right at the close where it differs from the log', async () => {
    await appendEvents(visitId, [happened(60, { kind: 'finished' })], NINE)
    const wrong = JSON.stringify({ ...(await kept()), last: null })
    await database.models.visitFold.update({ fold: wrong }, { where: { visitId } })
    expect(await closeVisit(visitId, null, NINE)).toMatchObject({ ok: true })
    expect(await kept()).toEqual(keptFoldOf(await readLog(visitId), 0))
  })
  it('after the close a late note is taken, and makes no version of the card', async () => {
    const before = (await readVisit(visitId))?.cutCardId
    const late = happened(70, { kind: 'late-note', words: 'found a burr at home' })
    const sent = await appendEvents(visitId, [late], NINE)
    expect(sent).toMatchObject({ value: { answers: [{ taken: 'taken' }], closed: true } })
    expect((await readVisit(visitId))?.cutCardId).toBe(before)
    expect((await kept())?.visit.notes.at(-1)?.words).toBe('found a burr at home')
  })
})

describe('a stored line that cannot be read', () => {
  beforeAll(anotherVisit)
  it('is set aside and said, and breaks no page', async () => {
    await appendEvents(visitId, [note(1, 'one'), note(2, 'two')], NINE)
    const [first] = await readLines(visitId)
    await database.models.event.update({ payload: '{"kind":"of a later Kovit"}' }, { where: { no: first?.no ?? 0 } })
    expect((await readLog(visitId)).map((event) => 'words' in event && event.words)).toEqual(['two'])
    const sent = await appendEvents(visitId, [], NINE)
    expect(sent).toMatchObject({ value: { unread: 1, events: [{ words: 'two' }] } })
    const view = await logView(visitId, houseAt(NINE))
    expect(view?.lines.map(({ state, why }) => [state, why])).toEqual([
      ['unread', 'What is stored here fits no event.'],
      ['counts', null],
    ])
    expect(view?.lines[0]?.stored).toContain('of a later Kovit')
  })
})

describe('a groom that began without a network', () => {
  it('is begun by the case that was worked by, at its own time, once', async () => {
    const booking = await bookAgain(database, ids, NINE)
    const view = await bookingBenchView(booking.id, houseAt(NINE))
    expect(view).toMatchObject({ begunAs: null, view: { visitId: null, bookingId: booking.id, startLog: [] } })
    const begun = { planned: { ...QUILL, slotMin: 95 }, startedMs: NINE - 3_600_000 }
    const first = await beginVisit(booking.id, houseAt(NINE), begun)
    const again = await beginVisit(booking.id, houseAt(NINE), { ...begun, startedMs: NINE })
    expect(again).toEqual(first)
    if (!first.ok) throw new Error('not begun')
    expect(await readVisit(first.value.visitId)).toMatchObject({
      startedMs: NINE - 3_600_000,
      plannedCase: { slotMin: 95 },
    })
    expect(await bookingBenchView(booking.id, houseAt(NINE))).toEqual({ begunAs: first.value.visitId })
  })
  it('a device keeps Day, and file, plan and bench of each dog of today and tomorrow', async () => {
    const tomorrow = await bookAgain(database, ids, NINE + 24 * 3_600_000)
    const pages = await offlinePages(houseAt(NINE))
    expect(pages).toEqual(
      expect.arrayContaining([
        '/',
        `/bookings/${tomorrow.id}/bench`,
        `/bookings/${tomorrow.id}/plan`,
        `/dogs/${ids.dogId}`,
        `/visits/${visitId}/bench`,
        `/visits/${visitId}/wrap-up`,
      ]),
    )
  })
})

describe('the database', () => {
  it('of a newer Kovit is refused by name, and nothing is changed', async () => {
    await database.sequelize.query("INSERT INTO sequelize_meta (name) VALUES ('0099-of-tomorrow')")
    await expect(migrate(database)).rejects.toThrow(NewerDatabase)
    await expect(migrate(database)).rejects.toThrow('last opened by a newer Kovit (0099-of-tomorrow)')
    await database.sequelize.query("DELETE FROM sequelize_meta WHERE name = '0099-of-tomorrow'")
  })
  it('that is stopped by a signal ends a call with a word, and answers again afterwards', async () => {
    const impatient = openDatabase(server.url, 1000)
    await houses(impatient)
    process.kill(server.pid, 'SIGSTOP')
    await hasStopped(server.pid)
    const failed = await impatient.models.house.count().then(
      () => null,
      (error: unknown) => error,
    )
    process.kill(server.pid, 'SIGCONT')
    expect(isAway(failed)).toBe(true)
    expect(await houses(impatient)).toBe(1)
    await impatient.sequelize.close()
  })
})

/** Asked until there is an answer: how soon one comes is the machine's business. */
async function houses(of: Database): Promise<number> {
  for (;;)
    try {
      return await of.models.house.count()
    } catch (error) {
      if (!isAway(error)) throw error
    }
}

/** A signal is told to each thread in its own time: one that still runs on the other core may answer a last call. */
async function hasStopped(pid: number): Promise<void> {
  const isStill = (thread: string) => {
    try {
      return readFileSync(`/proc/${pid}/task/${thread}/stat`, 'utf8').split(') ')[1]?.[0] === 'T'
    } catch {
      return true // ended since it was listed
    }
  }
  while (!readdirSync(`/proc/${pid}/task`).every(isStill)) await new Promise((done) => setTimeout(done, 5))
}
