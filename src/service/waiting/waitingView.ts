import { whoFitsEach } from '@/core/waiting'
import { addDays } from '@/core/units'
import { freeStretches, type Taken } from '@/core/book'
import { readHouseholds, type Household } from '@/data/households'
import { takenBetween } from '../booking/timeOf'
import type { OpenHouse } from '../house/openHouse'
import { NAMELESS, named, unnamedWaiting } from './whoWaits'

/** Free stretches are looked through so far ahead, days. Source: from memory. */
const AHEAD_DAYS = 14

/** So many of those who are due are listed, the soonest; a stretch says who fits it best. From memory. */
const MOST_DUE = 40
const MOST_FITS = 3

/** Who would come earlier, and who of them fits each free stretch of the next days. */
export async function waitingView(house: OpenHouse) {
  const { time, nowMs, staff, opening, nameOf } = house
  const today = time.day(nowMs)
  const [from, to] = [addDays(today, 1), addDays(today, 1 + AHEAD_DAYS)]
  const [all, { taken, busy }] = await Promise.all([unnamedWaiting(house, today, to), takenBetween(from, to, house)])
  // Where nobody drives it does not matter where they live: names are read only of those who are shown.
  const waiting = house.works === 'salon' ? all.map((line) => ({ ...line, ...NAMELESS })) : await named(all)
  const nearBy = await stopsOf(taken, house.works)
  const days = Array.from({ length: AHEAD_DAYS }, (_, at) => addDays(from, at))
  const free = days.flatMap((day) =>
    staff
      .filter(({ role }) => role === 'groomer')
      .flatMap((hand) =>
        freeStretches(day, { opening, hand, taken, busy }).map((stretch) => ({
          ...stretch,
          day,
          near: nearBy({ ...stretch, day }, hand.id),
          staffId: hand.id,
          groomer: nameOf(hand.id),
        })),
      ),
  )
  const fits = whoFitsEach(free, waiting, MOST_FITS)
  const gaps = free.flatMap((gap, at) => (fits[at]?.length ? [{ ...gap, fits: fits[at] }] : []))
  // Of a day the stretch that is filled best: a free day of everybody says nothing.
  const best = days.flatMap((day) => {
    const today = gaps.filter((gap) => gap.day === day)
    return today.sort((a, b) => (a.fits[0]?.spareMin ?? 0) - (b.fits[0]?.spareMin ?? 0)).slice(0, 1)
  })
  const due = waiting.filter(({ asked }) => !asked)
  const listed = [...waiting.filter(({ asked }) => asked), ...due.slice(0, MOST_DUE)]
  const shown = [...new Set([...listed, ...best.flatMap(({ fits }) => fits.map((fit) => fit.waiting))])]
  const lines = house.works === 'salon' ? new Map((await named(shown)).map((line, at) => [shown[at], line])) : null
  const namedOf = (line: (typeof waiting)[number]) => lines?.get(line) ?? line
  return {
    today,
    asked: listed.filter(({ asked }) => asked).map(namedOf),
    due: listed.filter(({ asked }) => !asked).map(namedOf),
    dueInAll: due.length,
    gaps: best.map((gap) => ({ ...gap, fits: gap.fits.map((fit) => ({ ...fit, waiting: namedOf(fit.waiting) })) })),
  }
}

/** Where a van is before or after a stretch; nowhere in a salon. */
async function stopsOf(taken: readonly Taken[], works: OpenHouse['works']) {
  const homes =
    works === 'salon' ? new Map<number, Household>() : await readHouseholds(taken.map(({ householdId }) => householdId))
  return (gap: { day: string; from: number; to: number }, staffId: number): string => {
    const own = taken.filter((each) => each.day === gap.day && each.staffId === staffId)
    const next = own.find((each) => each.to === gap.from || each.from === gap.to)
    return homes.get(next?.householdId ?? 0)?.place ?? ''
  }
}
