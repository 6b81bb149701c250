import { randomUUID } from 'node:crypto'
import ICAL from 'ical.js'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { without } from '@/core/book'
import { addDays } from '@/core/units'
import { VisitEvent } from '@/core/visit'
import { whoFits } from '@/core/waiting'
import type { Database } from '@/data/connection'
import { bookView } from '@/service/book/bookView'
import { bookTogether } from '@/service/booking/bookTogether'
import { bookVisit } from '@/service/booking/bookVisit'
import { callOffBooking, putBackBooking, sayStanding } from '@/service/booking/callOff'
import { moveBooking } from '@/service/booking/moveBooking'
import { bookingStory } from '@/service/book/bookingStory'
import { proposeTimes } from '@/service/book/proposeTimes'
import { tryTime } from '@/service/book/tryTime'
import { calendarFeed } from '@/service/calendar/feed'
import { sayDogComes } from '@/service/dog/dogComes'
import { changeFeed, feedsOf } from '@/service/calendar/feeds'
import { busyTimes, freeTime, keepCalendar, readCalendar } from '@/service/calendar/busyTimes'
import { openHouse as theHouse, type OpenHouse } from '@/service/house/openHouse'
import { markSaid, outboxView, takeBack } from '@/service/messages/outbox'
import { saveWords } from '@/service/messages/houseWords'
import { endRepeat, growRepeats, startRepeat } from '@/service/repeat/repeatDog'
import { repeatsView } from '@/service/repeat/repeatsView'
import { appendEvents } from '@/service/visit/appendEvents'
import { beginVisit } from '@/service/visit/beginVisit'
import { waitingView } from '@/service/waiting/waitingView'
import { named, putOnList, takeOffList, unnamedWaiting } from '@/service/waiting/whoWaits'
import { emptyBook, openHouse, type Server } from './house'

let server: Server
let database: Database
const whoWaits = async (...asked: Parameters<typeof unnamedWaiting>) => named(await unnamedWaiting(...asked))
// 2027-03-01 is a Monday.
const MONDAY = '2027-03-01'
const NOW = Date.UTC(2027, 2, 1, 6)
const DAY_MS = 86_400_000

beforeAll(async () => {
  ;({ server, database } = await openHouse(`${process.cwd()}/.kovit-test/book`))
})
afterAll(async () => {
  await database?.sequelize.close()
  await server?.stop()
})

const week = (from: string, to: string) =>
  Object.fromEntries(['Mon', 'Tue', 'Wed', 'Thu', 'Fri'].map((day) => [day, { from, to }]))

/** Every test begins with an empty book: two groomers, a bather, six dogs of five households. */
const ids = { wren: 0, ansel: 0, jory: 0, dogs: [] as number[] }
beforeEach(async () => {
  const { models } = database
  await emptyBook(database)
  await models.house.update(
    { opening: JSON.stringify({ days: week('09:00', '17:00') }), timeZone: 'UTC', works: 'salon' },
    { where: {} },
  )
  const person = async (name: string, role: 'groomer' | 'bather', work: object = {}) =>
    (await models.staff.create({ name, role, work: JSON.stringify(work) })).id
  ids.wren = await person('Wren', 'groomer', { skills: ['clip', 'scissor', 'difficult dogs'] })
  ids.ansel = await person('Ansel', 'groomer', { skills: ['clip', 'scissor'] })
  ids.jory = await person('Jory', 'bather')
  ids.dogs = []
  for (const [at, name] of ['Clover', 'Rook', 'Tansy', 'Mochi', 'Pepper', 'Nettle'].entries()) {
    const home = at === 5 ? null : await models.household.create({ name: `Home ${at}`, place: `${at} Quay` })
    const householdId = home?.id ?? (await models.dog.findByPk(ids.dogs[0]))?.householdId ?? 0
    if (home)
      await models.owner.create({
        householdId,
        name: `Owner ${at}`,
        phone: `0163296010${at}`,
        firstCalled: true,
        agreed: at === 1 ? '{}' : '{"messages":true}',
      })
    const { id } = await models.dog.create({
      householdId,
      name,
      breed: 'cavapoo',
      coat: 'fleece',
      build: 'square',
      weightKg: 9,
      heightCm: 34,
      lengthCm: 34,
      bornOn: '2024-01-01',
      sex: 'female',
      neutered: true,
      lightSkin: false,
      faceShape: 'normal',
      behaviour: at === 4 ? '{"nails":3}' : '{}',
      health: '[]',
    })
    ids.dogs.push(id)
  }
})

