import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { makePlan } from '@/core/plan'
import { foldVisit, type VisitEvent } from '@/core/visit'
import { addBooking, readBooking } from '@/data/bookings'
import { addCard, readCard } from '@/data/cards'
import type { Database } from '@/data/connection'
import { migrate } from '@/data/migrations'
import { readLog } from '@/data/events'
import { readVisit } from '@/data/visits'
import { dayView } from '@/service/day/dayView'
import { appendEvents } from '@/service/visit/appendEvents'
import { beginVisit } from '@/service/visit/beginVisit'
import { putOnList } from '@/service/waiting/whoWaits'
import {
  NINE,
  QUILL_PLAN,
  bookQuill,
  closeVisit,
  fileOf,
  happened,
  houseAt,
  openHouse,
  startVisit,
  type Server,
} from './house'

let server: Server
let database: Database
let dogId: number
let bookingId: number
let visitId: number

beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/visits')))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})
beforeEach(async () => {
  ;({ dogId, bookingId } = await bookQuill(database))
  visitId = await startVisit(bookingId, dogId)
})

const append = (events: VisitEvent[]) => appendEvents(visitId, events, NINE)
const wholeGroom = (): VisitEvent[] => [
  ...QUILL_PLAN.stages.map(({ id }, at) => happened(at * 5, { kind: 'stage-started', stage: id })),
  happened(200, { kind: 'finished' }),
]

describe('the log of a visit', () => {
  it('takes an event that is sent twice once, in one batch or two', async () => {
    const start = happened(0, { kind: 'stage-started', stage: 'arrive' })
    await append([start, start])
    const again = await append([start])
    expect(again).toMatchObject({ ok: true, value: { answers: [{ id: start.id, taken: 'known' }], events: [start] } })
    expect(await readLog(visitId)).toEqual([start])
  })

  it('joins what two screens write, in the order of time, whichever is sent first', async () => {
    const [early, late] = [
      happened(1, { kind: 'note', words: 'first', stage: null }),
      happened(2, { kind: 'note', words: 'second', stage: null }),
    ]
    await Promise.all([append([late]), append([early])])
    expect(foldVisit(await readLog(visitId)).notes.map(({ words }) => words)).toEqual(['first', 'second'])
  })

  it('refuses a second finish with a sentence, and takes what came with it', async () => {
    await append(wholeGroom())
    const [note, finish] = [
      happened(300, { kind: 'note', words: 'not lost', stage: null }),
      happened(301, { kind: 'finished' }),
    ]
    const second = await append([note, finish])
    expect(second.ok && second.value.answers).toEqual([
      { id: note.id, taken: 'taken' },
      {
        id: finish.id,
        taken: 'refused',
        why: 'This visit is finished already; it was finished on another screen.',
      },
    ])
    const ids = (await readLog(visitId)).map(({ id }) => id)
    expect([ids.includes(note.id), ids.includes(finish.id)]).toEqual([true, false])
  })

  it('gives back only what is new since a number', async () => {
    const [one, two] = [happened(1, { kind: 'paused' }), happened(2, { kind: 'resumed' })]
    const first = await append([one])
    const no = first.ok ? first.value.no : 0
    await append([two])
    expect(await appendEvents(visitId, [], NINE, no)).toMatchObject({ ok: true, value: { answers: [], events: [two] } })
  })

  it('refuses an event of another visit', async () => {
    const event = happened(0, { kind: 'paused' })
    await append([event])
    const other = await bookQuill(database)
    const otherVisit = await startVisit(other.bookingId, other.dogId)
    const sent = await appendEvents(otherVisit, [event], NINE)
    expect(sent.ok && sent.value.answers).toMatchObject([
      { taken: 'refused', why: 'An event of another visit was sent here.' },
    ])
    expect(await readLog(otherVisit)).toEqual([])
  })

  it('keeps HTML in a note as the words it is', async () => {
    const words = `<script>alert('x')</script>"; DROP TABLE visits; -- ½ “ü”`
    await append([happened(1, { kind: 'note', words, stage: null })])
    expect(foldVisit(await readLog(visitId)).notes[0]?.words).toBe(words)
  })

  it('says so when there is no such visit', async () => {
    expect(await appendEvents(999_999, [happened(0, { kind: 'paused' })], NINE)).toMatchObject({
      ok: false,
      problems: [{ sentence: 'There is no such visit.' }],
    })
  })
})

describe('cards', () => {
  it('come back as they were saved, with their zones', async () => {
    const visit = await readVisit(visitId)
    const card = await readCard(visit?.plannedCardId ?? 0)
    expect(card?.zones).toEqual(QUILL_PLAN.card)
    expect(card).toMatchObject({ version: 1, kind: 'planned', madeBy: 'Wren' })
  })

  it('get a version each, even when saved at once', async () => {
    const save = () =>
      addCard({ dogId, kind: 'planned', madeMs: NINE, madeBy: 'Wren', why: 'x', zones: QUILL_PLAN.card })
    const saved = await Promise.all([save(), save(), save()])
    expect(saved.map(({ version }) => version).sort()).toEqual([2, 3, 4])
  })

  it('a length outside 0 to 300 mm is refused, and no half card stays', async () => {
    const zones = QUILL_PLAN.card.map((entry, at) => (at === 36 ? { ...entry, lengthMm: 301 } : entry))
    await expect(addCard({ dogId, kind: 'cut', madeMs: NINE, madeBy: 'Wren', why: 'x', zones })).rejects.toThrow()
    expect(await database.models.card.count({ where: { dogId } })).toBe(1)
  })
})

