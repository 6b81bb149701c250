import { addDays } from '@/core/units'
import { bookVisit, type BookingAsked } from '@/service/booking/bookVisit'
import { callOffBooking, sayStanding } from '@/service/booking/callOff'
import { proposeTimes } from '@/service/book/proposeTimes'
import { keepCalendar } from '@/service/calendar/busyTimes'
import { saveHouse } from '@/service/house/changeHouse'
import { openHouse, type OpenHouse } from '@/service/house/openHouse'
import { markSaid, outboxView } from '@/service/messages/outbox'
import { startRepeat } from '@/service/repeat/repeatDog'
import { putOnList } from '@/service/waiting/whoWaits'
import type { DemoDog } from './cast'
import { done } from './groom'
import { withoutWishes } from './history'
import { bookRoad, isOnRoad, sayVan } from './road'
import type { DemoSalon } from './today'

/** In the book by a rule, and how: the rest is booked one by one. Demo. */
const REPEATS: Record<string, { everyWeeks: number; steps: ('full' | 'tidy')[]; clock: string }> = {
  Mochi: { everyWeeks: 3, steps: ['tidy', 'full'], clock: '09:00' },
  Fenwick: { everyWeeks: 6, steps: ['full'], clock: '13:30' },
  Hobnob: { everyWeeks: 4, steps: ['full'], clock: '10:00' },
}
/** Left out of the book, so that somebody waits and something is due. Demo. */
const NOT_BOOKED = ['Quill', 'Bramble']
/** Here today: they come again at their usual interval. */
const TODAYS = ['Ottoline', 'Nettle']
/** The house is closed on the third day of next week. Demo. */
const CLOSED = { weekday: 2, why: 'stocktaking' }

/** The weeks to come: dogs at the times that are proposed for them, repeats, a closed day, a dentist, somebody who waits. */
export async function makeBook({ house, dogs, wren, ansel }: DemoSalon): Promise<void> {
  const { time, nowMs } = house
  const today = time.day(nowMs)
  const monday = addDays(today, 7 - ((new Date(`${today}T12:00:00Z`).getUTCDay() + 6) % 7))
  const closed = addDays(monday, CLOSED.weekday)
  done(
    await saveHouse(
      { version: house.version, opening: { closed: [{ from: closed, to: closed, why: CLOSED.why }] } },
      wren.name,
    ),
  )
  done(await keepCalendar({ staffId: ansel.id, text: dentist(addDays(monday, 1)) }, house))
  await sayVan(nowMs, wren.name)
  const open = await openHouse(nowMs)
  const idOf = (name: string) => dogs.find(({ dog }) => dog.name === name)?.id ?? 0
  for (const [name, { clock, ...programme }] of Object.entries(REPEATS)) {
    const firstDay = addDays(today, programme.everyWeeks * 7)
    const staffId = name === 'Fenwick' ? ansel.id : wren.id
    done(await startRepeat({ dogId: idOf(name), staffId, firstDay, clock, programme, by: wren.name }, open))
  }
  await bookRoad(open, dogs, monday, { staffId: ansel.id, by: wren.name })
  const booked: number[] = []
  for (const [index, { id, dog }] of dogs.entries()) {
    if (REPEATS[dog.name] || NOT_BOOKED.includes(dog.name) || isOnRoad(dog.name)) continue
    const days = TODAYS.includes(dog.name) ? dog.everyWeeks * 7 : 1 + (Math.floor(index * 1.3) % 12)
    booked.push(await bookSoon(open, id, dog, addDays(today, days), wren.name))
  }
  await tellMost(house, wren.name)
  const [first = 0, second = 0, third = 0] = booked.slice(-3)
  done(await sayStanding({ bookingId: first, standing: 'confirmed', by: wren.name }, nowMs))
  done(await sayStanding({ bookingId: second, standing: 'asked', by: wren.name }, nowMs))
  done(await callOffBooking({ bookingId: third, why: 'the owner is ill', as: 'cancelled', by: ansel.name }, nowMs))
  const wait = { dogId: idOf('Bramble'), from: today, to: addDays(today, 28), note: 'any morning', by: wren.name }
  done(await putOnList(wait, open))
}

/** So many messages wait to be sent; the others were. Demo. */
const WAIT = 3

async function tellMost(house: OpenHouse, by: string): Promise<void> {
  const { due } = await outboxView(house)
  const confirmations = due.filter(({ kind }) => kind === 'confirmation')
  for (const { about } of confirmations.slice(WAIT)) done(await markSaid({ about, way: 'sms', by }, house))
}

/** Books a dog at the best time around a day. */
async function bookSoon(house: OpenHouse, dogId: number, dog: DemoDog, around: string, by: string): Promise<number> {
  const asked = { dogId, sameAsLast: true, tidy: false, around }
  const [best] = done(await proposeTimes(asked, house)).offered
  if (!best) throw new Error(`No time for ${dog.name}`)
  const { day, clock, staffId } = best
  const words = dog.nextWords ? { words: dog.nextWords } : {}
  const request: BookingAsked['request'] = { ...withoutWishes(dog.request), sameAsLast: true, ...words }
  return done(await bookVisit({ ...asked, request, day, clock, staffId, anyway: false, by }, house)).bookingId
}

/** A calendar as somebody's telephone would give it. Demo. */
const dentist = (day: string): string =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//demo//EN',
    'BEGIN:VEVENT',
    'UID:dentist@tern.example',
    `DTSTAMP:${day.replaceAll('-', '')}T080000Z`,
    `DTSTART:${day.replaceAll('-', '')}T143000`,
    `DTEND:${day.replaceAll('-', '')}T160000`,
    'SUMMARY:Dentist',
    'END:VEVENT',
    'END:VCALENDAR',
  ].join('\r\n')
