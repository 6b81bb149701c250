import { chanceAt, freeStretches, lifeOf, type BookLine, type BookedFit } from '@/core/book'
import { VAN_USUAL } from '@/core/house'
import { patternLabel } from '@/core/patterns'
import { closedWhy } from '@/core/people'
import { programmeWords } from '@/core/repeats'
import { Day, addDays } from '@/core/units'
import { weekdayOf } from '@/core/people'
import { readPlanStamps } from '@/data/bookedFits'
import { readCalledOff, type Booking } from '@/data/bookings'
import { readDogNames, type DogName } from '@/data/dogs'
import { readRepeatsById, type Repeat } from '@/data/repeats'
import { readVisitMarks } from '@/data/visits'
import { minuteOfDay } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import { takenBetween } from '../booking/timeOf'
import { growRepeats } from '../repeat/repeatDog'
import { namedForGaps, unnamedWaiting } from '../waiting/whoWaits'
import { fitsOf } from './fits'

/** Of those who are due a free stretch knows so many, the best ones. */
const MOST_OF_A_GAP = 12
/** So many weeks can be looked at. */
const WEEKS = [1, 2, 4]
const MONDAY = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']

/** The book from the Monday of a day on, over one, two or four weeks. */
export async function bookView(house: OpenHouse, asked: { day?: unknown; weeks?: unknown }) {
  await growRepeats(house)
  const { time, nowMs, opening } = house
  const today = time.day(nowMs)
  const parsed = Day.safeParse(asked.day)
  const weeks = WEEKS.find((each) => String(each) === asked.weeks) ?? 1
  const day = parsed.success ? parsed.data : today
  const from = addDays(day, -MONDAY.indexOf(weekdayOf(day)))
  const to = addDays(from, weeks * 7)
  const [{ bookings, dogs, taken, busy, own }, due, calledOff] = await Promise.all([
    takenBetween(from, to, house),
    unnamedWaiting(house, from, to),
    readCalledOff(time.startOfDay(from), time.startOfDay(to)),
  ])
  const days = Array.from({ length: weeks * 7 }, (_, at) => {
    const each = addDays(from, at)
    const free = house.hands.map((hand) => ({
      staffId: hand.id,
      stretches: freeStretches(each, { opening, hand, taken, busy }),
    }))
    return { day: each, closed: closedWhy(opening, each), free }
  })
  const gaps = days.flatMap(({ day: onDay, free }) =>
    free.flatMap(({ stretches }) => stretches.map((stretch) => ({ ...stretch, day: onDay }))),
  )
  const [lines, waiting, goneDogs] = await Promise.all([
    linesOf(bookings, dogs, house),
    namedForGaps(due, gaps, MOST_OF_A_GAP),
    readDogNames(calledOff.map(({ dogId }) => dogId)),
  ])
  return {
    from,
    to,
    weeks,
    today,
    nowMin: minuteOfDay(time, nowMs),
    lines,
    busy: busy.map((each) => ({
      ...each,
      id: own.find((one) => one.staffId === each.staffId && one.why === each.why)?.id ?? 0,
    })),
    waiting,
    calledOff: calledOff.map((each) => ({
      ...each,
      dog: goneDogs.get(each.dogId)?.name ?? '',
      day: time.day(each.startMs),
      from: minuteOfDay(time, each.startMs),
    })),
    days,
    opening,
    staff: handsOf(house, lines),
    works: house.works,
    tankLitres: tankOf(house),
    timeZone: house.timeZone,
    houseKey: house.key,
  }
}
/** Who works here, and who left with dogs still in these weeks: nobody's dog is out of sight. */
function handsOf({ everybody }: OpenHouse, lines: readonly BookLine[]) {
  return everybody
    .filter(
      ({ id, leftOn, role }) =>
        (leftOn === null && role !== 'front desk') || lines.some(({ staffId }) => staffId === id),
    )
    .map(({ id, name, role, work, leftOn }) => ({ id, name: leftOn === null ? name : `${name}, left`, role, work }))
}

/** The tank of the van, l. */
export const tankOf = ({ van }: Pick<OpenHouse, 'van'>): number => van.tankLitres ?? VAN_USUAL.tankLitres

/** Bookings as lines; a plan is made only for those whose bench has not begun. */
async function linesOf(
  bookings: readonly Booking[],
  dogs: ReadonlyMap<number, DogName>,
  house: OpenHouse,
): Promise<BookLine[]> {
  const ids = bookings.map(({ id }) => id)
  const [marks, stamps] = await Promise.all([readVisitMarks(ids), readPlanStamps(ids)])
  const toCome = bookings.filter(({ id }) => !marks.has(id))
  const [fits, repeats] = await Promise.all([
    fitsOf(toCome, house.time, stamps),
    readRepeatsById(bookings.flatMap(({ repeat }) => repeat?.id ?? [])),
  ])
  return bookings.flatMap((booking): BookLine[] => {
    const dog = dogs.get(booking.dogId)
    if (!dog) return []
    const mark = marks.get(booking.id) ?? null
    const fit = fits.get(booking.id) ?? null
    const repeat = booking.repeat && repeats.get(booking.repeat.id)
    return [lineOf(booking, dog, { mark, fit, repeat: repeat ?? null }, house)]
  })
}

interface Known {
  mark: { visitId: number; finished: boolean } | null
  fit: BookedFit | null
  repeat: Repeat | null
}

function lineOf(booking: Booking, dog: DogName, { mark, fit, repeat }: Known, { time }: OpenHouse): BookLine {
  const percent = fit && chanceAt(fit.curve, booking.slotMin)
  return {
    bookingId: booking.id,
    version: booking.version,
    dogId: dog.id,
    householdId: dog.householdId,
    dog: dog.name,
    what: `${dog.breed}, ${whatIsDone(booking)}`,
    staffId: booking.staffId,
    day: time.day(booking.startMs),
    from: minuteOfDay(time, booking.startMs),
    slotMin: booking.slotMin,
    life: lifeOf(booking.standing, mark),
    visitId: mark?.visitId ?? null,
    percent,
    tight: fit !== null && percent !== null && percent < fit.promisedPercent,
    fit,
    repeat: repeat && (repeat.endedOn === null ? programmeWords(repeat.programme) : null),
    ruleDay: booking.repeat?.ruleDay ?? null,
    setting: booking.setting,
    home: booking.home,
  }
}

/** What is done, in a few words. */
export function whatIsDone({ request }: Pick<Booking, 'request'>): string {
  if (request.pattern) return patternLabel(request.pattern).toLowerCase()
  return request.sameAsLast ? 'as last time' : 'full groom'
}
