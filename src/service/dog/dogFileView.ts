import { COAT_FACTS, growthSteps, rateAt, readyOn } from '@/core/coat'
import { showAge } from '@/core/clock'
import { plannedSegments, visitSegments } from '@/core/strip'
import { showDay } from '@/core/units'
import { elapsedMin, NEW_VISIT, standing as standingPlan } from '@/core/visit'
import { readBookingsOfDog, type Booking } from '@/data/bookings'
import { readDog, type Dog } from '@/data/dogs'
import { readFirstCalled, readHousehold } from '@/data/households'
import { STANDINGS, isHere } from '@/core/household'
import { readVisitsOfDog, type StoredVisit } from '@/data/visits'
import { planFor } from '../booking/planFor'
import { caseFor } from '../booking/planOf'
import type { OpenHouse } from '../house/openHouse'
import { visitStates } from '../visit/visitStates'
import { sexWords } from './dogFacts'
import { dogRecords } from './dogRecords'
import { dogStanding, type DogStanding } from './dogStanding'

/** So many grooms are laid as tapes. */
const TAPES = 5

/** A dog's name, for the title of its page; null when it is not in the book. */
export const dogName = async (dogId: number): Promise<string | null> => (await readDog(dogId))?.name ?? null

/** Everything known of one dog; null when it is not in the book. */
export async function dogFileView(dogId: number, house: OpenHouse) {
  const { time, nowMs } = house
  const standing = await dogStanding(dogId, nowMs, time)
  if (!standing) return null
  const { dog, card, lastCut, saved, lastVisit } = standing
  const today = time.day(nowMs)
  const [visits, bookings, owners, records, household] = await Promise.all([
    readVisitsOfDog(dogId, TAPES),
    readBookingsOfDog(dogId, time.startOfDay(today)),
    readFirstCalled([dog.householdId]),
    dogRecords(dogId),
    readHousehold(dog.householdId),
  ])
  // What was wrapped up today is past; the next booking is the one still open.
  const isClosed = ({ id }: Booking) => visits.some(({ bookingId, closedMs }) => bookingId === id && closedMs !== null)
  const next = bookings.find((booking) => !isClosed(booking))
  return {
    dog,
    facts: `${dog.breed}, ${sexWords(dog)}, ${showAge(dog.bornOn, today)}. Owner ${owners.get(dog.householdId)?.name ?? 'unknown'}. ${standing.visits} visits done.`,
    household: { id: household?.id ?? dog.householdId, name: household?.name ?? '' },
    standing: isHere(dog.standing) ? null : STANDINGS[dog.standing].says,
    minded: mindedOf(dog),
    today,
    unit: house.unit,
    timeZone: house.timeZone,
    staff: house.hands,
    card,
    cutOn: cardWords(standing, house),
    liked: saved ? null : (lastVisit?.liked ?? null),
    lastDay: lastCut?.day ?? null,
    growth: standing.growth,
    rates: standing.rates,
    growing: growingSince(standing, today),
    nowMm: Object.fromEntries(standing.coatMm),
    leftMm: Object.fromEntries((lastCut?.card.zones ?? []).map(({ zone, lengthMm }) => [zone, lengthMm])),
    records,
    tapes: await tapesOf(house, visits, next ?? null),
    next: next ? nextOf(next, visits, house) : null,
  }
}

/** What is said of a dog besides what the plan reads; what nobody said is left out. */
function mindedOf({ more, vaccinatedOn }: Dog): [string, string][] {
  const helped = Object.entries(more.helped).map(([trigger, words]): [string, string] => [
    `Helped at ${trigger}`,
    words,
  ])
  const said: [string, string][] = [
    ['Medicine', more.medicine],
    ['Vaccinated', vaccinatedOn === null ? '' : showDay(vaccinatedOn)],
    ['Vet', more.vet],
    ['Left by others', more.earlier],
    ['Notes', more.notes],
  ]
  return [...said.filter(([, words]) => words !== ''), ...helped]
}

/** Where the card that stands comes from. */
function cardWords({ saved, lastCut }: DogStanding, { time }: OpenHouse): string | null {
  if (saved?.kind === 'saved') return `Saved on ${time.longDay(saved.madeMs)} by ${saved.madeBy}: ${saved.why}`
  if (saved) return `Cut on ${time.longDay(saved.madeMs)}, before the last bath and tidy`
  return lastCut ? `Cut on ${time.longDay(lastCut.startedMs)}` : null
}

const nextOf = (next: Booking, visits: readonly StoredVisit[], { time }: OpenHouse) => ({
  bookingId: next.id,
  visitId: visits.find(({ bookingId }) => bookingId === next.id)?.id ?? null,
  when: `${time.longDay(next.startMs)}, ${time.clock(next.startMs)}`,
})

/** Wishes that the last visit left to grow, as far as they have come. */
function growingSince({ dog, last, rates, coatOn }: DogStanding, today: string) {
  const [everyWeeks] = COAT_FACTS[dog.coat].returnWeeks
  return (last?.growing ?? []).map(({ zone, side, wantedMm }) => {
    const presentMm = Math.min(wantedMm, coatOn(zone, side ?? null))
    const rate = rateAt(zone, dog.coat, rates)
    return {
      zone,
      wantedMm,
      presentMm,
      readyOn: readyOn(wantedMm, presentMm, dog.coat, today, rate),
      steps: growthSteps(wantedMm, presentMm, today, everyWeeks, rate),
    }
  })
}

/** The next groom as planned and the latest ones as they went, on one scale. */
async function tapesOf({ time, nowMs }: OpenHouse, visits: readonly StoredVisit[], next: Booking | null) {
  const states = await visitStates(visits.map(({ id }) => id))
  const past = visits.map((stored) => {
    const visit = states.get(stored.id) ?? NEW_VISIT
    const open = visit.finishedMs === null
    return {
      key: `visit${stored.id}`,
      when: open ? 'On the bench' : time.shortDay(stored.startedMs),
      slotMin: stored.plannedCase.slotMin,
      doneMin: Math.round(elapsedMin(visit, nowMs)),
      open,
      segments: visitSegments(
        standingPlan(stored.plannedCase, stored.plan, visit).plan,
        visit,
        visit.startMs ?? stored.startedMs,
        nowMs,
      ),
      forecast: null,
      href: `/visits/${stored.id}/${open ? 'bench' : 'wrap-up'}`,
    }
  })
  if (next === null || visits.some(({ bookingId }) => bookingId === next.id)) return past
  const file = await caseFor(next, time)
  if (!file) return past
  const { fit, stages } = planFor(file.planned)
  const planned = {
    key: 'next',
    when: time.shortDay(next.startMs),
    slotMin: fit.slotMin,
    doneMin: Math.round(fit.p50),
    open: true,
    segments: plannedSegments(stages),
    forecast: { p50: fit.p50, p90: fit.p90 },
    href: `/bookings/${next.id}/plan`,
  }
  return [planned, ...past]
}