const house = (nowMs = NOW): Promise<OpenHouse> => theHouse(nowMs)
const dog = (at: number) => ids.dogs[at] ?? 0
const asked = (at: number, day: string, clock: string, rest: object = {}) => ({
  dogId: dog(at),
  staffId: ids.wren,
  day,
  clock,
  sameAsLast: false,
  tidy: false,
  anyway: false,
  request: { pattern: 'teddy' as const },
  ...rest,
})
async function booked(at: number, day: string, clock: string, rest: object = {}) {
  const made = await bookVisit(asked(at, day, clock, rest), await house())
  if (!made.ok) throw new Error(made.problems.map(({ sentence }) => sentence).join(' '))
  return made.value
}
const sentences = (answer: { ok: true } | { ok: false; problems: { path: string; sentence: string }[] }) =>
  answer.ok ? [] : answer.problems.map(({ path, sentence }) => `${path}: ${sentence}`)

describe('a time in the book', () => {
  it('is refused with what speaks against it, and had by who says so', async () => {
    await booked(0, MONDAY, '09:00')
    const clash = await bookVisit(asked(1, MONDAY, '09:30'), await house())
    expect(sentences(clash)[0]).toMatch(
      /^anyway: Wren has Clover from 09:00 to 1\d:\d\d then; this groom takes \d+ min\.$/,
    )
    expect(sentences(await bookVisit(asked(1, '2027-03-06', '09:30'), await house()))).toEqual([
      'anyway: The house is closed on Sat.',
    ])
    expect(sentences(await bookVisit(asked(1, MONDAY, '16:30', { staffId: ids.ansel }), await house()))[0]).toContain(
      'Ansel works from 09:00 to 17:00 on Mon',
    )
    expect(sentences(await bookVisit(asked(4, '2027-03-02', '09:00', { staffId: ids.ansel }), await house()))).toEqual([
      'anyway: Pepper needs difficult dogs, which Ansel does not do.',
    ])
    expect(
      sentences(await bookVisit(asked(1, '2027-03-02', '09:00', { staffId: ids.jory }), await house()))[0],
    ).toContain('Jory is a bather')
    expect((await bookVisit(asked(1, MONDAY, '09:30', { anyway: true }), await house())).ok).toBe(true)
  })
  it('is given to one of two who ask at the same moment', async () => {
    const at = await house()
    for (let round = 0; round < 4; round++) {
      const day = addDays('2027-03-08', round)
      const answers = await Promise.all([0, 1, 2, 3].map((each) => bookVisit(asked(each, day, '10:00'), at)))
      expect(answers.filter(({ ok }) => ok)).toHaveLength(1)
    }
    expect(await database.models.booking.count()).toBe(4)
  })
  it('is given to one of two who move there at the same moment, and a stale move is refused', async () => {
    const made = [await booked(0, MONDAY, '09:00'), await booked(1, '2027-03-02', '09:00')]
    const to = { day: '2027-03-03', clock: '10:00' }
    const at = await house()
    const answers = await Promise.all(made.map(({ bookingId }) => moveBooking({ bookingId, ...to }, at)))
    expect(answers.filter(({ ok }) => ok)).toHaveLength(1)
    const winner = made[answers.findIndex(({ ok }) => ok)]?.bookingId ?? 0
    expect(sentences(await moveBooking({ bookingId: winner, version: 1, clock: '11:00' }, at))[0]).toMatch(/^version: /)
  })
  it('for two of one household is one behind the other, or side by side, or not at all', async () => {
    const both = (how: 'after' | 'beside', staffId: number, clock = '09:00') => ({
      first: asked(0, '2027-03-04', clock),
      others: [
        {
          dogId: dog(5),
          sameAsLast: false,
          request: { pattern: 'teddy' as const },
          tidy: false,
          anyway: false,
          how,
          staffId,
        },
      ],
    })
    const late = await bookTogether(both('after', ids.wren, '14:00'), await house())
    expect(sentences(late)[0]).toContain('Wren works from 09:00 to 17:00')
    expect(await database.models.booking.count()).toBe(0)
    expect((await bookTogether(both('after', ids.wren), await house())).ok).toBe(true)
    const [first, second] = await database.models.booking.findAll({ order: ['startAt'] })
    expect(second?.startAt.getTime()).toBe((first?.startAt.getTime() ?? 0) + (first?.slotMin ?? 0) * 60_000)
    await database.models.fileChange.destroy({ where: {} })
    await database.models.booking.destroy({ where: {} })
    expect((await bookTogether(both('beside', ids.ansel), await house())).ok).toBe(true)
    const starts = (await database.models.booking.findAll()).map(({ startAt }) => startAt.getTime())
    expect(new Set(starts).size).toBe(1)
  })
  it('of the van needs an address, and lies in the hours at which its people are there', async () => {
    const van = (home?: object) => asked(0, MONDAY, '09:00', { setting: 'mobile', ...(home ? { home } : {}) })
    expect(sentences(await bookVisit(van(), await house()))).toEqual(['home: Give the address at which the van stops.'])
    expect(sentences(await bookVisit(van({ place: '4 Ropewalk', from: '10:00', to: null }), await house()))).toEqual([
      'anyway: Its people are there from 10:00 on.',
    ])
    expect(
      sentences(await bookVisit(van({ place: '4 Ropewalk', from: null, to: '10:00' }), await house()))[0],
    ).toContain('Its people are there until 10:00')
    const made = await bookVisit(van({ place: '4 Ropewalk', from: '08:00', to: '15:00' }), await house())
    if (!made.ok) throw new Error('not booked')
    expect(await database.models.booking.findByPk(made.value.bookingId)).toMatchObject({ setting: 'mobile' })
  })
})

