import { z } from 'zod'
import { isHere } from '@/core/household'
import type { Hindrance } from '@/core/book'
import { Clock, clockOf, minutesOf } from '@/core/people'
import { Programme, fallsOf, ruleOf, type Fall } from '@/core/repeats'
import { refuse, type Result } from '@/core/result'
import { Day, addDays } from '@/core/units'
import { HomeStop, readBookingsOfDog, readRepeatDays } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { readDog } from '@/data/dogs'
import { holdHouse } from '@/data/house'
import { addRepeat, changeRepeat, holdRepeat, readRepeatsShortOf, type Repeat } from '@/data/repeats'
import { readVisitsOfBookings } from '@/data/visits'
import { NO_ADDRESS, draftAsked, keepBooking } from '../booking/bookVisit'
import { takeOut } from '../booking/callOff'
import { caseOfDraft } from '../booking/planOf'
import { hindrancesAt, nearestStart } from '../booking/timeOf'
import { fitOf } from '../book/fits'
import type { OpenHouse } from '../house/openHouse'
import { ruleDays } from './ruleDays'
import { By } from '../trail/noteSaid'

/** Repeats are booked so far ahead, days: half a year. Source: common practice. */
export const AHEAD_DAYS = 182

export const RepeatAsked = z.strictObject({
  dogId: z.number().int().positive(),
  staffId: z.number({ error: 'Choose who grooms.' }).int().positive(),
  firstDay: Day,
  clock: Clock,
  programme: Programme,
  setting: z.enum(['salon', 'mobile']).optional(),
  home: HomeStop.optional(),
  by: By,
})

/** A time of a repeat that was booked, or why it was not. */
export interface Fallen extends Fall {
  clock: string
  bookingId: number | null
  /** Why it is not booked as it falls; null when it is. */
  why: string | null
}

/** Begins a repeat: half a year of it is booked at once, what cannot be is named. */
export function startRepeat(
  asked: z.input<typeof RepeatAsked>,
  house: OpenHouse,
): Promise<Result<{ repeatId: number; fallen: Fallen[] }>> {
  const { dogId, staffId, firstDay, clock, programme, home = null, by, setting } = RepeatAsked.parse(asked)
  return inTransaction(async () => {
    await holdHouse()
    const { staff, works, time, nowMs } = house
    if (!staff.some(({ id }) => id === staffId)) return refuse('staffId', 'Nobody of that name works here.')
    const dog = await readDog(dogId)
    if (!dog) return refuse('dogId', 'This dog is not in the book.')
    if (setting === 'mobile' && home === null) return refuse('home', NO_ADDRESS)
    if (firstDay < time.day(nowMs)) return refuse('firstDay', 'A repeat begins today or later.')
    const repeat = {
      dogId,
      staffId,
      firstDay,
      clock,
      programme,
      home,
      setting: setting ?? (works === 'van' ? ('mobile' as const) : ('salon' as const)),
      grownTo: firstDay,
      madeBy: by,
    }
    const id = await addRepeat(repeat, nowMs)
    const fallen = await grow({ ...repeat, id, endedOn: null, version: 1 }, addDays(firstDay, AHEAD_DAYS), house)
    return { ok: true, value: { repeatId: id, fallen } }
  })
}

/** Books every repeat as far ahead as it should be. Called before a page that shows times to come; does nothing twice. */
export async function growRepeats(house: OpenHouse): Promise<void> {
  const to = addDays(house.time.day(house.nowMs), AHEAD_DAYS)
  // A week is grown at once, so that not every look at the book makes one.
  const short = await readRepeatsShortOf(addDays(to, -DAYS_IN_WEEK))
  if (short.length === 0) return
  await inTransaction(async () => {
    await holdHouse()
    for (const { id } of short) {
      const repeat = await holdRepeat(id)
      const dog = repeat && (await readDog(repeat.dogId))
      if (repeat && repeat.endedOn === null && dog && isHere(dog.standing)) await grow(repeat, to, house)
    }
  })
}

const DAYS_IN_WEEK = 7

