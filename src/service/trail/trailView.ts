import { DogFile, changeWords } from '@/core/dog'
import { TRAIL_KINDS, type TrailAsked } from '@/core/trail'
import { addDays } from '@/core/units'
import { readBookingsById } from '@/data/bookings'
import { readDogsById } from '@/data/dogs'
import { readTrail, type TrailRow } from '@/data/fileChanges'
import { readHouseholds } from '@/data/households'
import { bookingWords } from '../book/bookingStory'
import { householdWords } from '../household/householdView'
import type { OpenHouse } from '../house/openHouse'
import { Said } from './noteSaid'

const ON_A_PAGE = 50

/** Who changed whose data when, the latest first, a page at a time. Nothing here can be changed. */
export async function trailView(asked: TrailAsked, house: OpenHouse) {
  const { time, everybody } = house
  const { kind, who, from, to, page } = asked
  const rows = await readTrail({
    kind,
    by: who,
    fromMs: from === undefined ? undefined : time.startOfDay(from),
    toMs: to === undefined ? undefined : time.startOfDay(addDays(to, 1)),
    // One more than is shown says whether there are more.
    most: ON_A_PAGE + 1,
    skip: (page - 1) * ON_A_PAGE,
  })
  const shown = rows.slice(0, ON_A_PAGE)
  const about = await aboutOf(shown, house)
  return {
    asked,
    people: everybody.map(({ id, name }) => ({ id, name })),
    lines: shown.map((row) => ({
      id: row.id,
      when: whenWords(row.madeMs, house),
      by: row.madeBy,
      kind: TRAIL_KINDS[row.kind],
      about: about(row),
      words: wordsOf(row, house),
    })),
    more: rows.length > ON_A_PAGE,
  }
}
export type TrailShown = Awaited<ReturnType<typeof trailView>>

/** A moment with its year, where that is not this one. */
function whenWords(ms: number, { time, nowMs }: OpenHouse): string {
  const [year, thisYear] = [time.day(ms).slice(0, 4), time.day(nowMs).slice(0, 4)]
  return `${time.longDay(ms)}${year === thisYear ? '' : ` ${year}`}, ${time.clock(ms)}`
}

/** What a line is about, and where that stands. */
async function aboutOf(rows: readonly TrailRow[], { nameOf, name, time }: OpenHouse) {
  const ids = (...kinds: readonly TrailRow['kind'][]) =>
    rows.filter(({ kind }) => kinds.includes(kind)).map(({ ofId }) => ofId)
  const [bookings, households] = await Promise.all([readBookingsById(ids('booking')), readHouseholds(ids('household'))])
  const dogIds = [...ids('dog', 'taken-in', 'card'), ...[...bookings.values()].map(({ dogId }) => dogId)]
  const dogs = await readDogsById(dogIds)
  return ({ kind, ofId }: TrailRow): { words: string; href: string } => {
    switch (kind) {
      case 'booking': {
        const booking = bookings.get(ofId)
        const dog = booking && dogs.get(booking.dogId)?.name
        const day = booking && time.shortDay(booking.startMs)
        return { words: dog ? `${dog}, ${day}` : 'A booking', href: booking ? `/dogs/${booking.dogId}` : '/book' }
      }
      case 'household':
        return { words: households.get(ofId)?.name ?? 'A household', href: `/households/${ofId}` }
      case 'person':
        return { words: nameOf(ofId), href: '/rules' }
      case 'device':
        return { words: 'A device', href: '/rules/devices' }
      case 'house':
        return { words: name, href: '/rules' }
      case 'dog':
      case 'taken-in':
      case 'card':
        return { words: dogs.get(ofId)?.name ?? 'A dog', href: `/dogs/${ofId}` }
    }
  }
}

function wordsOf({ kind, before, after }: TrailRow, house: OpenHouse): string {
  if (kind === 'booking') return bookingWords(before, after, house)
  if (kind === 'household') return householdWords(after)
  if (kind !== 'dog') return Said.safeParse(after).data?.said ?? ''
  const [was, is] = [DogFile.partial().safeParse(before), DogFile.partial().safeParse(after)]
  return was.success && is.success
    ? changeWords(was.data as Partial<DogFile>, is.data as Partial<DogFile>).join('; ')
    : 'fields that this Kovit does not know'
}
