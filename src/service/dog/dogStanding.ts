import { ratesOf, type Rates } from '@/core/coat'
import { coatOn, coatToday, type Case } from '@/core/plan'
import { NEW_VISIT } from '@/core/visit'
import type { Day } from '@/core/units'
import type { Side, ZoneId } from '@/core/zones'
import { readBookingsOfDogs, type LookOver } from '@/data/bookings'
import { readCard, readCards, readSavedSince, type TrimCard } from '@/data/cards'
import { readDogsById, type Dog } from '@/data/dogs'
import {
  countVisitsOf,
  readLastCuts,
  readLastVisits,
  readPastVisits,
  readVisitsOfBookings,
  type LastCut,
  type PastVisit,
} from '@/data/visits'
import { visitStates } from '../visit/visitStates'
import type { HouseTime } from '../house/houseTime'
import { growthOf, type Growth } from './growth'

/** A dog's coat as it is today: what the last cut left, grown at the dog's own pace, or as it was measured since. */
export interface CoatStanding {
  dog: Dog
  /** The latest cut; null before the first groom. */
  lastCut: { startedMs: number; day: Day; card: TrimCard } | null
  growth: Growth
  rates: Rates
  /** Of both sides (null) the shorter one, mm. */
  coatOn: (zone: ZoneId, side: Side | null) => number
  coatMm: Map<ZoneId, number>
}

/**
 * The coat of these dogs at a moment, in the same few queries however many they are. Every screen asks here, so that a
 * dog has one coat.
 */
export async function coatStandings(
  dogs: readonly Dog[],
  atMs: number,
  time: HouseTime,
): Promise<Map<number, CoatStanding>> {
  const ids = dogs.map(({ id }) => id)
  const [cuts, growth, measured] = await Promise.all([
    readLastCuts(atMs, ids),
    growthOf(dogs, atMs),
    measuredToday(ids, atMs, time),
  ])
  const cutOf = new Map(cuts.map((cut) => [cut.dogId, cut]))
  const cards = await readCards(cuts.map(({ cutCardId }) => cutCardId))
  const standingOf = (dog: Dog): CoatStanding => {
    const grows = growth.get(dog.id)
    if (!grows) throw new Error(`No growth for dog ${dog.id}.`)
    const lastCut = lastCutOf(cutOf.get(dog.id), cards, time)
    const rates = ratesOf(grows)
    const input = {
      ...(measured.get(dog.id) ?? NOTHING),
      date: time.day(atMs),
      dog: { coat: dog.coat, growthMmPerWeek: rates },
      ...(lastCut ? { last: { date: lastCut.day, card: lastCut.card.zones } } : {}),
    }
    return { dog, lastCut, growth: grows, rates, coatOn: coatOn(input), coatMm: coatToday(input) }
  }
  return new Map(dogs.map((dog) => [dog.id, standingOf(dog)]))
}

type Measured = Pick<LookOver, 'coatNowMm' | 'coatSidesMm'>
const NOTHING: Measured = { coatNowMm: {}, coatSidesMm: {} }

function lastCutOf(
  cut: LastCut | undefined,
  cards: ReadonlyMap<number, TrimCard>,
  time: HouseTime,
): CoatStanding['lastCut'] {
  const card = cut && cards.get(cut.cutCardId)
  return cut && card ? { startedMs: cut.startedMs, day: time.day(cut.startedMs), card } : null
}

