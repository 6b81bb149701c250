import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { keptDay, planDay, plannedDay, proposalOf } from '@/core/day'
import { VisitEvent } from '@/core/visit'
import { tellQueries, type Database } from '@/data/connection'
import { readDayDeeds } from '@/data/dayDeeds'
import { DayAsked, decideDay } from '@/service/day/decideDay'
import { dayEntries } from '@/service/day/dayEntry'
import { dayView } from '@/service/day/dayView'
import { houseDay } from '@/service/day/houseDay'
import { roadDay } from '@/service/day/roadDay'
import { openHouse as theHouse } from '@/service/house/openHouse'
import { appendEvents } from '@/service/visit/appendEvents'
import { beginVisit } from '@/service/visit/beginVisit'
import { benchView } from '@/service/visit/benchView'
import { bookAgain, bookQuill, emptyBook, openHouse, type Server } from './house'

let server: Server
let database: Database
const TUESDAY = '2027-03-02'
const NINE = Date.UTC(2027, 2, 2, 9)
const MIN = 60_000

beforeAll(async () => {
  ;({ server, database } = await openHouse(`${process.cwd()}/.kovit-test/day`))
})
afterAll(async () => {
  await database?.sequelize.close()
  await server?.stop()
})

/** Quill at nine and Otis at ten, with Wren and the bather Jory. */
const ids = { quill: 0, otis: 0, wren: 0, jory: 0 }
beforeEach(async () => {
  const { models } = database
  await emptyBook(database)
  await models.house.update({ timeZone: 'UTC', works: 'salon', van: '{}' }, { where: {} })
  const quill = await bookQuill(database)
  const jory = await models.staff.create({ name: 'Jory', role: 'bather' })
  const first = await models.dog.findByPk(quill.dogId)
  const { id: dogId } = await models.dog.create({ ...first, id: undefined, name: 'Otis', callId: null })
  const otis = await bookAgain(database, { dogId, staffId: quill.staffId }, NINE + 60 * MIN, { pattern: 'one-length' })
  Object.assign(ids, { quill: quill.bookingId, otis: otis.id, wren: quill.staffId, jory: jory.id })
})

const at = (min: number) => theHouse(NINE + min * MIN)
const asPlanned = async (min: number) => {
  const house = await at(min)
  return houseDay(await dayEntries(house, TUESDAY), house, TUESDAY)
}
const decide = async (min: number, after: number, deed: unknown) =>
  decideDay(DayAsked.parse({ day: TUESDAY, after, deed, by: 'Wren' }), await at(min))
const sentence = (done: Awaited<ReturnType<typeof decide>>) =>
  done.ok ? 'kept' : done.problems.map(({ path, sentence: said }) => `${path}: ${said}`).join(' ')
const messages = async (min: number) =>
  (await dayView(await at(min), TUESDAY)).messages.map(({ dog, owner, words }) => ({ dog, owner, words }))

describe('a day that is over', () => {
  it('draws what was left open as far as it was noted, and foresees nothing', async () => {
    const begun = await beginVisit(ids.quill, await at(0))
    const visitId = begun.ok ? begun.value.visitId : 0
    const started = { id: randomUUID(), kind: 'stage-started', stage: 'arrive', atMs: NINE + 5 * MIN, by: 'Wren' }
    await appendEvents(visitId, [VisitEvent.parse(started)], NINE)
    const nextDay = await dayEntries(await at(24 * 60), TUESDAY)
    expect(nextDay.map(({ forecast }) => forecast)).toEqual([null, null])
    const [quill, otis] = nextDay.map(({ segments }) => segments)
    expect(quill?.find(({ stage }) => stage === 'arrive')?.fromMin).toBe(5)
    // Behind what was noted comes what was planned, from that minute and not from now.
    expect(quill?.at(-1)?.toMin).toBeLessThan(300)
    expect(otis?.[0]?.fromMin).toBe(0)
    // The same evening it still goes on.
    const evening = await dayEntries(await at(12 * 60), TUESDAY)
    expect(evening.every(({ forecast, segments }) => forecast !== null && (segments.at(-1)?.toMin ?? 0) > 600)).toBe(
      true,
    )
  })
})

