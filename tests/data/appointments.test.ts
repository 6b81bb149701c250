import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { Database } from '@/data/connection'
import { AppointmentsAsked, bringAppointments, lookAppointments } from '@/service/bring-in/appointments'
import { broughtInView, takeBackList } from '@/service/bring-in/bringIn'
import { openHouse as theHouse } from '@/service/house/openHouse'
import { beginVisit } from '@/service/visit/beginVisit'
import { bookQuill, emptyBook, NINE, openHouse, type Server } from './house'

let server: Server
let database: Database
const ids = { quill: 0, otis: 0, wren: 0 }

beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/appointments')))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})
beforeEach(async () => {
  const { models } = database
  await emptyBook(database)
  const { dogId, staffId } = await bookQuill(database)
  const quill = await models.dog.findByPk(dogId)
  const otis = (household: number) =>
    models.dog.create({ ...quill, id: undefined, name: 'Otis', callId: null, householdId: household })
  const weir = await models.household.create({ name: 'Weir', place: '', notes: '' })
  const { id } = await otis(weir.id)
  await otis(quill?.householdId ?? 0)
  Object.assign(ids, { quill: dogId, otis: id, wren: staffId })
})

const event = (summary: string, from: string, to: string, more: readonly string[] = []) => [
  'BEGIN:VEVENT',
  `UID:${summary} ${from}`,
  `SUMMARY:${summary}`,
  `DTSTART:${from}`,
  `DTEND:${to}`,
  ...more,
  'END:VEVENT',
]
const calendar = (...events: readonly string[][]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', ...events.flat(), 'END:VCALENDAR'].join('\r\n')

const MARCH = calendar(
  event('QUILL full groom', '20270309T090000', '20270309T110000'),
  event('groom: Otis (Weir)', '20270310T090000Z', '20270310T103000Z'),
  event('Otis', '20270311T090000', '20270311T100000'),
  event('Dentist', '20270312T090000', '20270312T100000'),
  event('Quill again', '20270302T093000', '20270302T103000'),
  event('Otis Weir, two days', '20270313T090000', '20270315T090000'),
  event('Quill, no date that can be read', '20270317', 'tomorrow'),
  event('Quill, called off', '20270316T090000', '20270316T100000', ['STATUS:CANCELLED']),
)
const house = () => theHouse(NINE)
const look = async (text = MARCH, staffId = ids.wren) => {
  const answer = await lookAppointments({ staffId, text }, await house())
  if (!answer.ok) throw new Error(answer.problems.map(({ sentence }) => sentence).join(' '))
  return answer.value
}
const bring = async (rows: object[], listId = randomUUID()) =>
  bringAppointments(
    AppointmentsAsked.parse({ listId, file: 'march.ics', staffId: ids.wren, rows }),
    await house(),
    'Wren',
  )
const firstTwo = async () =>
  (await look()).rows
    .filter(({ dogs, against }) => dogs.length === 1 && against.length === 0)
    .map(({ dogs, startMs, slotMin }) => ({ dogId: dogs[0]?.dogId, startMs, slotMin }))

describe('a calendar of appointments', () => {
  it('names its dogs, and what speaks against a time', async () => {
    const { rows, left } = await look()
    expect(left).toBe(2)
    expect(rows.map(({ summary, dogs, against }) => [summary, dogs.length, against.length > 0])).toEqual([
      ['Quill again', 1, true],
      ['QUILL full groom', 1, false],
      ['groom: Otis (Weir)', 1, false],
      ['Otis', 2, false],
      ['Dentist', 0, false],
      ['Otis Weir, two days', 1, true],
    ])
    expect(rows[2]).toMatchObject({ slotMin: 90, when: '10 Mar 09:00 to 10:30', dogs: [{ dogId: ids.otis }] })
    expect(rows[5]?.against).toEqual(['A groom takes 5 to 720 min.'])
    expect(rows.map(({ planMin }) => planMin !== null)).toEqual([true, true, true, false, false, false])
  })
  it('that is none, or of nobody here, is refused', async () => {
    await expect(look('hello')).rejects.toThrow('This is not a calendar file')
    await expect(look(MARCH, 9999)).rejects.toThrow('Nobody of that name works here.')
  })
})

describe('appointments that are brought in', () => {
  it('are booked once, as long as they were, and taken back in one press; a groom that has begun stays', async () => {
    const { models } = database
    const rows = await firstTwo()
    const listId = randomUUID()
    expect(await bring(rows, listId)).toEqual({ ok: true, value: { bookings: 2 } })
    expect(await bring(rows, listId)).toEqual({ ok: true, value: { bookings: 2 } })
    const booked = await models.booking.findAll({ where: { dogId: ids.otis } })
    expect(booked.map(({ slotMin, startAt }) => [slotMin, startAt.toISOString()])).toEqual([
      [90, '2027-03-10T09:00:00.000Z'],
    ])
    expect((await broughtInView(await house())).lists).toMatchObject([
      { file: 'march.ics', bookings: 2, takenBack: null },
    ])
    await beginVisit(booked[0]?.id ?? 0, await theHouse(booked[0]?.startAt.getTime() ?? 0))
    expect(await takeBackList({ listId }, await house(), 'Wren')).toEqual({ ok: true, value: { stays: 1 } })
    const standing = await models.booking.findAll({ where: { standing: 'cancelled' } })
    expect(standing.map(({ dogId }) => dogId)).toEqual([ids.quill])
  })
  it('all of them or none', async () => {
    const before = await database.models.booking.count()
    const rows = [...(await firstTwo()), { dogId: 9999, startMs: NINE + 864e5 * 9, slotMin: 60 }]
    expect(await bring(rows)).toMatchObject({ ok: false, problems: [{ path: 'rows[2].dogId' }] })
    expect(await database.models.booking.count()).toBe(before)
    expect((await broughtInView(await house())).lists).toEqual([])
  })
  it('seen again once they are booked, each is told to be there', async () => {
    await bring(await firstTwo())
    expect(await firstTwo()).toEqual([])
  })
})
