import { showMinutes } from '../clock'
import { dayNumber, type Day } from '../units'

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
  whoFitsEach([gap], waiting, most)[0] ?? []

/** The same for each of many gaps. */
export const whoFitsEach = <W extends Waiting>(
  gaps: readonly Gap[],
  waiting: readonly W[],
  most: number,
): FitsGap<W>[][] =>
  bestOfEach(gaps, waiting, most).map((best) =>
    best.map(({ waiting: each, spareMin, isNear, weeksOff }) => ({
      waiting: each,
      spareMin,
      why: whyFits(spareMin, isNear, weeksOff, each),
    })),
  )

interface Fitting<W> {
  waiting: W
  spareMin: number
  isNear: boolean
  weeksOff: number
}

/** The best of each gap before it is said why: of the hundreds that fit one a few are shown. */
function bestOfEach<W extends Omit<Waiting, 'dog'>>(gaps: readonly Gap[], waiting: readonly W[], most: number) {
  // What is the same for every gap is worked out once: a fortnight of five people has a hundred.
  const known = waiting.map((each) => ({
    waiting: each,
    street: streetOf(each.place),
    due: each.dueOn === null ? null : dayNumber(each.dueOn),
  }))
  return gaps.map((gap) => {
    const [lengthMin, street, today] = [gap.to - gap.from, streetOf(gap.near), dayNumber(gap.day)]
    const best: Fitting<W>[] = []
    for (const { waiting: each, street: home, due } of known) {
      if (each.from > gap.day || gap.day > each.to || each.slotMin > lengthMin) continue
      const spareMin = lengthMin - each.slotMin
      const weeksOff = due === null ? 1 : Math.abs(due - today) / DAYS_IN_WEEK
      putIn(best, { waiting: each, spareMin, isNear: gap.near !== '' && street === home, weeksOff }, most)
    }
    return best
  })
}

/** Puts one where it belongs, behind whoever fits as well, if it is among so many. */
function putIn<W extends { madeMs: number }>(best: Fitting<W>[], one: Fitting<W>, most: number): void {
  const last = best.at(-1)
  if (best.length === most && last && byFit(one, last) >= 0) return
  const place = best.findIndex((other) => byFit(one, other) < 0)
  best.splice(place < 0 ? best.length : place, 0, one)
  if (best.length > most) best.pop()
}

const byFit = (a: Fitting<{ madeMs: number }>, b: Fitting<{ madeMs: number }>): number =>
  Number(b.isNear) - Number(a.isNear) ||
  Math.floor(a.weeksOff) - Math.floor(b.weeksOff) ||
  a.spareMin - b.spareMin ||
  a.waiting.madeMs - b.waiting.madeMs

/** Of those who wait, who is among the first of any of these gaps; where they live is not asked. */
export function firstOfGaps<W extends Omit<Waiting, 'dog' | 'place'>>(
  gaps: readonly Omit<Gap, 'near'>[],
  waiting: readonly W[],
  most: number,
): W[] {
  const placeless = waiting.map((line) => ({ ...line, place: '', line }))
  const placed = gaps.map((gap) => ({ ...gap, near: '' }))
  const first = new Set(bestOfEach(placed, placeless, most).flatMap((best) => best.map((fit) => fit.waiting.line)))
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
