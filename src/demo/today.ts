import type { Request } from '@/core/request'
import type { DemoDog } from './cast'
import { MS_PER_MIN, QUARTER, toQuarter, type DemoClock } from './clock'
import { bookingFile } from '@/service/booking/planOf'
import type { OpenHouse } from '@/service/house/openHouse'
import { book, groom, moveTo, trueCourse, type Person } from './groom'
import { seeded, type Chance } from '@/core/chance'
import { minutesTo, simulateVisit } from './simulate'

/** The demo's salon while it is being made. */
export interface DemoSalon {
  house: OpenHouse
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
export async function makeToday({ house, dogs, wren, ansel, chance }: DemoSalon): Promise<void> {
  const { nowMs } = house
  const idOf = (name: string) => dogs.find(({ dog }) => dog.name === name)?.id ?? 0
  const requestOf = (name: string): Request => ({
    pattern: dogs.find(({ dog }) => dog.name === name)?.dog.request.pattern,
    sameAsLast: true,
  })
  const bookingOf = async (id: number) => {
    const file = await bookingFile(id, house.time)
    if (!file) throw new Error(`No booking ${id}`)
    return file.booking
  }

  const quill = await book(
    house,
    idOf('Quill'),
    wren,
    nowMs,
    { ...requestOf('Quill'), lengthsMm: { muzzle: 12, bridge: 12 }, words: 'nose fuller, face shorter than last time' },
    { coatNowMm: { bridge: 2 }, mats: { armpit: 2 } },
  )
  const quillTrial = simulateVisit(await trueCourse(house, quill, wren), 0, wren, seeded(QUILL_SEED), LATE_DAY)
  const quillStart = toQuarter(
    nowMs - ((minutesTo(quillTrial, 'stage-started', 'head') ?? 0) + INTO_HEAD_MIN) * MS_PER_MIN,
  )
  await moveTo(house, quill, quillStart)
  await groom(house, {
    bookingId: quill,
    groomer: wren,
    startMs: quillStart,
    chance: seeded(QUILL_SEED),
    untilMs: nowMs,
    slow: LATE_DAY,
  })

  const ottoline = await book(house, idOf('Ottoline'), ansel, nowMs, requestOf('Ottoline'))
  const trial = simulateVisit(await trueCourse(house, ottoline, ansel), 0, ansel, seeded(OTTOLINE_SEED))
  const ottolineStart = nowMs - ((minutesTo(trial, 'wait-started', 'dry') ?? 0) + 6) * MS_PER_MIN
  await moveTo(house, ottoline, toQuarter(ottolineStart))
  await groom(house, {
    bookingId: ottoline,
    groomer: ansel,
    startMs: ottolineStart,
    chance: seeded(OTTOLINE_SEED),
    untilMs: nowMs,
  })

  for (const [name, groomer, before] of [
    ['Mochi', wren, quillStart],
    ['Fenwick', ansel, toQuarter(ottolineStart)],
  ] as const) {
    const id = await book(house, idOf(name), groomer, before, requestOf(name))
    const startMs = before - (await bookingOf(id)).slotMin * MS_PER_MIN
    await moveTo(house, id, startMs)
    await groom(house, { bookingId: id, groomer, startMs: startMs + MS_PER_MIN, chance, untilMs: before })
  }
  for (const [name, groomer, behind] of [
    ['Hobnob', wren, quill],
    ['Nettle', ansel, ottoline],
  ] as const) {
    const before = await bookingOf(behind)
    const startMs = before.startMs + before.slotMin * MS_PER_MIN + QUARTER
    await book(house, idOf(name), groomer, startMs, requestOf(name), name === 'Nettle' ? { mats: { armpit: 1 } } : {})
  }
}