describe('a booking’s life', () => {
  it('is told, counted and put back; what the bench has begun stays', async () => {
    const { bookingId } = await booked(0, '2027-03-02', '09:00', { by: 'Wren' })
    await moveBooking({ bookingId, clock: '10:00', staffId: ids.ansel, by: 'Ansel' }, await house())
    await sayStanding({ bookingId, standing: 'confirmed', by: 'Wren' }, NOW)
    await callOffBooking({ bookingId, why: 'ill', as: 'cancelled', by: 'Wren' }, Date.UTC(2027, 2, 2, 2))
    const { told, counts } = await bookingStory({ bookingId }, await house())
    expect(told.map(({ words }) => words)).toEqual([
      'Cancelled: ill.',
      'Confirmed by its people.',
      'Moved from 2 Mar 09:00 to 2 Mar 10:00, from Wren to Ansel.',
      expect.stringMatching(/^Booked for 2 Mar 09:00, \d+ min, Wren\.$/),
    ])
    expect(counts).toBe('Of 1 bookings of this dog: moved 1 time; cancelled 1, 1 of them within a day.')
    await booked(1, '2027-03-02', '10:00', { staffId: ids.ansel })
    expect(sentences(await putBackBooking({ bookingId, by: 'Wren' }, await house()))[0]).toContain('Ansel has Rook')
    expect((await putBackBooking({ bookingId, anyway: true, by: 'Wren' }, await house())).ok).toBe(true)
    expect(sentences(await callOffBooking({ bookingId, why: '', as: 'missed' }, NOW))[0]).toContain(
      'Its time has not come yet',
    )
  })
  it('has a longer and a shorter slot, with what that does to the chance, and goes back to the proposed one', async () => {
    const { bookingId, slotMin } = await booked(0, '2027-03-02', '09:00')
    const chance = async (min: number) => {
      const tried = await tryTime(
        { bookingId, day: '2027-03-02', clock: '09:00', staffId: ids.wren, slotMin: min },
        await house(),
      )
      if (!tried.ok) throw new Error('not tried')
      return tried.value.percent
    }
    expect(await chance(slotMin - 30)).toBeLessThan(await chance(slotMin))
    expect(await chance(slotMin + 30)).toBeGreaterThan(await chance(slotMin))
    await moveBooking({ bookingId, slotMin: slotMin + 60 }, await house())
    const back = await moveBooking({ bookingId, slotMin: 'proposed' }, await house())
    expect(back).toMatchObject({ ok: true, value: { slotMin } })
  })
})

describe('a groom that begins off its time', () => {
  it('brings its slot along from the bench, as often as that is sent, and back when it is undone', async () => {
    const { bookingId, slotMin } = await booked(0, '2027-03-04', '09:00')
    const begun = await beginVisit(bookingId, await house())
    if (!begun.ok) throw new Error('not begun')
    const { visitId } = begun.value
    const bookedMs = Date.UTC(2027, 2, 4, 9)
    const event = (rest: object) =>
      VisitEvent.parse({ id: randomUUID(), atMs: NOW, by: 'Wren', tick: { ms: NOW, n: ticks++ }, ...rest })
    let ticks = 0
    const set = event({ kind: 'slot-set', startMs: NOW, bookedMs })
    const start = async () => (await database.models.booking.findByPk(bookingId))?.startAt.getTime()
    await appendEvents(visitId, [set], NOW)
    await appendEvents(visitId, [set], NOW)
    expect(await start()).toBe(NOW)
    const { told } = await bookingStory({ bookingId }, await house())
    expect(told.map(({ words }) => words)).toEqual([
      'Moved from 4 Mar 09:00 to 1 Mar 06:00.',
      `Booked for 4 Mar 09:00, ${slotMin} min, Wren.`,
    ])
    await appendEvents(visitId, [event({ kind: 'undone', undoes: set.id })], NOW)
    expect(await start()).toBe(bookedMs)
    // What the bench has begun is not moved from the book.
    expect(sentences(await moveBooking({ bookingId, clock: '11:00' }, await house()))).toEqual([
      'bookingId: This groom has begun; its booking stays where it is.',
    ])
    expect(sentences(await callOffBooking({ bookingId, why: '', as: 'cancelled' }, NOW))[0]).toContain('has begun')
  })
})