describe('a plan of the day that is taken', () => {
  it('stands for every screen until it is taken back, and its log keeps both', async () => {
    const plan = planDay((await asPlanned(-30)).day)
    expect(sentence(await decide(-30, 0, { kind: 'take', plan }))).toBe('kept')
    expect((await asPlanned(-20)).standing.taken).toMatchObject({ no: 1, by: 'Wren', plan })
    expect(sentence(await decide(-10, 1, { kind: 'undo', of: 1 }))).toBe('kept')
    const { standing } = await asPlanned(-5)
    expect([standing.taken, standing.lastNo, standing.last]).toEqual([null, 2, null])
    expect((await readDayDeeds(TUESDAY)).map(({ deed: { kind } }) => kind)).toEqual(['take', 'undo'])
    expect(sentence(await decide(-5, 2, { kind: 'undo', of: 1 }))).toBe(
      'of: This was taken back already, or something was decided after it.',
    )
  })
  it('is not taken over what another screen decided meanwhile', async () => {
    const plan = planDay((await asPlanned(-30)).day)
    const twice = await Promise.all([0, 1].map(() => decide(-30, 0, { kind: 'take', plan })))
    expect(twice.map(sentence).sort()).toEqual([
      'kept',
      'version: The plan of this day was changed on another screen meanwhile: by Wren. Look at it as it is now, then change it again.',
    ])
    expect(await readDayDeeds(TUESDAY)).toHaveLength(1)
  })
  it('is refused for a day that is over, and with dogs that are not in the day', async () => {
    const plan = planDay((await asPlanned(-30)).day)
    expect(sentence(await decide(24 * 60, 0, { kind: 'take', plan }))).toBe(
      'day: This day is over: nothing is planned into it.',
    )
    const other = { ...plan, dogs: plan.dogs.map((dog) => ({ ...dog, id: `${dog.id} the second` })) }
    expect(sentence(await decide(-30, 0, { kind: 'take', plan: other }))).toBe(
      'plan: The day has other dogs than this plan: look at it again.',
    )
  })
})

describe('what is fixed', () => {
  it('is who does a stage and from when, as far as they work and may do it', async () => {
    const lock = { kind: 'lock', bookingId: ids.otis, stages: ['wash', 'condition'], staffId: ids.jory, from: '11:00' }
    expect(sentence(await decide(-30, 0, lock))).toBe('kept')
    const { day } = await asPlanned(-20)
    expect(day.dogs.find(({ id }) => id === 'Otis')?.locks).toEqual([
      { stage: 'wash', person: 'Jory', from: '11:00' },
      { stage: 'condition', person: 'Jory' },
    ])
    expect(sentence(await decide(-20, 1, { ...lock, stages: ['head'] }))).toBe(
      'staffId: Jory is a bather: this stage is a groomer’s.',
    )
    expect(sentence(await decide(-20, 1, { ...lock, bookingId: 9999 }))).toBe(
      'bookingId: This dog is not booked on this day.',
    )
    expect(sentence(await decide(-20, 1, { ...lock, staffId: null, from: null }))).toBe('kept')
    expect((await asPlanned(-10)).day.dogs.find(({ id }) => id === 'Otis')?.locks).toEqual([])
  })
  it('and a dog that is not to stand in a bay', async () => {
    expect(sentence(await decide(-30, 0, { kind: 'bay', bookingId: ids.otis, may: false }))).toBe('kept')
    expect((await asPlanned(-20)).day.dogs.find(({ id }) => id === 'Otis')?.noBay).toBe(true)
  })
})

/** Quill is brought in time and then stands at its first stage for two hours and a half. */
async function quillRunsLate() {
  const visit = await beginVisit(ids.quill, await at(0))
  if (!visit.ok) throw new Error('not begun')
  const started = (min: number, stage: string) =>
    VisitEvent.parse({ id: randomUUID(), atMs: NINE + min * MIN, by: 'Wren', kind: 'stage-started', stage })
  await appendEvents(visit.value.visitId, [started(0, 'arrive'), started(4, 'look-over')], NINE + 150 * MIN)
  return visit.value.visitId
}

