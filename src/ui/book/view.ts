import type { BookLine, BusyTime, Stretch } from '@/core/book'
import type { Opening, Role, Work } from '@/core/people'
import type { Result } from '@/core/result'
import type { Day } from '@/core/units'
import type { WaitingLine } from '@/core/waiting'

export interface GoneLine {
  bookingId: number
  dogId: number
  dog: string
  staffId: number
  day: Day
  from: number
  slotMin: number
  standing: string
  startMs: number
  atMs: number
  by: string
  why: string
}

export interface Hand {
  id: number
  name: string
  role: Role
  work: Work
}

export interface BookView {
  from: Day
  to: Day
  weeks: number
  today: Day
  nowMin: number
  lines: readonly BookLine[]
  busy: readonly (BusyTime & { id: number })[]
  waiting: readonly WaitingLine[]
  calledOff: readonly GoneLine[]
  days: readonly {
    day: Day
    closed: string | null
    free: readonly { staffId: number; stretches: readonly Stretch[] }[]
  }[]
  opening: Opening
  staff: readonly Hand[]
  works: 'salon' | 'van' | 'both'
  tankLitres: number
  timeZone: string
}

type Act<Value = unknown> = (input: unknown) => Promise<Result<Value>>

/** Where a booking was, so that a move can be taken back. */
export interface MovedTo {
  version: number
  before: { day: Day; clock: string; staffId: number; slotMin: number }
}

export interface BookActs {
  move: Act<MovedTo>
  standing: Act
  callOff: Act
  putBack: Act
}

/** Anything lighter than this is not a dog's, minutes. Source: from memory. */
export const SHORTEST_DOG_MIN = 45
