import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { COAT_FACTS, growthSteps, ratesOf, rateAt, readyOn, type Rates } from '@/core/coat'
import { coatToday, makePlan } from '@/core/plan'
import { plannedSegments, visitSegments } from '@/core/strip'
import { elapsedMin, foldVisit } from '@/core/visit'
import { readBookingsOfDog, type Booking } from '@/data/bookings'
import { readBookingFile } from '@/data/caseOfBooking'
import { readCard, readSavedSince } from '@/data/cards'
import { readDog, readOwners, type Dog } from '@/data/dogs'
import { readGrowth } from '@/data/growth'
import { readRecords } from '@/data/records'
import { countVisits, readLogs, readVisitsOfDog, type StoredVisit } from '@/data/visits'
import type { ZoneId } from '@/core/zones'
import { DogFile, type FileTape } from '@/ui/dog/DogFile'
import type { WishGrowing } from '@/ui/dog/GrowingWishes'
import { Frame } from '@/ui/frame/Frame'
import { showAge } from '@/core/clock'
import { bookVisit } from '../../actions'
import { idOf, openHouse, type OpenHouse } from '../../house'

export const dynamic = 'force-dynamic'

interface Params {
  params: Promise<{ dogId: string }>
}

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  const dog = await readDog(idOf((await params).dogId))
  return { title: dog?.name ?? 'Dog' }
}

const TAPES = 5

export default async function DogPage({ params }: Params) {
  const [house, dog] = await Promise.all([openHouse(), readDog(idOf((await params).dogId))])
  if (!dog) notFound()
  const { time, nowMs } = house
  const today = time.day(nowMs)
  const startOfToday = time.startOfDay(today)
  const [visits, count, bookings, owners, records] = await Promise.all([
    readVisitsOfDog(dog.id, TAPES),
    countVisits(dog.id),
    readBookingsOfDog(dog.id, startOfToday),
    readOwners(),
    readRecords(dog.id),
  ])
  // What was wrapped up today is past; the next booking is the one still open.
  const isClosed = ({ id }: Booking) => visits.some(({ bookingId, closedMs }) => bookingId === id && closedMs !== null)
  const next = bookings.find((booking) => !isClosed(booking))
  const coat = await readCoat(dog, visits, next, house)
  const nextVisit = visits.find(({ bookingId }) => bookingId === next?.id)
  return (
    <Frame here="Dogs" house={house.name} timeZone={house.timeZone} nowMs={nowMs}>
      <DogFile
        dog={dog}
        facts={`${dog.breed}, ${dog.sex}${dog.neutered ? ', neutered' : ''}, ${showAge(dog.bornOn, today)}. Owner ${owners.get(dog.householdId)?.name ?? 'unknown'}. ${count} visits done.`}
        today={today}
        unit={house.unit}
        {...coat}
        records={records}
        timeZone={house.timeZone}
        tapes={await readTapes(house, visits, next?.id ?? null)}
        next={next ? nextOf(next, nextVisit, time) : null}
        staff={house.staff}
        book={bookVisit}
      />
    </Frame>
  )
}

const nextOf = (next: Booking, visit: StoredVisit | undefined, time: OpenHouse['time']) => ({
  bookingId: next.id,
  visitId: visit?.id ?? null,
  when: `${time.longDay(next.startMs)}, ${time.clock(next.startMs)}`,
})

/** The card as it stands, the coat it has grown to today at the dog's own pace, and what still grows to a wish. */
async function readCoat(dog: Dog, visits: StoredVisit[], next: Booking | undefined, { time, nowMs }: OpenHouse) {
  const cut = visits.find(({ cutCardId }) => cutCardId !== null)
  const [lastCut, growth] = await Promise.all([
    cut?.cutCardId ? readCard(cut.cutCardId) : null,
    readGrowth(dog, nowMs, time.day),
  ])
  const saved = await readSavedSince(dog.id, lastCut?.version ?? 0)
  const rates = ratesOf(growth)
  const last = cut && lastCut ? { last: { date: time.day(cut.startedMs), card: lastCut.zones } } : {}
  const today = time.day(nowMs)
  const { coatNowMm, coatSidesMm } = next ?? { coatNowMm: {}, coatSidesMm: {} }
  const presentMm = coatToday({
    coatNowMm,
    coatSidesMm,
    date: today,
    dog: { coat: dog.coat, growthMmPerWeek: rates },
    ...last,
  })
  const said = saved
    ? `Saved on ${time.longDay(saved.madeMs)} by ${saved.madeBy}: ${saved.why}`
    : cut
      ? `Cut on ${time.longDay(cut.startedMs)}`
      : null
  return {
    card: saved ?? lastCut,
    cutOn: said,
    liked: saved ? null : (cut?.liked ?? null),
    lastDay: cut ? time.day(cut.startedMs) : null,
    growth,
    rates,
    growing: cut ? growingSince(cut, dog, presentMm, rates, today) : [],
    nowMm: Object.fromEntries(presentMm),
    leftMm: Object.fromEntries((lastCut?.zones ?? []).map(({ zone, lengthMm }) => [zone, lengthMm])),
  }
}

/** Wishes of the last visit that wait for coat, as far as they have come. */
function growingSince(
  { plan }: StoredVisit,
  dog: Dog,
  presentMm: ReadonlyMap<ZoneId, number>,
  rates: Rates,
  today: string,
): WishGrowing[] {
  const [everyWeeks] = COAT_FACTS[dog.coat].returnWeeks
  return plan.growing
    .filter(({ readyOn: ever }) => ever !== null)
    .map(({ zone, wantedMm }) => {
      const present = Math.min(wantedMm, presentMm.get(zone) ?? 0)
      const rate = rateAt(zone, dog.coat, rates)
      return {
        zone,
        wantedMm,
        presentMm: present,
        readyOn: readyOn(wantedMm, present, dog.coat, today, rate),
        steps: growthSteps(wantedMm, present, today, everyWeeks, rate),
      }
    })
}

/** The next groom as planned and the latest ones as they went, on one scale. */
async function readTapes(
  { time, nowMs }: OpenHouse,
  visits: Awaited<ReturnType<typeof readVisitsOfDog>>,
  nextId: number | null,
): Promise<FileTape[]> {
  const logs = await readLogs(visits.map(({ id }) => id))
  const past = visits.map((stored): FileTape => {
    const visit = foldVisit(logs.get(stored.id) ?? [])
    const { slotMin } = stored.plannedCase
    const startMs = visit.startMs ?? stored.startedMs
    const doneMin = Math.round(elapsedMin(visit, nowMs))
    const open = visit.finishedMs === null
    return {
      key: `visit${stored.id}`,
      when: open ? 'On the bench' : time.shortDay(stored.startedMs),
      slotMin,
      doneMin,
      open,
      segments: visitSegments(stored.plan, visit, startMs, nowMs),
      forecast: null,
      href: `/visits/${stored.id}/${open ? 'bench' : 'wrap-up'}`,
    }
  })
  if (nextId === null || visits.some(({ bookingId }) => bookingId === nextId)) return past
  const file = await readBookingFile(nextId, time.day)
  if (!file) return past
  const { fit, stages } = makePlan(file.planned)
  const next: FileTape = {
    key: 'next',
    when: time.shortDay(file.booking.startMs),
    slotMin: fit.slotMin,
    doneMin: Math.round(fit.p50),
    open: true,
    segments: plannedSegments(stages),
    forecast: { p50: fit.p50, p90: fit.p90 },
    href: `/bookings/${nextId}/plan`,
  }
  return [next, ...past]
}
