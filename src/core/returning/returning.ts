import { ahead } from '../balance'
import type { Stature } from '../build'
import { COAT_FACTS, grownMm, rateAt, type CoatId, type Rates } from '../coat'
import type { CardEntry } from '../request'
import { matMinutes, sumOverDays, type Term } from '../time'
import { addDays } from '../units'
import type { ZoneId } from '../zones'

export type ReturnReason = 'visor' | 'length' | 'mats' | 'slot'

export interface Return {
  weeks: number
  /** Calendar day. */
  on: string
  because: ReturnReason
}

/** A coat as a groom leaves it, and how it grows. */
export interface LeftCoat {
  dog: Stature & { coat: CoatId }
  rates: Rates
  /** The day of this groom. */
  date: string
  /** The coat as it is left. */
  card: readonly CardEntry[]
}

export interface ReturnOf extends LeftCoat {
  /** Worst mats of this visit, 0 to 4: a dog that mats comes back sooner. */
  mats: number
  /** What the owner calls too long there, where they said so, mm. */
  tooLongMm?: Partial<Record<ZoneId, number>>
  /** What the next groom takes without mats, and the slot it has to fit, min. */
  next: { terms: readonly Term[]; waitMin: number; daySigma: number; slotMin: number; chance: number }
}

/** Where nobody said what is too long: twice what was left, and enough to be seen, mm. Source: from memory. */
const TOO_LONG = 2
const SEEN_MM = 12
/** Coat shorter than this does not mat, mm. Source: from memory. */
const MATS_FROM_MM = 12
/** A dog that came matted is back after this share of the usual weeks. Source: from memory. */
const MATTED_SHARE = 0.75
/** Where friction mats a coat first. Source: common practice. */
const FRICTION: readonly ZoneId[] = ['armpit', 'ear-out', 'leg-inside', 'belly', 'tail-base']
/** Small knots come so many weeks before the coat counts as matted. Source: from memory. */
const SMALL_KNOTS_BEFORE = 2
const BODY: readonly ZoneId[] = ['back', 'side', 'foreleg', 'thigh']
const MOST_WEEKS = 26

const WORDS: Record<ReturnReason, string> = {
  visor: 'the visor reaches the eye',
  length: 'it is longer than it should be',
  mats: 'mats are likely',
  slot: 'it no longer fits its slot',
}
export const returnWords = (because: ReturnReason): string => WORDS[because]

/** The week to come back: the earliest at which something is no longer right. Source: common practice. */
export function returning(of: ReturnOf): Return {
  const reasons: [ReturnReason, number | null][] = [
    ['visor', visorWeek(of)],
    ['length', lengthWeek(of)],
    ['mats', matsWeek(of)],
    ['slot', slotWeek(of)],
  ]
  const dated = reasons.flatMap(([because, week]) => (week === null ? [] : [{ because, weeks: Math.max(1, week) }]))
  const first = dated.reduce((a, b) => (b.weeks < a.weeks ? b : a), {
    because: 'mats' as ReturnReason,
    weeks: COAT_FACTS[of.dog.coat].returnWeeks[1],
  })
  return { ...first, on: addDays(of.date, first.weeks * 7) }
}

const leftAt = ({ card }: LeftCoat, zone: ZoneId): number | null => {
  const there = card.filter((entry) => entry.zone === zone).map(({ lengthMm }) => lengthMm)
  return there.length === 0 ? null : Math.min(...there)
}

function weekOf({ dog, rates }: ReturnOf, zone: ZoneId, leftMm: number, reachesMm: number): number | null {
  for (let week = 1; week <= MOST_WEEKS; week++)
    if (grownMm(leftMm, week, dog.coat, rateAt(zone, dog.coat, rates)) >= reachesMm) return week
  return null
}

/** The day on which the visor reaches the eye; null where there is none, or where it hangs over it already. */
export function visorOn(of: LeftCoat): string | null {
  const week = visorWeek(of)
  return week === null ? null : addDays(of.date, week * 7)
}

/** A visor that hangs over the eye already is worn so. */
function visorWeek(of: LeftCoat): number | null {
  const presentMm = (zone: ZoneId) => leftAt(of, zone) ?? 0
  const event = ahead({ dog: of.dog, rates: of.rates, presentMm, wishes: [] }).find(({ id }) => id === 'visor')
  return event && event.week > 0 ? event.week : null
}

/** The first zone of body and legs that is too long; one that was only left is worn so. */
function lengthWeek(of: ReturnOf): number | null {
  const weeks = BODY.flatMap((zone) => {
    const left = leftAt(of, zone)
    if (left === null || of.card.some((entry) => entry.zone === zone && entry.method === 'leave')) return []
    return weekOf(of, zone, left, of.tooLongMm?.[zone] ?? Math.max(left * TOO_LONG, SEEN_MM)) ?? []
  })
  return weeks.length === 0 ? null : Math.min(...weeks)
}

/** Long coat mats at the end of its usual weeks, sooner on a dog that came matted. */
function matsWeek(of: ReturnOf): number | null {
  const usual = COAT_FACTS[of.dog.coat].returnWeeks[1]
  const week = Math.max(1, Math.floor(usual * (of.mats >= 2 ? MATTED_SHARE : 1)))
  const longest = Math.max(0, ...BODY.map((zone) => leftAt(of, zone) ?? 0))
  const grown = grownMm(longest, week, of.dog.coat, rateAt('side', of.dog.coat, of.rates))
  return grown >= MATS_FROM_MM ? week : null
}

/** The first week in which the mats to be expected by then push the groom out of its slot. */
function slotWeek(of: ReturnOf): number | null {
  const { terms, waitMin, daySigma, slotMin, chance } = of.next
  const from = matsWeek(of)
  if (from === null) return null
  for (let week = 1; week <= from + 4; week++) {
    const grade = Math.max(0, Math.min(3, week - from + SMALL_KNOTS_BEFORE + 1))
    const extra = matMinutes(new Map(FRICTION.map((zone) => [zone, grade])))
    if (sumOverDays(terms, waitMin + extra, daySigma).chanceWithin(slotMin) < chance)
      return week === 1 && grade === 0 ? null : week
  }
  return null
}