describe('a dog that runs late', () => {
  it('the day is planned again from now; taken, its owners are told; taken back, nobody is', async () => {
    const plan = planDay((await asPlanned(-30)).day)
    await decide(-30, 0, { kind: 'take', plan })
    await quillRunsLate()
    const now = await asPlanned(150)
    const [kept, anew] = [keptDay(now.day, plan), plannedDay(now.day)]
    expect(kept.plan.breaks.map(({ rule, dog }) => `${rule} ${dog}`)).toContain('promise Quill')
    expect(proposalOf(now.day, plan, kept, anew)).not.toBeNull()
    const before = await messages(150)
    expect(before.filter(({ dog }) => dog === 'Quill')).toEqual([])
    expect(sentence(await decide(150, 1, { kind: 'take', plan: anew.plan }))).toBe('kept')
    const quill = anew.plan.dogs.find(({ id }) => id === 'Quill')
    expect((await messages(151)).find(({ dog }) => dog === 'Quill')?.words).toBe(
      `Quill will be done about ${quill?.done}, not at 13:00.`,
    )
    expect(sentence(await decide(152, 2, { kind: 'undo', of: 2 }))).toBe('kept')
    expect(await messages(153)).toEqual(before)
    expect((await asPlanned(153)).standing.taken?.plan).toEqual(plan)
  })
  it('what happened stays, whatever is planned', async () => {
    await quillRunsLate()
    const { day } = await asPlanned(150)
    expect(day.happened).toMatchObject([
      { dog: 'Quill', stage: 'arrive', person: 'Wren', from: '09:00', to: '09:04' },
      { dog: 'Quill', stage: 'look-over', person: 'Wren', from: '09:04', to: null },
    ])
    const { work } = planDay(day)
    expect(work.filter(({ dog, stage }) => dog === 'Quill' && stage === 'arrive')).toEqual([])
    expect(work.find(({ dog, stage }) => dog === 'Quill' && stage === 'look-over')).toMatchObject({
      person: 'Wren',
      from: '09:04',
    })
  })
  it('the bench knows whose hands come next', async () => {
    const { day } = await asPlanned(-30)
    const fixed = { kind: 'lock', bookingId: ids.quill, stages: ['wash'], staffId: ids.jory, from: null }
    await decide(-30, 0, fixed)
    const plan = planDay((await asPlanned(-30)).day)
    const visitId = await quillRunsLate()
    expect((await benchView(visitId, await at(5)))?.hands).toBeNull()
    await decide(-20, 1, { kind: 'take', plan })
    const hands = (await benchView(visitId, await at(5)))?.hands
    expect(hands?.own.find(({ stage }) => stage === 'wash')).toEqual({ stage: 'wash', person: 'Jory' })
    expect(new Set(hands?.besides.map(({ dog }) => dog))).toEqual(new Set(['Otis']))
    expect(day.people.map(({ id }) => id)).toEqual(['Wren', 'Jory'])
  })
})

describe('a bench', () => {
  const begin = async (bookingId: number) => {
    const visit = await beginVisit(bookingId, await at(0))
    if (!visit.ok) throw new Error('not begun')
    const arrived = { id: randomUUID(), atMs: NINE, by: 'Wren', kind: 'stage-started', stage: 'arrive' }
    await appendEvents(visit.value.visitId, [VisitEvent.parse(arrived)], NINE + MIN)
    return visit.value.visitId
  }
  const others = async (visitId: number) => {
    let questions = 0
    tellQueries(() => void questions++)
    const view = await benchView(visitId, await at(5))
    tellQueries(() => {})
    return { names: view?.others.map(({ name }) => name).sort(), questions }
  }
  it('knows the others that are under way, and asks no more however many they are', async () => {
    const mine = await begin(ids.quill)
    await begin(ids.otis)
    const one = await others(mine)
    expect(one.names).toEqual(['Otis'])
    const rest = { dogId: (await database.models.booking.findByPk(ids.otis))?.dogId ?? 0, staffId: ids.wren }
    for (const min of [120, 180, 240]) await begin((await bookAgain(database, rest, NINE + min * MIN)).id)
    expect(await others(mine)).toEqual({ names: ['Otis', 'Otis', 'Otis', 'Otis'], questions: one.questions })
  })
})

