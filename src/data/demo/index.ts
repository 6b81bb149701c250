import dayjs from 'dayjs'
import timezone from 'dayjs/plugin/timezone'
import utc from 'dayjs/plugin/utc'
import { makePlan } from '@/core/plan'
import type { Request } from '@/core/request'
import { addBooking, type NewBooking } from '../bookings'
import { readBookingFile } from '../caseOfBooking'
import { database } from '../connection'
import { proposeSlot } from '../proposeSlot'
import { appendEvents, closeVisit, startVisit } from '../visits'
import { DEMO_BLADES, DEMO_COMBS, DEMO_DOGS, DEMO_HOUSE, DEMO_HOUSEHOLDS, DEMO_STAFF, type DemoDog } from './cast'
import { makeDesk } from './desk'
import { measure } from './measure'
import { seeded, type Chance } from './random'
import { minutesTo, simulateVisit, type Told } from './simulate'

dayjs.extend(utc)
dayjs.extend(timezone)

const MS_PER_MIN = 60_000
const DAY_MS = 24 * 60 * MS_PER_MIN
const SEED = 1702
/** Two dogs of today are tried out first, each with a source of its own: an event's id is made once. */
const QUILL_SEED = 1703
const OTTOLINE_SEED = 1704
const YEARS_BACK = 2
/** Quill's day runs slow, so that the demo shows a slot in danger. */
const LATE_DAY = 1.24
const INTO_HEAD_MIN = 9
const QUARTER = 15 * MS_PER_MIN

const dayOf = (ms: number) => dayjs(ms).tz(DEMO_HOUSE.timeZone).format('YYYY-MM-DD')
const atHouseTime = (ms: number, hour: number) => dayjs(ms).tz(DEMO_HOUSE.timeZone).startOf('day').hour(hour).valueOf()
const toQuarter = (ms: number) => Math.round(ms / QUARTER) * QUARTER

interface Person {
  id: number
  name: string
}

/**
 * Makes Tern Harbour: two years of visits and a day half done, by the same calls that the app makes.
 * Everything that is not about the clock is the same every time.
 */
export async function makeDemo(nowMs: number): Promise<string> {
  const staff = await makeHouse()
  const [wren, ansel] = staff as [Person, Person]
  const chance = seeded(SEED)
  const dogs = await makeDogs(nowMs)
  let visits = 0
  for (const [index, { id, dog }] of dogs.entries())
    visits += await makeHistory(id, dog, index % 2 === 0 ? wren : ansel, nowMs, chance)
  await makeToday(dogs, wren, ansel, nowMs, chance)
  await makeWeeksAhead(dogs, wren, ansel, nowMs, chance)
  await makeDesk(dogs, wren.name, nowMs)
  return `${dogs.length} demo dogs with ${visits} past visits`
}

async function makeHouse(): Promise<Person[]> {
  const { house, staff, tool } = database().models
  await house.create(DEMO_HOUSE)
  await tool.bulkCreate([
    ...DEMO_BLADES.map((name) => ({ kind: 'blade' as const, name })),
    ...DEMO_COMBS.map((name) => ({ kind: 'comb' as const, name })),
  ])
  const people: Person[] = []
  for (const each of DEMO_STAFF) people.push({ id: (await staff.create(each)).id, name: each.name })
  return people
}

async function makeDogs(nowMs: number): Promise<{ id: number; dog: DemoDog }[]> {
  const { household, owner, dog: table } = database().models
  const homes = new Map<string, number>()
  for (const { name, place, owner: ownerName } of DEMO_HOUSEHOLDS) {
    const { id } = await household.create({ name, place })
    homes.set(name, id)
    await owner.create({ householdId: id, name: ownerName })
  }
  const made: { id: number; dog: DemoDog }[] = []
  for (const dog of DEMO_DOGS) {
    const { name, breed, coat, build, weightKg, heightCm, lengthCm, sex } = dog
    const row = await table.create({
      name, breed, coat, build, weightKg, heightCm, lengthCm, sex,
      householdId: homes.get(dog.household) ?? 0,
      bornOn: dayjs(nowMs).subtract(dog.ageYears, 'year').subtract(40, 'day').format('YYYY-MM-DD'),
      neutered: true, lightSkin: false, faceShape: 'normal',
      measures: JSON.stringify(dog.measures ?? {}), behaviour: JSON.stringify(dog.behaviour), health: JSON.stringify(dog.health),
    }) // prettier-ignore
    made.push({ id: row.id, dog })
  }
  return made
}