describe('the dogs of somebody who left', () => {
  it('stay in sight, and can be given to another; nothing new is booked with who left', async () => {
    const { bookingId } = await booked(0, '2027-03-04', '09:00', { staffId: ids.ansel })
    await database.models.staff.update({ leftOn: '2027-03-01' }, { where: { id: ids.ansel } })
    const view = await bookView(await house(), { day: '2027-03-04' })
    expect(view.staff.map(({ name }) => name)).toEqual(['Wren', 'Ansel, left', 'Jory'])
    expect(view.lines.map(({ staffId }) => staffId)).toEqual([ids.ansel])
    expect(sentences(await moveBooking({ bookingId, clock: '10:00' }, await house()))).toEqual([
      'staffId: Nobody of that name works here.',
    ])
    expect((await moveBooking({ bookingId, staffId: ids.wren }, await house())).ok).toBe(true)
    const after = await bookView(await house(), { day: '2027-03-04' })
    expect(after.staff.map(({ name }) => name)).toEqual(['Wren', 'Jory'])
  })
})

describe('three proposals', () => {
  it('lie around the right week, with who can, beside the household’s other dog, each with its chance', async () => {
    await database.models.dog.update({ dueOn: '2027-03-17' }, { where: { id: dog(0) } })
    const groom = { dogId: dog(0), sameAsLast: false, tidy: false, request: { pattern: 'teddy' as const } }
    const found = await proposeTimes(groom, await house())
    if (!found.ok) throw new Error('none')
    expect(found.value.offered).toHaveLength(3)
    expect(found.value.offered[0]).toMatchObject({ day: '2027-03-17' })
    for (const { percent } of found.value.offered) expect(percent).toBeGreaterThanOrEqual(85)
    await booked(5, '2027-03-19', '11:00', { staffId: ids.ansel })
    const beside = await proposeTimes(groom, await house())
    expect(beside.ok && beside.value.offered[0]).toMatchObject({
      day: '2027-03-19',
      why: expect.stringMatching(/^beside Nettle, one trip; /) as string,
    })
    const difficult = await proposeTimes({ ...groom, dogId: dog(4) }, await house())
    expect(difficult.ok && difficult.value.offered.every(({ staffId }) => staffId === ids.wren)).toBe(true)
  })
})

describe('repeats', () => {
  const programme = { everyWeeks: 2, steps: ['full' as const, 'tidy' as const] }
  const repeat = (at: number, clock: string, rest: object = {}) => ({
    dogId: dog(at),
    staffId: ids.wren,
    firstDay: '2027-03-03',
    clock,
    programme,
    by: 'Wren',
    ...rest,
  })
  it('are booked half a year ahead in turn, off a closed day with why, and never twice', async () => {
    const opening = {
      days: week('09:00', '17:00'),
      closed: [{ from: '2027-03-17', to: '2027-03-17', why: 'stocktaking' }],
    }
    await database.models.house.update({ opening: JSON.stringify(opening) }, { where: {} })
    const made = await startRepeat(repeat(0, '09:00'), await house())
    if (!made.ok) throw new Error('not made')
    expect(
      made.value.fallen.slice(0, 3).map(({ ruleDay, day, step, because }) => [ruleDay, day, step, because]),
    ).toEqual([
      ['2027-03-03', '2027-03-03', 'full', null],
      ['2027-03-17', '2027-03-18', 'tidy', 'closed: stocktaking'],
      ['2027-03-31', '2027-03-31', 'full', null],
    ])
    const count = await database.models.booking.count()
    expect(count).toBe(13)
    const later = await house(NOW + 21 * DAY_MS)
    await Promise.all([growRepeats(later), growRepeats(later), growRepeats(later)])
    expect(await database.models.booking.count()).toBe(count + 2)
  })
  it('move round what is taken, and are named where their day has no place', async () => {
    await booked(1, '2027-03-03', '09:00')
    await booked(2, '2027-03-17', '09:00', { slotMin: 480, anyway: true })
    const made = await startRepeat(repeat(0, '09:30'), await house())
    if (!made.ok) throw new Error('not made')
    const [first, second] = made.value.fallen
    expect(first?.bookingId).not.toBeNull()
    expect(first?.clock).not.toBe('09:30')
    expect(first?.why).toContain('Wren has Rook')
    expect(second).toMatchObject({ bookingId: null, why: expect.stringContaining('Wren has Tansy') })
    expect(await hardClashes()).toEqual([])
  })
  it('of the van want an address, as any booking of it does', async () => {
    const van = repeat(0, '09:00', { setting: 'mobile' })
    expect(sentences(await startRepeat(van, await house()))).toEqual(['home: Give the address at which the van stops.'])
    expect(await database.models.repeat.count()).toBe(0)
    const home = { place: '4 Ropewalk', from: null, to: null }
    const made = await startRepeat({ ...van, home }, await house())
    expect(made.ok).toBe(true)
    const [row] = await database.models.booking.findAll({ limit: 1 })
    expect(row).toMatchObject({ setting: 'mobile', home: JSON.stringify(home) })
  })
  it('let one be moved without the rest, and end with or without what they booked', async () => {
    const made = await startRepeat(repeat(0, '09:00'), await house())
    if (!made.ok) throw new Error('not made')
    const second = made.value.fallen[1]?.bookingId ?? 0
    await moveBooking({ bookingId: second, day: '2027-03-19', clock: '13:00' }, await house())
    const [row] = (await repeatsView(await house())).rows
    expect(row?.times.slice(0, 3).map(({ day, moved }) => [day, moved])).toEqual([
      ['2027-03-03', false],
      ['2027-03-19', true],
      ['2027-03-31', false],
    ])
    const ended = await endRepeat({ repeatId: made.value.repeatId, callOff: true, by: 'Wren' }, await house())
    const { told } = await bookingStory({ bookingId: second }, await house())
    expect(told[0]).toMatchObject({ by: 'Wren', words: 'Cancelled: its repeat has ended.' })
    expect(ended).toEqual({ ok: true, value: { calledOff: 13 } })
    expect(sentences(await endRepeat({ repeatId: made.value.repeatId, callOff: true }, await house()))).toEqual([
      'repeatId: This repeat has ended already.',
    ])
    expect((await repeatsView(await house())).rows).toEqual([])
  })
})

