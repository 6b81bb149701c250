import { z } from 'zod'
import {
  MESSAGES,
  MessageKind,
  owed,
  owedDue,
  said,
  type BookingToTell,
  type Owed,
  type Placeholder,
} from '@/core/messages'
import { refuse, type Result } from '@/core/result'
import { addDays } from '@/core/units'
import { readBookings, readCalledOff } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { readDogNames, readDogsById, readDueUnbooked, readWhichAreHere, type Dog } from '@/data/dogs'
import { readOwnersOf, readHouseholds, type Owner } from '@/data/households'
import {
  addSaid,
  readHouseWords,
  readSaidAbout,
  readSaidOfBookings,
  readSaidSince,
  takeBackSaid,
} from '@/data/messages'
import { begunEntries } from '../day/dayEntry'
import { DAY_MS, MS_PER_MIN } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import { By } from '../trail/noteSaid'

/** Something to say to the people of a dog, in the house's words. */
export interface Message {
  about: string
  kind: MessageKind
  bookingId: number | null
  dogId: number
  dog: string
  owner: string
  phone: string | null
  email: string | null
  /** Whether they agreed to be written to; null is not asked yet. Only who said yes is. */
  agreed: boolean | null
  startMs: number | null
  /** From when on it should be said. */
  atMs: number
  words: string
}

/** So far ahead the outbox looks, days. Source: common practice. */
const AHEAD_DAYS = 14
/** So long what was said can be seen and taken back, days. */
const BEHIND_DAYS = 7

/** So many lines of each kind are shown at first, and more as they are asked for. */
export const MOST_SHOWN = 40

/**
 * What should be said now or soon, and what was said lately. Counted anew each time, so nothing goes stale.
 * @param shown so many of each are put into words, the soonest; the others are counted
 */
export async function outboxView(house: OpenHouse, shown = MOST_SHOWN) {
  const { time, nowMs } = house
  const sinceMs = nowMs - BEHIND_DAYS * DAY_MS
  const [toSay, said, own] = await Promise.all([whatToSay(house), readSaidSince(sinceMs), readHouseWords()])
  const [due, later] = [toSay.filter(({ atMs }) => atMs <= nowMs), toSay.filter(({ atMs }) => atMs > nowMs)]
  const done = said.slice(0, shown)
  const [dogs, dueWords, laterWords] = await Promise.all([
    readDogNames(done.map(({ dogId }) => dogId)),
    inWords(due.slice(0, shown), house),
    inWords(later.slice(0, shown), house),
  ])
  const atWords = (ms: number) => `${time.shortDay(ms)} ${time.clock(ms)}`
  return {
    shown,
    counts: { due: due.length, later: later.length, done: said.length },
    due: dueWords,
    later: laterWords.map((each) => ({ ...each, when: atWords(each.atMs) })),
    done: done.map((each) => ({ ...each, dog: dogs.get(each.dogId)?.name ?? '', when: atWords(each.saidMs) })),
    words: Object.entries(MESSAGES).map(([kind, { label, when, words }]) => {
      const mine = own.get(kind as MessageKind) ?? null
      return { kind: kind as MessageKind, label, when, usual: words, words: mine ?? words, isOwn: mine !== null }
    }),
    nowMs,
  }
}

/** Something to say, before it is put into words. */
interface ToSay extends Owed {
  dogId: number
  booking: Telling | null
}

/** What should be said, the soonest first. To a dog that does not come any more nothing is. */
async function whatToSay(house: OpenHouse): Promise<ToSay[]> {
  const { time, nowMs } = house
  const today = time.day(nowMs)
  const [toTell, due] = await Promise.all([
    bookingsToTell(house),
    readDueUnbooked(addDays(today, -AHEAD_DAYS), addDays(today, AHEAD_DAYS), nowMs),
  ])
  const [before, here, saidDue] = await Promise.all([
    readSaidOfBookings(toTell.map(({ bookingId }) => bookingId)),
    readWhichAreHere(toTell.map(({ dogId }) => dogId)),
    readSaidAbout(due.map(({ dogId, dueOn }) => `due ${dogId} ${dueOn}`)),
  ])
  const knownOf = (id: number) => before.filter(({ bookingId }) => bookingId === id)
  const ofBookings = toTell
    .filter(({ dogId }) => here.has(dogId))
    .flatMap((booking) =>
      owed(booking, knownOf(booking.bookingId), nowMs).map((each) => ({
        ...each,
        dogId: booking.dogId,
        booking,
      })),
    )
  const ofDogs = due.flatMap(({ dogId, dueOn }): ToSay[] => {
    const found = owedDue({ dogId, dueOn, isBooked: false }, saidDue, today)
    if (!found) return []
    return [{ kind: 'due', about: found.about, atMs: time.at(found.onDay, '09:00'), dogId, booking: null }]
  })
  return [...ofBookings, ...ofDogs].sort((a, b) => a.atMs - b.atMs)
}

/** Puts what is to be said into the house's words. */
async function inWords(toSay: readonly ToSay[], house: OpenHouse): Promise<Message[]> {
  const [dogs, own] = await Promise.all([readDogsById(toSay.map(({ dogId }) => dogId)), readHouseWords()])
  const write = writer(house, own, await firstCalledOf([...dogs.values()]))
  return toSay.flatMap((each) => {
    const dog = dogs.get(each.dogId)
    return dog ? [write(dog, each, each.booking)] : []
  })
}