describe('the van’s road', () => {
  const onTheRoad = async () => {
    const { models } = database
    await models.house.update(
      { works: 'both', van: JSON.stringify({ tankLitres: 200, base: 'the yard', spot: '50.12, -5.25' }) },
      { where: {} },
    )
    await models.booking.update(
      { setting: 'mobile', home: JSON.stringify({ place: '4 Ropewalk', from: '09:30', to: '17:30' }) },
      { where: {} },
    )
    await models.household.update({ place: '4 Ropewalk' }, { where: {} })
    const house = await at(-60)
    return { house, entries: await dayEntries(house, TUESDAY) }
  }
  it('two dogs of one household are one door, set up at once, groomed one after the other within its window', async () => {
    const { house, entries } = await onTheRoad()
    const road = await roadDay(entries, house, TUESDAY)
    if (!road) throw new Error('no road')
    const { stops, dogs } = planDay(road.day)
    expect(stops.map((stop) => stop.dogs)).toEqual([['Quill', 'Otis']])
    expect(dogs.every(({ begins }) => begins >= '09:30')).toBe(true)
    expect(dogs[1]?.begins).toBe(dogs[0]?.done)
    expect(road.doors.Quill).toMatchObject({ place: '4 Ropewalk', madeUp: true })
    expect(road.base).toBe('the yard')
  })
  it('a door that somebody placed lies there; at another address it lies where nobody said', async () => {
    const { models } = database
    await onTheRoad()
    await models.household.update({ spot: '50.14, -5.23' }, { where: {} })
    await models.booking.update(
      { home: JSON.stringify({ place: 'her sister’s', from: null, to: null }) },
      { where: { id: ids.otis } },
    )
    const house = await at(-60)
    const road = await roadDay(await dayEntries(house, TUESDAY), house, TUESDAY)
    expect(road?.day.dogs.find(({ id }) => id === 'Quill')?.home).toEqual({ lat: 50.14, lon: -5.23 })
    expect([road?.doors.Quill?.madeUp, road?.doors.Otis?.madeUp]).toEqual([false, true])
    // Without a window, hands are at the door when it was booked.
    expect(road?.day.dogs.find(({ id }) => id === 'Otis')).toMatchObject({ bring: '10:00', promise: '14:00' })
  })
  it('its plan is taken beside that of the house, tells when the van comes, and is taken back', async () => {
    const { house, entries } = await onTheRoad()
    const road = await roadDay(entries, house, TUESDAY)
    if (!road) throw new Error('no road')
    const plan = planDay(road.day)
    expect(sentence(await decide(-60, 0, { kind: 'take', plan }))).toBe('kept')
    const again = await roadDay(entries, await at(-50), TUESDAY)
    expect([again?.standing.taken?.plan, again?.takenAt]).toEqual([plan, '08:00'])
    expect((await asPlanned(-50)).standing).toMatchObject({ taken: null, lastNo: 1 })
    expect((await messages(-50)).map(({ words }) => words)).toContain(
      `The van comes to Otis about ${plan.dogs[1]?.begins}.`,
    )
    expect(sentence(await decide(-50, 1, { kind: 'undo', of: 1 }))).toBe('kept')
    expect((await roadDay(entries, await at(-40), TUESDAY))?.standing.taken).toBeNull()
    await database.models.booking.update({ setting: 'salon', home: null }, { where: {} })
    expect(sentence(await decide(-40, 2, { kind: 'take', plan }))).toBe(
      'plan: The van stops at no door on this day any more.',
    )
  })
  it('who is out takes no dog in the house, and the day in the house knows no dog of the road', async () => {
    const { house, entries } = await onTheRoad()
    const { day } = await houseDay(entries, house, TUESDAY)
    expect([day.people.map(({ id }) => id), day.dogs]).toEqual([['Jory'], []])
    expect(await roadDay([], house, TUESDAY)).toBeNull()
  })
})

describe('the days on which clocks change', () => {
  it.each([
    ['2027-03-28', 'forward'],
    ['2027-10-31', 'back'],
  ])('%s, %s: the plan reads what the house’s clock showed', async (date) => {
    const { models } = database
    await models.house.update({ timeZone: 'Europe/London' }, { where: {} })
    const house = await theHouse(Date.parse(`${date}T00:30:00Z`))
    await models.booking.update({ startAt: new Date(house.time.at(date, '09:00')) }, { where: { id: ids.quill } })
    await models.booking.update({ startAt: new Date(house.time.at(date, '10:00')) }, { where: { id: ids.otis } })
    const { day } = await houseDay(await dayEntries(house, date), house, date)
    expect(day.dogs.map(({ id, bring, promise }) => [id, bring, promise])).toEqual([
      ['Quill', '09:00', '13:00'],
      ['Otis', '10:00', '14:00'],
    ])
    const later = { ...house, nowMs: house.time.at(date, '09:30') }
    const visit = await beginVisit(ids.quill, { ...house, nowMs: house.time.at(date, '09:00') })
    if (!visit.ok) throw new Error('not begun')
    const event = VisitEvent.parse({
      id: randomUUID(),
      atMs: house.time.at(date, '09:05'),
      by: 'Wren',
      kind: 'stage-started',
      stage: 'arrive',
    })
    await appendEvents(visit.value.visitId, [event], later.nowMs)
    const seen = await houseDay(await dayEntries(later, date), later, date)
    expect([seen.day.now, seen.day.happened[0]?.from]).toEqual(['09:30', '09:05'])
    expect(planDay(seen.day).work.every(({ from }) => from >= '09:05')).toBe(true)
  })
})