/** Two dogs in one pair of hands that nobody said yes to. */
async function hardClashes(): Promise<string[]> {
  const rows = await database.models.booking.findAll({ where: { calledOffAt: null }, order: ['startAt'] })
  return rows.flatMap((row, at) =>
    rows.slice(at + 1).flatMap((other) => {
      const sharesHands = other.staffId === row.staffId
      const shares = other.startAt.getTime() < row.startAt.getTime() + row.slotMin * 60_000
      return sharesHands && shares ? [`${row.id} and ${other.id}`] : []
    }),
  )
}

describe('a chain of moves, cancels and repeats', () => {
  it('leaves nothing lost or doubled, and what is free and what is booked make up the hours', async () => {
    let seed = 20270301
    const next = (below: number) => {
      seed = (seed * 1103515245 + 12345) % 2147483648
      return Math.floor((seed / 2147483648) * below)
    }
    const known = new Set<number>()
    const at = await house()
    const days = [0, 1, 2, 3, 4, 7, 8].map((off) => addDays('2027-03-08', off))
    const someDay = () => days[next(days.length)] ?? MONDAY
    const someClock = () => `${String(9 + next(7)).padStart(2, '0')}:${['00', '15', '30', '45'][next(4)]}`
    const someone = () => (next(2) === 0 ? ids.wren : ids.ansel)
    for (let step = 0; step < 70; step++) {
      const some = [...known][next(Math.max(1, known.size))] ?? 0
      const act = next(6)
      if (act <= 1) {
        const made = await bookVisit(asked(next(6), someDay(), someClock(), { staffId: someone() }), at)
        if (made.ok) known.add(made.value.bookingId)
      } else if (act === 2)
        await moveBooking({ bookingId: some, day: someDay(), clock: someClock(), staffId: someone() }, at)
      else if (act === 3) await callOffBooking({ bookingId: some, why: 'chain', as: 'cancelled' }, NOW)
      else if (act === 4) await putBackBooking({ bookingId: some }, at)
      else if (step % 10 === 0) {
        const programme = { everyWeeks: 13, steps: ['full' as const] }
        const repeat = { dogId: dog(next(6)), staffId: someone(), firstDay: someDay(), clock: someClock(), programme }
        const made = await startRepeat(repeat, at)
        if (made.ok) for (const { bookingId } of made.value.fallen) if (bookingId !== null) known.add(bookingId)
      }
    }
    const rows = await database.models.booking.findAll()
    expect(new Set(rows.map(({ id }) => id))).toEqual(known)
    expect(await hardClashes()).toEqual([])
    const perDogDay = rows
      .filter(({ calledOffAt }) => calledOffAt === null)
      .map(({ dogId, startAt }) => `${dogId} ${startAt.toISOString().slice(0, 10)}`)
    expect(new Set(perDogDay).size).toBe(perDogDay.length)
    const view = await bookView(at, { day: '2027-03-08', weeks: '2' })
    for (const { day, free } of view.days)
      for (const { staffId, stretches } of free) {
        const own = view.lines.filter((line) => line.day === day && line.staffId === staffId)
        const isOpen = view.days.find((each) => each.day === day)?.closed === null
        const given = own.map(({ from, slotMin }) => ({ from, to: from + slotMin }))
        expect(stretches).toEqual(isOpen ? without({ from: 540, to: 1020 }, given) : [])
      }
  })
})