interface Telling extends BookingToTell {
  dogId: number
  staffId: number
}

/** The bookings of today and soon as far as their people have to know of them, cancelled ones as well. */
async function bookingsToTell(house: OpenHouse): Promise<Telling[]> {
  const { time, nowMs } = house
  const today = time.day(nowMs)
  const [fromMs, toMs] = [time.startOfDay(today), time.startOfDay(addDays(today, AHEAD_DAYS))]
  const [bookings, off, entries] = await Promise.all([
    readBookings(fromMs, toMs),
    readCalledOff(fromMs, toMs),
    begunEntries(house, today),
  ])
  const begun = new Map(entries.map((entry) => [entry.booking.id, entry]))
  const isHome = (id: number) => begun.get(id)?.closed ?? false
  const open = bookings
    .filter(({ id }) => !isHome(id))
    .map(({ id, dogId, staffId, startMs, slotMin, standing, changedMs }): Telling => {
      const entry = begun.get(id)
      // What the bench has told waits on Day; it is not said twice.
      const isTold = (entry?.visit?.told.length ?? 0) > 0
      const likelyMs = isTold ? startMs : (entry?.forecast?.likelyMs ?? null)
      const finishedMs = entry?.visit?.finishedMs ?? null
      const slotEndMs = startMs + slotMin * MS_PER_MIN
      return { bookingId: id, dogId, staffId, startMs, slotEndMs, standing, changedMs, likelyMs, finishedMs }
    })
  const cancelled = off.map(({ bookingId, dogId, staffId, startMs, slotMin, standing, atMs }): Telling => ({
    bookingId,
    dogId,
    staffId,
    startMs,
    slotEndMs: startMs + slotMin * MS_PER_MIN,
    standing,
    changedMs: atMs,
    likelyMs: null,
    finishedMs: null,
  }))
  return [...open, ...cancelled]
}

type FirstCalled = Map<number, Owner & { place: string }>

async function firstCalledOf(dogs: readonly Dog[]): Promise<FirstCalled> {
  const ids = [...new Set(dogs.map(({ householdId }) => householdId))]
  const [owners, homes] = await Promise.all([readOwnersOf(ids), readHouseholds(ids)])
  const firstFirst = [...owners].reverse()
  return new Map(
    firstFirst.map((owner) => [owner.householdId, { ...owner, place: homes.get(owner.householdId)?.place ?? '' }]),
  )
}

/** Who is told, and the words of the house with what their placeholders become. */
function writer({ time, nameOf, name }: OpenHouse, own: ReadonlyMap<MessageKind, string>, peopleOf: FirstCalled) {
  return (dog: Dog, { kind, about, atMs }: Owed, booking: Telling | null): Message => {
    const person = peopleOf.get(dog.householdId)
    const startMs = booking?.startMs ?? null
    const values = valuesOf(dog, person, booking, { time, nameOf, name, atMs })
    return {
      about,
      kind,
      atMs,
      startMs,
      bookingId: booking?.bookingId ?? null,
      dogId: dog.id,
      dog: dog.name,
      owner: person?.name ?? 'the owner',
      phone: person?.phone ?? null,
      email: person?.email ?? null,
      agreed: person?.agreed.messages ?? null,
      words: said(own.get(kind) ?? MESSAGES[kind].words, values),
    }
  }
}

type Words = Pick<OpenHouse, 'time' | 'nameOf' | 'name'> & { atMs: number }

/** What the placeholders of a message become. */
function valuesOf(
  dog: Dog,
  person: { name: string; place: string } | undefined,
  booking: Telling | null,
  { time, nameOf, name, atMs }: Words,
): Record<Placeholder, string> {
  const startMs = booking?.startMs ?? null
  const dueMs = dog.dueOn ? time.at(dog.dueOn, '12:00') : atMs
  return {
    dog: dog.name,
    owner: person?.name ?? '',
    groomer: booking ? nameOf(booking.staffId) : '',
    day: time.longDay(startMs ?? dueMs),
    time: startMs === null ? '' : time.clock(startMs),
    until: time.clock(booking ? (booking.likelyMs ?? booking.slotEndMs) : atMs),
    place: person?.place ?? '',
    house: name,
  }
}

export const SaidAsked = z.strictObject({
  about: z.string().min(1).max(80),
  way: z.enum(['sms', 'mail', 'told']),
  by: By,
})

/** Marks a message as sent, by hand from this device, or told. What is not owed any more cannot be marked. */
export async function markSaid(asked: z.input<typeof SaidAsked>, house: OpenHouse): Promise<Result<null>> {
  const { about, way, by } = SaidAsked.parse(asked)
  const toSay = (await whatToSay(house)).filter((each) => each.about === about)
  const [message] = await inWords(toSay, house)
  if (!message) return refuse('about', 'This was said already, or its booking has changed: look again.')
  if (way !== 'told' && message.agreed !== true)
    return refuse('way', `${message.owner} did not agree to messages: call instead.`)
  const { kind, bookingId, dogId, startMs, words } = message
  const line = { about, kind, bookingId, dogId, startMs, words, way, saidMs: house.nowMs, saidBy: by }
  return inTransaction(async () =>
    (await addSaid(line)) ? { ok: true, value: null } : refuse('about', 'This was said already.'),
  )
}

/** Says that a message was not sent after all. */
export async function takeBack(about: string): Promise<Result<null>> {
  return (await takeBackSaid(about)) ? { ok: true, value: null } : refuse('about', 'This was not marked as sent.')
}
