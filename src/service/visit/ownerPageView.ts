import { atHome } from '@/core/at-home'
import { figureOf } from '@/core/figure'
import { findingWords, openFindings, placeWords } from '@/core/health'
import { MESSAGES, said } from '@/core/messages'
import { coatToday, referrals } from '@/core/plan'
import { visorOn } from '@/core/returning'
import { cutCard, outcomes } from '@/core/visit'
import { GROUPS, groupOf } from '@/core/zones'
import { readBookingsOfDog } from '@/data/bookings'
import { readFirstCalled } from '@/data/households'
import { readHouseWords } from '@/data/messages'
import { DAY_MS, MS_PER_MIN } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import { visitFile } from './visitFile'
import { proposalFor } from './wrapUpView'

/** The visit as its owner takes it home: before and after, what was found, what to do until next time. Null: no such visit. */
export async function ownerPageView(visitId: number, house: OpenHouse) {
  const file = await visitFile(visitId)
  if (!file) return null
  const { time, name, place, unit, nameOf } = house
  const { booking, dog, visit, now } = file
  const cut = cutCard(outcomes(now, visit))
  const startMs = visit.startMs ?? booking.startMs
  const day = time.day(startMs)
  const [next] = await readBookingsOfDog(dog.id, time.startOfDay(day) + DAY_MS)
  const visor = visorOn({ dog: now.case.dog, rates: now.case.dog.growthMmPerWeek ?? {}, date: day, card: cut })
  const words = await wordsFor(file, startMs, house)
  const refers = new Map(referrals(now.case).map(({ kind, zone }) => [`${kind} ${zone}`, true]))
  return {
    visitId,
    words,
    house: place ? `${name}, ${place}` : name,
    by: nameOf(booking.staffId),
    day: time.longDay(startMs),
    dog: { name: dog.name, ...figureOf(dog) },
    unit,
    finished: visit.finishedMs !== null,
    before: Object.fromEntries(coatToday(now.case)),
    after: Object.fromEntries(cut.map(({ zone, lengthMm }) => [zone, lengthMm])),
    shapes: Object.fromEntries(cut.map(({ zone, shape }) => [zone, shape])),
    lengths: GROUPS.flatMap((group) => {
      const own = cut
        .filter(({ zone, method }) => groupOf(zone) === group && method !== 'leave')
        .map(({ lengthMm }) => lengthMm)
      return own.length === 0 ? [] : [{ group, fromMm: Math.min(...own), toMm: Math.max(...own) }]
    }),
    found: openFindings(visit.findings).map((finding) => ({
      what: findingWords(finding.kind),
      where: placeWords(finding),
      sizeMm: finding.sizeMm ?? null,
      words: finding.words ?? '',
      photo: finding.photo ?? null,
      vet: refers.has(`${finding.kind} ${finding.zone}`),
    })),
    home: atHome(now.case.dog.coat),
    visor: visor === null ? null : time.longDay(time.at(visor, '12:00')),
    next: next
      ? { when: `${time.longDay(next.startMs)}, ${time.clock(next.startMs)}`, booked: true }
      : { when: proposalFor(file, cut, day, house).longDay, booked: false },
  }
}
/** What the house says to an owner on the page, in its own words where it has some. */
async function wordsFor(
  { dog, booking, visit }: NonNullable<Awaited<ReturnType<typeof visitFile>>>,
  startMs: number,
  { time, name, nameOf }: OpenHouse,
): Promise<string> {
  const [own, called] = await Promise.all([readHouseWords(), readFirstCalled([dog.householdId])])
  const first = called.get(dog.householdId)
  return said(own.get('page') ?? MESSAGES.page.words, {
    dog: dog.name,
    owner: first?.name ?? '',
    groomer: nameOf(booking.staffId),
    day: time.longDay(startMs),
    time: time.clock(startMs),
    until: time.clock(visit.finishedMs ?? startMs + booking.slotMin * MS_PER_MIN),
    place: first?.place ?? '',
    house: name,
  })
}

export type OwnerPageView = NonNullable<Awaited<ReturnType<typeof ownerPageView>>>