describe('who waits', () => {
  it('stands on the list once, fits a gap by length and week, and is off it when booked', async () => {
    await database.models.dog.update({ dueOn: '2027-03-05' }, { where: { id: dog(1) } })
    const line = { dogId: dog(0), from: MONDAY, to: '2027-03-20', note: 'mornings', by: 'Wren' }
    const on = await putOnList(line, await house())
    if (!on.ok) throw new Error('not on the list')
    expect(sentences(await putOnList(line, await house()))).toEqual(['dogId: Clover is on the list already.'])
    await database.models.dog.update({ standing: 'left' }, { where: { id: dog(2) } })
    expect(sentences(await putOnList({ ...line, dogId: dog(2) }, await house()))[0]).toContain('does not come here now')
    await database.models.dog.update({ standing: 'here' }, { where: { id: dog(2) } })
    expect(sentences(await putOnList({ ...line, dogId: dog(2), to: '2027-02-01' }, await house()))[0]).toContain(
      'last day',
    )
    const gap = { day: '2027-03-04', from: 540, to: 720, near: '' }
    expect(
      whoFits(gap, await whoWaits(await house(), gap.day, addDays(gap.day, 1))).map(({ waiting, why }) => [
        waiting.dog,
        waiting.asked,
        why,
      ]),
    ).toEqual([
      ['Rook', false, 'in its right week, leaves 30 min'],
      ['Clover', true, 'leaves 30 min'],
    ])
    const shown = async (works: 'salon' | 'van') => {
      const { gaps, asked } = await waitingView({ ...(await house()), works })
      const fits = gaps.flatMap(({ fits }) => fits.map(({ waiting: { dog, owner } }) => `${dog} of ${owner}`))
      return { fits: [...new Set(fits)].sort(), asked: asked.map(({ dog: name }) => name) }
    }
    expect(await shown('salon')).toEqual({ fits: ['Clover of Owner 0', 'Rook of Owner 1'], asked: ['Clover'] })
    expect(await shown('van')).toEqual(await shown('salon'))
    await takeOffList({ id: on.value.id, off: true }, NOW)
    await takeOffList({ id: on.value.id, off: false }, NOW)
    await booked(0, '2027-03-04', '09:00')
    await booked(1, '2027-03-05', '09:00')
    expect(await whoWaits(await house(), MONDAY, '2027-03-20')).toEqual([])
  })
})

describe('who waits still', () => {
  const waits = async () => (await whoWaits(await house(), MONDAY, '2027-03-20')).map(({ dog: name }) => name)
  it('waits on when a repeat books it months ahead, or a person outside of its days', async () => {
    await putOnList({ dogId: dog(0), from: MONDAY, to: '2027-03-12', note: '', by: 'Wren' }, await house())
    const programme = { everyWeeks: 8, steps: ['full' as const] }
    const rest = { staffId: ids.wren, firstDay: '2027-04-01', clock: '09:00', programme }
    expect((await startRepeat({ dogId: dog(0), ...rest }, await house())).ok).toBe(true)
    expect(await waits()).toEqual(['Clover'])
    await booked(0, '2027-03-16', '09:00')
    expect(await waits()).toEqual(['Clover'])
    await booked(0, '2027-03-11', '09:00')
    expect(await waits()).toEqual([])
  })
})

describe('a dog that does not come any more', () => {
  it('has its bookings called off by name, with that in their story; the others stay', async () => {
    const first = await booked(0, '2027-03-04', '09:00')
    const second = await booked(0, '2027-03-11', '09:00')
    await sayDogComes({ dogId: dog(0), standing: 'left', callOff: [first.bookingId] }, NOW)
    const { told, counts } = await bookingStory({ bookingId: first.bookingId }, await house())
    expect(told[0]?.words).toBe('Cancelled: is not coming back.')
    expect(counts).toBe('Of 2 bookings of this dog: cancelled 1.')
    const view = await bookView(await house(), { day: '2027-03-04', weeks: '2' })
    expect(view.lines.map(({ bookingId }) => bookingId)).toEqual([second.bookingId])
    expect(view.calledOff.map(({ bookingId, why }) => [bookingId, why])).toEqual([
      [first.bookingId, 'is not coming back'],
    ])
  })
  it('is offered no time, and is not proposed for a gap', async () => {
    await database.models.dog.update({ standing: 'away', dueOn: '2027-03-05' }, { where: { id: dog(2) } })
    const found = await proposeTimes({ dogId: dog(2), sameAsLast: false, tidy: false }, await house())
    expect(sentences(found)).toEqual(['dogId: Tansy does not come at present; change that on its file first.'])
    expect((await whoWaits(await house(), MONDAY, '2027-03-20')).map(({ dogId }) => dogId)).not.toContain(dog(2))
  })
})