/** What was measured on the way to a groom of today that is not closed yet: on the plan, or by hand on the bench. */
async function measuredToday(dogIds: readonly number[], atMs: number, time: HouseTime): Promise<Map<number, Measured>> {
  const from = time.startOfDay(time.day(atMs))
  const bookings = (await readBookingsOfDogs(dogIds, from)).filter(
    ({ startMs }) => time.day(startMs) === time.day(atMs),
  )
  if (bookings.length === 0) return new Map()
  const visits = await readVisitsOfBookings(bookings.map(({ id }) => id))
  const states = await visitStates(visits.map(({ id }) => id))
  return new Map(
    bookings.flatMap(({ id, dogId, coatNowMm, coatSidesMm }) => {
      const visit = visits.find(({ bookingId }) => bookingId === id)
      if (visit && visit.closedMs !== null && visit.closedMs < atMs) return []
      const { measuredMm } = (visit && states.get(visit.id)) ?? NEW_VISIT
      const sides = Object.fromEntries(Object.entries(measuredMm).map(([zone, mm]) => [zone, { left: mm, right: mm }]))
      return [[dogId, { coatNowMm, coatSidesMm: { ...coatSidesMm, ...sides } }]] as const
    }),
  )
}

/** A dog as the next groom finds it. */
export interface DogStanding extends CoatStanding {
  /** Visits that were wrapped up before. */
  visits: number
  lastVisit: PastVisit | null
  /** The card saved since the last cut, or the last full card behind a bath and tidy. */
  saved: TrimCard | null
  /** The card that stands: what *same as last time* repeats. Null before the first groom. */
  card: TrimCard | null
  /** The last visit as a plan needs it. */
  last: Case['last']
}

/**
 * The last card and the coat of a dog at a moment: the one answer for its file, card, plan and print.
 * @returns null when the dog is not in the book
 */
export const dogStanding = async (dogId: number, atMs: number, time: HouseTime): Promise<DogStanding | null> =>
  (await dogStandings([dogId], atMs, time)).get(dogId) ?? null

/** The same of several dogs, in as many questions to the database as of one. */
export async function dogStandings(
  dogIds: readonly number[],
  atMs: number,
  time: HouseTime,
): Promise<Map<number, DogStanding>> {
  const dogs = [...(await readDogsById(dogIds)).values()]
  const [coats, visits, lasts] = await Promise.all([
    coatStandings(dogs, atMs, time),
    countVisitsOf(dogIds),
    readLastVisits(atMs, dogIds),
  ])
  const saved = await readSavedSince(new Map(dogs.map(({ id }) => [id, coats.get(id)?.lastCut?.card.version ?? 0])))
  const standings = await Promise.all(
    [...coats].map(async ([id, coat]): Promise<[number, DogStanding]> => {
      const cut = coat.lastCut?.card ?? null
      const lastVisit = lasts.get(id) ?? null
      const stands = saved.get(id) ?? (await fullCardBehind(lastVisit))
      return [
        id,
        {
          ...coat,
          visits: visits.get(id) ?? 0,
          lastVisit,
          saved: stands,
          card: stands ?? cut,
          last: lastVisit && cut ? lastOf(lastVisit, cut, time) : undefined,
        },
      ]
    }),
  )
  return new Map(standings)
}

/** Behind a bath and tidy stands the last full groom: its card is the one to repeat. */
async function fullCardBehind(last: PastVisit | null): Promise<TrimCard | null> {
  if (!last || !isBath(last)) return null
  const before = await readPastVisits(last.dogId, FURTHEST_BACK, last.closedMs ?? last.startedMs)
  const full = before.find((visit) => !isBath(visit) && visit.cutCardId !== null)
  return full?.cutCardId ? readCard(full.cutCardId) : null
}

const isBath = ({ pattern }: PastVisit): boolean => pattern === 'bath-tidy'

/** Nobody has more baths than this between two grooms. Source: from memory. */
const FURTHEST_BACK = 8

/** The last visit as the next one needs it; a wish that this coat can never grow to is not carried on. */
function lastOf(
  { startedMs, liked, verdicts, leftBehind: { growing } }: PastVisit,
  card: TrimCard,
  time: HouseTime,
): Case['last'] {
  return {
    date: time.day(startedMs),
    card: card.zones,
    growing,
    ...(Object.keys(verdicts).length > 0 ? { verdicts } : {}),
    ...(liked === null ? {} : { liked }),
  }
}