/** Lashes as they are on a dog that nobody cut. Demo. */
const FIRST_LASHES_MM = 18

/** Past visits from the first one on, each planned from the one before. */
async function makeHistory(
  dogId: number,
  dog: DemoDog,
  groomer: Person,
  nowMs: number,
  chance: Chance,
): Promise<number> {
  const weeks = Math.min(dog.sinceWeeks ?? YEARS_BACK * 52, Math.max(12, dog.ageYears * 52 - 20))
  const count = Math.floor((weeks - dog.everyWeeks) / dog.everyWeeks)
  for (let visit = count; visit >= 1; visit--) {
    const day = nowMs - (visit * dog.everyWeeks * 7 + Math.round(chance.between(-3, 3))) * DAY_MS
    const startMs = atHouseTime(day, 9) + Math.floor(chance.between(0, 16)) * QUARTER
    const first = visit === count
    const again: Request = { ...withoutWishes(dog.request), sameAsLast: true }
    const wished = visit === 1 && dog.latestWish ? { lengthsMm: dog.latestWish } : {}
    const request = first ? dog.request : { ...again, ...wished }
    const bookingId = await book(
      dogId,
      groomer,
      startMs,
      request,
      first ? { all: dog.firstCoatMm, lashes: FIRST_LASHES_MM } : {},
    )
    if (!first) await measure(bookingId, dog, chance, dayOf)
    await groom(bookingId, groomer, startMs, chance, Infinity, 1, toldOf(dog, visit))
  }
  return count
}

/** What the last visits noted of a dog besides the minutes: a lump that stayed, a fear that grew or eased, its weight. */
function toldOf({ told = {}, weightKg }: DemoDog, visitsAgo: number): Told[] {
  const weighed: Told = {
    at: 'arrive',
    kind: 'weighed',
    weightKg: Math.round(weightKg * (1 - 0.004 * visitsAgo) * 10) / 10,
  }
  return visitsAgo > 4 ? [] : [weighed, ...(told[visitsAgo] ?? [])]
}

/** The last card says it all; only the pattern is carried along for what a face means. */
const withoutWishes = ({ pattern }: Request): Request => ({ ...(pattern ? { pattern } : {}) })

/** Books with the slot that the plan asks for. */
async function book(
  dogId: number,
  groomer: Person,
  startMs: number,
  request: Request,
  coatNowMm: NewBooking['coatNowMm'],
  mats: NewBooking['mats'] = {},
) {
  const service = request.pattern === 'bath-tidy' ? 'Bath and tidy' : 'Full groom'
  const draft = { dogId, staffId: groomer.id, startMs, service, request, coatNowMm, mats, setting: 'salon' as const }
  return addBooking({ ...draft, slotMin: (await proposeSlot(draft, dayOf)) ?? 0 })
}

async function planOf(bookingId: number) {
  const file = await readBookingFile(bookingId, dayOf)
  if (!file) throw new Error(`No booking ${bookingId}`)
  return makePlan(file.planned)
}

/** Runs one groom; stops at `untilMs` when the day is not over. */
async function groom(
  bookingId: number,
  groomer: Person,
  startMs: number,
  chance: Chance,
  untilMs = Infinity,
  slow = 1,
  told: readonly Told[] = [],
): Promise<void> {
  const file = await readBookingFile(bookingId, dayOf)
  if (!file) throw new Error(`No booking ${bookingId}`)
  const plan = makePlan(file.planned)
  const visitId = await startVisit(bookingId, file.dog.id, file.planned, plan, groomer.name, startMs)
  const log = simulateVisit(plan, startMs, groomer.name, chance, slow, told).filter(({ atMs }) => atMs <= untilMs)
  const kept = await appendEvents(visitId, log, Math.min(startMs, untilMs))
  if (!kept.ok) throw new Error(kept.problems.map(({ sentence }) => sentence).join(' '))
  const end = log.at(-1)
  if (end?.kind === 'finished') await closeVisit(visitId, true, end.atMs + 5 * MS_PER_MIN)
}

