import { showMinutes } from '../clock'
import { daysBetween, type Day } from '../units'

/** A dog whose people would come earlier. */
export interface Waiting {
  id: number
  dogId: number
  dog: string
  /** From and to when they would come. */
  from: Day
  to: Day
  /** The day that is right by its coat; null where nobody knows. */
  dueOn: Day | null
  /** The slot it takes with whoever has the gap, minutes. */
  slotMin: number
  /** Where it lives. */
  place: string
  /** When it was put on the list. */
  madeMs: number
}

/** A line of the list, or a dog that is due and not booked, with how to reach its people. */
export interface WaitingLine extends Waiting {
  /** On the list because somebody asked; else because its coat is due. */
  asked: boolean
  note: string
  breed: string
  owner: string
  phone: string | null
  householdId: number
}

/** A stretch that has become free. */
export interface Gap {
  day: Day
  from: number
  to: number
  /** Of the stop before or after, where a van drives; empty where nobody does. */
  near: string
}

export interface FitsGap<W extends Waiting = Waiting> {
  waiting: W
  /** What stays free, minutes. */
  spareMin: number
  why: string
}

const DAYS_IN_WEEK = 7

/**
 * Who of those who wait fits a gap, the best first: by place for a van, by the right week, by length, by how long they wait.
 * @param most so many of them
 */
export const whoFits = <W extends Waiting>(gap: Gap, waiting: readonly W[], most = Infinity): FitsGap<W>[] =>
  bestFirst(gap, waiting)
    .slice(0, most)
    .map(({ waiting: each, spareMin, isNear, weeksOff }) => ({
      waiting: each,
      spareMin,
      why: whyFits(spareMin, isNear, weeksOff, each),
    }))

/** The same before it is said why: of the hundreds that fit a gap a few are shown. */
function bestFirst<W extends Omit<Waiting, 'dog'>>(gap: Gap, waiting: readonly W[]) {
  const lengthMin = gap.to - gap.from
  return waiting
    .filter(({ from, to, slotMin }) => from <= gap.day && gap.day <= to && slotMin <= lengthMin)
    .map((each) => {
      const off = each.dueOn === null ? null : Math.abs(daysBetween(each.dueOn, gap.day))
      const isNear = gap.near !== '' && streetOf(gap.near) === streetOf(each.place)
      return {
        waiting: each,
        spareMin: lengthMin - each.slotMin,
        isNear,
        weeksOff: off === null ? 1 : off / DAYS_IN_WEEK,
      }
    })
    .sort(
      (a, b) =>
        Number(b.isNear) - Number(a.isNear) ||
        Math.floor(a.weeksOff) - Math.floor(b.weeksOff) ||
        a.spareMin - b.spareMin ||
        a.waiting.madeMs - b.waiting.madeMs,
    )
}

/** Of those who wait, who is among the first of any of these gaps; where they live is not asked. */
export function firstOfGaps<W extends Omit<Waiting, 'dog' | 'place'>>(
  gaps: readonly Omit<Gap, 'near'>[],
  waiting: readonly W[],
  most: number,
): W[] {
  const placeless = waiting.map((line) => ({ ...line, place: '', line }))
  const fits = gaps.flatMap((gap) => bestFirst({ ...gap, near: '' }, placeless).slice(0, most))
  const first = new Set(fits.map((fit) => fit.waiting.line))
  return waiting.filter((line) => first.has(line))
}

/** An address without its house number: who lives in one street is one stop. */
const streetOf = (place: string): string =>
  place
    .toLowerCase()
    .replace(/\d+\w?/g, '')
    .trim()

function whyFits(spareMin: number, isNear: boolean, weeksOff: number, { dueOn }: Waiting): string {
  const week = dueOn === null ? '' : weeksOff < 1 ? 'in its right week' : `${Math.round(weeksOff)} weeks off its week`
  const length = spareMin === 0 ? 'fills it' : `leaves ${showMinutes(spareMin)}`
  return [isNear ? 'in the same street' : '', week, length].filter(Boolean).join(', ')
}
