import type { Day } from '../units'
import type { BookedFit } from './bookedFit'
import type { Life } from './life'

/** A booking as it lies on its day. Minutes after midnight. */
export interface BookLine {
  bookingId: number
  version: number
  dogId: number
  householdId: number
  dog: string
  /** Its breed and what is done. */
  what: string
  staffId: number
  day: Day
  from: number
  slotMin: number
  life: Life
  visitId: number | null
  /** The chance to be done within the slot, percent; null once it has begun. */
  percent: number | null
  /** Below what the house promises. */
  tight: boolean
  fit: BookedFit | null
  /** `every 5 weeks`; null for one that does not repeat. */
  repeat: string | null
  /** The day by the rule of its repeat. */
  ruleDay: Day | null
  setting: 'salon' | 'mobile'
  /** Where the van stops, and when its people are there. */
  home: { place: string; from: string | null; to: string | null } | null
}

/** One line of what comes next on a day: a dog with what to lay out for it, or who waits for a time. */
export type NextLine =
  | { kind: 'today' | 'next day'; when: string; bookingId: number; dog: string; groomer: string; layOut: string[] }
  | { kind: 'waiting'; dogs: string[] }