async function moveBooking(id: number, startMs: number): Promise<void> {
  await database().models.booking.update({ startAt: new Date(startMs) }, { where: { id } })
}

/** Today half done: two home, one running past her slot's middle, one in the cabinet, two to come. */
async function makeToday(
  dogs: { id: number; dog: DemoDog }[],
  wren: Person,
  ansel: Person,
  nowMs: number,
  chance: Chance,
): Promise<void> {
  const idOf = (name: string) => dogs.find(({ dog }) => dog.name === name)?.id ?? 0
  const requestOf = (name: string): Request => ({
    pattern: dogs.find(({ dog }) => dog.name === name)?.dog.request.pattern,
    sameAsLast: true,
  })
  const slotOf = async (id: number) => (await database().models.booking.findByPk(id))?.slotMin ?? 0

  const quill = await book(idOf('Quill'), wren, nowMs, { ...requestOf('Quill'), lengthsMm: { muzzle: 12, bridge: 12 }, words: 'nose fuller, face shorter than last time' }, { bridge: 2 }, { armpit: 2 }) // prettier-ignore
  const quillTrial = simulateVisit(await planOf(quill), 0, wren.name, seeded(QUILL_SEED), LATE_DAY)
  const quillStart = toQuarter(
    nowMs - ((minutesTo(quillTrial, 'stage-started', 'head') ?? 0) + INTO_HEAD_MIN) * MS_PER_MIN,
  )
  await moveBooking(quill, quillStart)
  await groom(quill, wren, quillStart, seeded(QUILL_SEED), nowMs, LATE_DAY)

  const ottoline = await book(idOf('Ottoline'), ansel, nowMs, requestOf('Ottoline'), {})
  const trial = simulateVisit(await planOf(ottoline), 0, ansel.name, seeded(OTTOLINE_SEED))
  const ottolineStart = nowMs - ((minutesTo(trial, 'wait-started', 'dry') ?? 0) + 6) * MS_PER_MIN
  await moveBooking(ottoline, toQuarter(ottolineStart))
  await groom(ottoline, ansel, ottolineStart, seeded(OTTOLINE_SEED), nowMs)

  for (const [name, groomer, before] of [
    ['Mochi', wren, quillStart],
    ['Fenwick', ansel, toQuarter(ottolineStart)],
  ] as const) {
    const id = await book(idOf(name), groomer, before, requestOf(name), {})
    const startMs = before - (await slotOf(id)) * MS_PER_MIN
    await moveBooking(id, startMs)
    await groom(id, groomer, startMs + MS_PER_MIN, chance, before)
  }
  for (const [name, groomer, behind] of [
    ['Hobnob', wren, quill],
    ['Nettle', ansel, ottoline],
  ] as const) {
    const row = await database().models.booking.findByPk(behind)
    const startMs = (row?.startAt.getTime() ?? nowMs) + (row?.slotMin ?? 0) * MS_PER_MIN + QUARTER
    await book(idOf(name), groomer, startMs, requestOf(name), {}, name === 'Nettle' ? { armpit: 1 } : {})
  }
}

/** Bookings to come: those not here today within two weeks, those who are at their usual interval. */
async function makeWeeksAhead(
  dogs: { id: number; dog: DemoDog }[],
  wren: Person,
  ansel: Person,
  nowMs: number,
  chance: Chance,
): Promise<void> {
  const today = ['Quill', 'Ottoline', 'Mochi', 'Fenwick', 'Hobnob', 'Nettle']
  for (const [index, { id, dog }] of dogs.entries()) {
    if (dog.name === 'Quill') continue // his next date is left open, to be booked at wrap-up
    const days = today.includes(dog.name) ? dog.everyWeeks * 7 : 1 + (Math.floor(index * 1.3) % 12)
    const startMs = atHouseTime(nowMs + days * DAY_MS, 9) + Math.floor(chance.between(0, 14)) * QUARTER
    await book(
      id,
      index % 2 === 0 ? wren : ansel,
      startMs,
      { ...withoutWishes(dog.request), sameAsLast: true, ...(dog.nextWords ? { words: dog.nextWords } : {}) },
      {},
    )
  }
}