describe('words to owners', () => {
  it('are owed until they are marked, follow a move, and are not sent where nobody agreed', async () => {
    const { bookingId } = await booked(0, '2027-03-04', '09:00')
    await booked(1, '2027-03-04', '13:00')
    await saveWords({ kind: 'confirmation', words: '{dog}: {day} at {time}. {owner}, bye!' })
    const due = async () => (await outboxView(await house())).due
    const [first, second] = await due()
    expect(first).toMatchObject({
      kind: 'confirmation',
      agreed: true,
      words: 'Clover: Thursday 4 March at 09:00. Owner 0, bye!',
    })
    expect(second).toMatchObject({ dog: 'Rook', agreed: null })
    expect(sentences(await markSaid({ about: second?.about ?? '', way: 'sms' }, await house()))).toEqual([
      'way: Owner 1 did not agree to messages: call instead.',
    ])
    expect((await markSaid({ about: second?.about ?? '', way: 'told' }, await house())).ok).toBe(true)
    const at = await house()
    const twice = await Promise.all(
      [1, 2].map(() => markSaid({ about: first?.about ?? '', way: 'sms', by: 'Wren' }, at)),
    )
    expect(twice.filter(({ ok }) => ok)).toHaveLength(1)
    expect(await due()).toEqual([])
    await moveBooking({ bookingId, clock: '10:00' }, await house())
    expect((await due()).map(({ kind }) => kind)).toEqual(['moved'])
    await moveBooking({ bookingId, clock: '09:00' }, await house())
    expect(await due()).toEqual([])
    await takeBack(first?.about ?? '')
    expect((await due()).map(({ kind }) => kind)).toEqual(['confirmation'])
    await markSaid({ about: first?.about ?? '', way: 'sms' }, await house())
    await callOffBooking({ bookingId, why: 'ill', as: 'cancelled' }, NOW)
    expect((await due()).map(({ kind }) => kind)).toEqual(['cancelled'])
    await database.models.dog.update({ standing: 'died' }, { where: { id: dog(0) } })
    expect(await due()).toEqual([])
  })
})