describe('the next visit', () => {
  it('starts from what was cut, changes on the bench included', async () => {
    const cut = { zone: 'skull', side: null, method: 'scissor', blade: null, comb: null, lay: null, lengthMm: 22 }
    await append([...wholeGroom(), happened(150, { kind: 'zone-cut', cut })])
    const closed = await closeVisit(visitId, true, NINE + 210 * 60_000)
    expect(closed.ok).toBe(true)
    const booking = await readBooking(bookingId)
    if (!booking) throw new Error('no booking')
    const next = await addBooking({
      ...booking,
      startMs: NINE + 42 * 86_400_000,
      request: { sameAsLast: true },
      coatNowMm: {},
    })
    const file = await fileOf(next)
    if (!file) throw new Error('no file')
    const again = makePlan(file.planned)
    const worked = ({ method }: { method: string }) => method !== 'leave'
    const kept = (file.standing.lastCut?.card.zones ?? [])
      .filter(worked)
      .map(({ zone, lengthMm, method }) => [zone, method, lengthMm])
    expect(again.card.filter(worked).map(({ zone, lengthMm, method }) => [zone, method, lengthMm])).toEqual(kept)
    expect(kept).toContainEqual(['skull', 'scissor', 22])
    expect(file.planned.dog.visits).toBe(1)
  })

  it('cannot be closed twice, nor before the finish', async () => {
    expect(await closeVisit(visitId, null, NINE)).toMatchObject({
      ok: false,
      problems: [{ sentence: 'Finish the groom on the bench first.' }],
    })
    await append(wholeGroom())
    expect((await closeVisit(visitId, null, NINE)).ok).toBe(true)
    expect(await closeVisit(visitId, null, NINE)).toMatchObject({
      ok: false,
      problems: [{ sentence: 'This visit is closed already; its card is kept.' }],
    })
    expect(await database.models.card.count({ where: { dogId } })).toBe(2)
  })

  it('a second start gives the visit that is there', async () => {
    expect(await beginVisit(bookingId, houseAt(NINE))).toEqual({ ok: true, value: { visitId } })
    expect(await database.models.card.count({ where: { dogId } })).toBe(1)
  })
})

it('migrating again changes nothing', async () => expect(await migrate(database)).toEqual([]))

describe('a stamp that cannot be true', () => {
  it('far in the future or before the visit is taken in with the server’s time, and marked', async () => {
    const now = NINE + 30 * 60_000
    const year = 366 * 24 * 60
    const late = happened(year, { kind: 'stage-started', stage: 'arrive' })
    const early = happened(-year, { kind: 'note', words: 'from the past', stage: null })
    const sent = await appendEvents(visitId, [late, early], now)
    expect(sent.ok && sent.value.answers.map(({ taken }) => taken)).toEqual(['taken', 'taken'])
    const log = await readLog(visitId)
    expect(log.map(({ atMs, stampedMs }) => [atMs, stampedMs]).sort()).toEqual(
      [
        [now, late.atMs],
        [now, early.atMs],
      ].sort(),
    )
    expect(foldVisit(log).startMs).toBe(now)
  })
  it('some minutes off is believed as it is', async () => {
    const fast = happened(40, { kind: 'paused' })
    await appendEvents(visitId, [fast], NINE + 30 * 60_000)
    expect(await readLog(visitId)).toEqual([fast])
  })
})

describe('what comes next', () => {
  it('is who comes yet today with what to lay out, the first of the next day with a dog, and who waits', async () => {
    // Three years on no other test has a dog.
    const [morning, noon] = [Date.UTC(2030, 2, 5, 8), Date.UTC(2030, 2, 5, 12)]
    await bookQuill(database, new Date(noon))
    const later = await bookQuill(database, new Date(Date.UTC(2030, 2, 7, 10)))
    const waits = await putOnList(
      { dogId: later.dogId, from: '2030-03-05', to: '2030-04-01', by: 'Wren' },
      houseAt(morning),
    )
    expect(waits.ok).toBe(true)
    const { next } = await dayView(houseAt(morning), undefined)
    expect(next).toMatchObject([
      { kind: 'today', when: '12:00', dog: 'Quill' },
      { kind: 'next day', when: '7 Mar 10:00', dog: 'Quill', bookingId: later.bookingId },
      { kind: 'waiting', dogs: ['Quill'] },
    ])
    expect(next[0]?.kind === 'today' && next[0].layOut.length).toBeGreaterThan(0)
    expect((await dayView(houseAt(morning), '2030-03-07')).next).toEqual([])
  })
})
