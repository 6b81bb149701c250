import { database } from '../connection'
import type { Request } from '@/core/request'
import type { DemoDog } from './cast'
import { DAY_MS, MS_PER_MIN, QUARTER, toQuarter, type DemoClock } from './clock'
import { book, groom, moveBooking, trueCourse, type Person } from './groom'
import { withoutWishes } from './history'
import { seeded, type Chance } from './random'
import { minutesTo, simulateVisit } from './simulate'

/** The demo's salon while it is being made. */
export interface DemoSalon {
  clock: DemoClock
  dogs: { id: number; dog: DemoDog }[]
  wren: Person
  ansel: Person
  chance: Chance
}

/** Two dogs of today are tried out first, each with a source of its own: an event's id is made once. */
const QUILL_SEED = 1703
const OTTOLINE_SEED = 1704
/** Quill's day runs slow, so that the demo shows a slot in danger. */
const LATE_DAY = 1.34
const INTO_HEAD_MIN = 9

/** Today half done: two home, one running past her slot's middle, one in the cabinet, two to come. */
export async function makeToday({ clock, dogs, wren, ansel, chance }: DemoSalon): Promise<void> {
  const { nowMs } = clock
  const idOf = (name: string) => dogs.find(({ dog }) => dog.name === name)?.id ?? 0
  const requestOf = (name: string): Request => ({
    pattern: dogs.find(({ dog }) => dog.name === name)?.dog.request.pattern,
    sameAsLast: true,
  })
  const slotOf = async (id: number) => (await database().models.booking.findByPk(id))?.slotMin ?? 0

  const quill = await book(
    clock,
    idOf('Quill'),
    wren,
    nowMs,
    { ...requestOf('Quill'), lengthsMm: { muzzle: 12, bridge: 12 }, words: 'nose fuller, face shorter than last time' },
    { bridge: 2 },
    { armpit: 2 },
  )
  const quillTrial = simulateVisit(await trueCourse(clock, quill, wren), 0, wren.name, seeded(QUILL_SEED), LATE_DAY)
  const quillStart = toQuarter(
    nowMs - ((minutesTo(quillTrial, 'stage-started', 'head') ?? 0) + INTO_HEAD_MIN) * MS_PER_MIN,
  )
  await moveBooking(quill, quillStart)
  await groom(clock, quill, wren, quillStart, seeded(QUILL_SEED), nowMs, LATE_DAY)

  const ottoline = await book(clock, idOf('Ottoline'), ansel, nowMs, requestOf('Ottoline'), {})
  const trial = simulateVisit(await trueCourse(clock, ottoline, ansel), 0, ansel.name, seeded(OTTOLINE_SEED))
  const ottolineStart = nowMs - ((minutesTo(trial, 'wait-started', 'dry') ?? 0) + 6) * MS_PER_MIN
  await moveBooking(ottoline, toQuarter(ottolineStart))
  await groom(clock, ottoline, ansel, ottolineStart, seeded(OTTOLINE_SEED), nowMs)

  for (const [name, groomer, before] of [
    ['Mochi', wren, quillStart],
    ['Fenwick', ansel, toQuarter(ottolineStart)],
  ] as const) {
    const id = await book(clock, idOf(name), groomer, before, requestOf(name), {})
    const startMs = before - (await slotOf(id)) * MS_PER_MIN
    await moveBooking(id, startMs)
    await groom(clock, id, groomer, startMs + MS_PER_MIN, chance, before)
  }
  for (const [name, groomer, behind] of [
    ['Hobnob', wren, quill],
    ['Nettle', ansel, ottoline],
  ] as const) {
    const row = await database().models.booking.findByPk(behind)
    const startMs = (row?.startAt.getTime() ?? nowMs) + (row?.slotMin ?? 0) * MS_PER_MIN + QUARTER
    await book(clock, idOf(name), groomer, startMs, requestOf(name), {}, name === 'Nettle' ? { armpit: 1 } : {})
  }
}

/** Bookings to come: those not here today within two weeks, those who are at their usual interval. */
export async function makeWeeksAhead({ clock, dogs, wren, ansel, chance }: DemoSalon): Promise<void> {
  const today = ['Quill', 'Ottoline', 'Mochi', 'Fenwick', 'Hobnob', 'Nettle']
  for (const [index, { id, dog }] of dogs.entries()) {
    if (dog.name === 'Quill') continue // his next date is left open, to be booked at wrap-up
    const days = today.includes(dog.name) ? dog.everyWeeks * 7 : 1 + (Math.floor(index * 1.3) % 12)
    const startMs = clock.atHour(clock.nowMs + days * DAY_MS, 9) + Math.floor(chance.between(0, 14)) * QUARTER
    await book(
      clock,
      id,
      index % 2 === 0 ? wren : ansel,
      startMs,
      { ...withoutWishes(dog.request), sameAsLast: true, ...(dog.nextWords ? { words: dog.nextWords } : {}) },
      {},
    )
  }
}