describe('calendars', () => {
  const read = (text: string) => new ICAL.Component(ICAL.parse(text) as unknown[])
  it('tell a person’s days with their zone; a booking keeps its UID when it moves and when it is cancelled', async () => {
    await database.models.house.update({ timeZone: 'Europe/London' }, { where: {} })
    const { bookingId } = await booked(0, '2027-03-30', '09:00')
    await booked(1, '2027-03-23', '09:00', { staffId: ids.ansel })
    const made = await changeFeed({ staffId: ids.wren, address: 'new' }, await house())
    const secret = made.ok ? (made.value.secret ?? '') : ''
    const eventsOf = async () => read((await calendarFeed(secret, await house())) ?? '').getAllSubcomponents('vevent')
    const [event] = (await eventsOf()).map((part) => new ICAL.Event(part))
    expect(await eventsOf()).toHaveLength(1)
    // Two days after London went to summer time: nine there is eight in UTC.
    expect(event?.startDate.toJSDate().toISOString()).toBe('2027-03-30T08:00:00.000Z')
    expect(String(event?.component.getFirstProperty('dtstart')?.getParameter('tzid'))).toBe('Europe/London')
    expect(read((await calendarFeed(secret, await house())) ?? '').getAllSubcomponents('vtimezone')).toHaveLength(1)
    await moveBooking({ bookingId, day: '2027-03-24' }, await house())
    const [moved] = (await eventsOf()).map((part) => new ICAL.Event(part))
    expect(moved?.uid).toBe(event?.uid)
    expect(moved?.sequence).toBeGreaterThan(event?.sequence ?? 0)
    expect(moved?.startDate.toJSDate().toISOString()).toBe('2027-03-24T09:00:00.000Z')
    await callOffBooking({ bookingId, why: 'ill', as: 'cancelled' }, NOW)
    const [gone] = (await eventsOf()).map((part) => new ICAL.Event(part))
    expect([gone?.uid, gone?.component.getFirstPropertyValue('status')]).toEqual([event?.uid, 'CANCELLED'])
  })
  it('of the house tell who grooms, of the van where it stops, and each dog in its household', async () => {
    await booked(0, '2027-03-04', '09:00', {
      setting: 'mobile',
      home: { place: '4 Ropewalk', from: null, to: null },
    })
    await booked(1, '2027-03-04', '09:00', { staffId: ids.ansel, standing: 'asked' })
    const made = await changeFeed({ staffId: 0, address: 'new' }, await house())
    const text = await calendarFeed(made.ok ? (made.value.secret ?? '') : '', await house())
    const events = read(text ?? '')
      .getAllSubcomponents('vevent')
      .map((part) => new ICAL.Event(part))
    expect(events.map(({ summary, location, description }) => [summary, location, description])).toEqual([
      ['Clover, teddy (Wren)', '4 Ropewalk', 'cavapoo, Home 0: booked'],
      ['Rook, teddy (Ansel)', null, 'cavapoo, Home 1: asked for, not promised yet'],
    ])
    expect(sentences(await changeFeed({ staffId: 9999, address: 'new' }, await house()))).toEqual([
      'staffId: Nobody of that name works here.',
    ])
  })
  it('have an address that can be renewed and taken away; the old one leads nowhere', async () => {
    const first = await changeFeed({ staffId: 0, address: 'new' }, await house())
    const second = await changeFeed({ staffId: 0, address: 'new' }, await house())
    const secrets = [first, second].map((each) => (each.ok ? (each.value.secret ?? '') : ''))
    expect(secrets[0]).toHaveLength(43)
    expect(await calendarFeed(secrets[0] ?? '', await house())).toBeNull()
    expect(await calendarFeed(secrets[1] ?? '', await house())).toContain('BEGIN:VCALENDAR')
    await changeFeed({ staffId: 0, address: 'none' }, await house())
    expect(await calendarFeed(secrets[1] ?? '', await house())).toBeNull()
    expect((await feedsOf(await house())).map(({ label }) => label)).toEqual(['Test house', 'Wren', 'Ansel', 'Jory'])
  })
  const file = (...events: string[]) =>
    ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//x//EN', ...events, 'END:VCALENDAR'].join('\r\n')
  const event = (uid: string, ...lines: string[]) =>
    ['BEGIN:VEVENT', `UID:${uid}`, 'DTSTAMP:20270101T000000Z', ...lines, 'END:VEVENT'].join('\r\n')
  it('give busy times: whole days, repeats with one moved, no free or cancelled ones; read twice they are there once', async () => {
    const text = file(
      event('dentist', 'DTSTART:20270303T143000Z', 'DTEND:20270303T160000Z', 'SUMMARY:Dentist'),
      event('away', 'DTSTART;VALUE=DATE:20270310', 'DTEND;VALUE=DATE:20270312', 'SUMMARY:Away'),
      event('class', 'DTSTART:20270302T160000', 'DTEND:20270302T170000', 'RRULE:FREQ=WEEKLY;COUNT=3', 'SUMMARY:Class'),
      event(
        'class',
        'RECURRENCE-ID:20270309T160000',
        'DTSTART:20270308T160000',
        'DTEND:20270308T170000',
        'SUMMARY:Class',
      ),
      event('free', 'DTSTART:20270303T090000Z', 'DTEND:20270303T100000Z', 'TRANSP:TRANSPARENT'),
      event('gone', 'DTSTART:20270303T090000Z', 'DTEND:20270303T100000Z', 'STATUS:CANCELLED'),
      event('past', 'DTSTART:20270103T090000Z', 'DTEND:20270103T100000Z'),
    )
    const at = await house()
    const times = readCalendar({ staffId: ids.wren, text }, at)
    if (!times.ok) throw new Error('not read')
    expect(times.value.left).toBe(3)
    expect(times.value.times.map(({ uid, fromMs }) => `${uid} ${new Date(fromMs).toISOString().slice(0, 16)}`)).toEqual(
      [
        'class 2027-03-02T16:00',
        'dentist 2027-03-03T14:30',
        'class 2027-03-08T16:00',
        'away 2027-03-10T00:00',
        'class 2027-03-16T16:00',
      ],
    )
    await keepCalendar({ staffId: ids.wren, text }, at)
    await keepCalendar({ staffId: ids.wren, text }, at)
    expect(await busyTimes(at)).toHaveLength(5)
    expect(sentences(await bookVisit(asked(0, '2027-03-11', '09:00'), at))).toEqual([
      'anyway: Wren is away then: Away.',
    ])
    const [first] = await busyTimes(at)
    expect((await freeTime(first?.id ?? 0, NOW)).ok).toBe(true)
    expect(await busyTimes(at)).toHaveLength(4)
  })
  it.each([
    ['no calendar', 'hello'],
    ['half a one', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n'],
    ['an empty one', ''],
  ])('refuse %s with a sentence', async (_, text) =>
    expect(sentences(readCalendar({ staffId: ids.wren, text }, await house()))[0]).toContain('not a calendar file'),
  )
})