async function grow(repeat: Repeat, toDay: Day, house: OpenHouse): Promise<Fallen[]> {
  const known = await readRepeatDays(repeat.id)
  const falls = fallsIn(repeat, toDay, house)
  const fallen: Fallen[] = []
  for (const fall of falls)
    if (!known.has(fall.ruleDay) && fall.ruleDay >= repeat.grownTo) fallen.push(await bookFall(repeat, fall, house))
  await changeRepeat(repeat.id, { grownTo: toDay })
  return fallen
}

/** How a repeat falls until a day, each time off a closed day. */
export function fallsIn(
  { firstDay, programme, staffId }: Repeat,
  toDay: Day,
  { opening, everybody }: OpenHouse,
): Fall[] {
  const work = everybody.find(({ id }) => id === staffId)?.work ?? {}
  return fallsOf(ruleDays(ruleOf(programme), firstDay, toDay), programme, opening, work)
}

async function bookFall(repeat: Repeat, fall: Fall, house: OpenHouse): Promise<Fallen> {
  const { dogId, staffId, setting, home } = repeat
  const no = (why: string): Fallen => ({ ...fall, clock: repeat.clock, bookingId: null, why })
  if (fall.day === null) return no(fall.because ?? 'closed')
  const tidy = fall.step === 'tidy'
  const startMs = house.time.at(fall.day, repeat.clock)
  const groom = { dogId, tidy, sameAsLast: !tidy, setting, ...(home ? { home } : {}) }
  const draft = draftAsked(groom, { staffId, startMs }, house)
  const file = await caseOfDraft(draft, house.time)
  if (!file) return no('not in the book')
  const fit = fitOf(file.planned)
  const slotMin = fit.shortestMin
  const asked = { dogId, dog: file.standing.dog.name, staffId, startMs, slotMin, fit }
  const found = await hindrancesAt(asked, house)
  const why = found.map(({ sentence }) => sentence).join(' ')
  const there = await placeFor({ day: fall.day, staffId, slotMin, clock: repeat.clock }, found, house)
  if (there === null) return no(why)
  const { bookingId } = await keepBooking(
    {
      ...draft,
      startMs: house.time.at(fall.day, there),
      slotMin,
      repeat: { id: repeat.id, ruleDay: fall.ruleDay },
    },
    repeat.madeBy,
    house.nowMs,
  )
  return { ...fall, clock: there, bookingId, why: found.length > 0 ? why : null }
}

/**
 * When a time of a repeat can be had on its day: its own clock time, or the nearest at which its person is free. Null where
 * the day has none: nobody is booked twice by a rule.
 */
async function placeFor(
  { day, staffId, slotMin, clock }: { day: Day; staffId: number; slotMin: number; clock: string },
  found: readonly Hindrance[],
  house: OpenHouse,
): Promise<string | null> {
  if (found.length === 0) return clock
  if (found.some(({ kind }) => kind === 'same-dog' || kind === 'skill')) return null
  const start = await nearestStart({ day, staffId, slotMin, fromMin: minutesOf(clock) }, house)
  return start === null ? null : clockOf(start)
}

export const EndAsked = z.strictObject({
  repeatId: z.number().int().positive(),
  /** Also calls off what it has booked from now on. */
  callOff: z.boolean(),
  by: By,
})

/** Ends a repeat. What it booked stays, unless it is called off with it; what the bench has begun stays. */
export function endRepeat(
  asked: z.input<typeof EndAsked>,
  { nowMs, time }: OpenHouse,
): Promise<Result<{ calledOff: number }>> {
  const { repeatId, callOff: offs, by } = EndAsked.parse(asked)
  return inTransaction(async () => {
    await holdHouse()
    const repeat = await holdRepeat(repeatId)
    if (!repeat || repeat.endedOn !== null) return refuse('repeatId', 'This repeat has ended already.')
    await changeRepeat(repeatId, { endedOn: time.day(nowMs) })
    if (!offs) return { ok: true, value: { calledOff: 0 } }
    const toCome = (await readBookingsOfDog(repeat.dogId, nowMs)).filter((each) => each.repeat?.id === repeatId)
    const begun = new Set((await readVisitsOfBookings(toCome.map(({ id }) => id))).map(({ bookingId }) => bookingId))
    const gone = toCome.filter(({ id }) => !begun.has(id))
    for (const each of gone)
      await takeOut(each, { atMs: nowMs, by, why: 'its repeat has ended', standing: 'cancelled' })
    return { ok: true, value: { calledOff: gone.length } }
  })
}
