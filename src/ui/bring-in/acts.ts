import type { Act } from '../house/acts'
import type { Alike } from '@/core/bring-in'

export interface BringInActs {
  bringIn: Act<{ dogs: number }>
  takeBackList: Act<{ stays: number }>
  lookAppointments: Act<{ rows: Appointment[]; left: number }>
  bringAppointments: Act<{ bookings: number }>
  takeOver: Act<{ dogId: number }>
  whoCalls: Act<Known[]>
}

/** An appointment as a calendar has it, and what it would be here. */
export interface Appointment {
  startMs: number
  slotMin: number
  when: string
  summary: string
  dogs: readonly { dogId: number; name: string; household: string }[]
  /** What speaks against its time, where one dog is meant. */
  against: readonly string[]
  /** The slot that its plan asks for, min. */
  planMin: number | null
}

/** A household that may be the one a dog belongs to. */
export interface Known {
  householdId: number
  household: string
  owner: string
  dogs: { name: string }[]
  by: 'number' | 'name'
}

export interface BringInView {
  today: string
  /** Who may groom what a calendar brings. */
  hands: readonly { id: number; name: string }[]
  lists: readonly {
    id: string
    file: string
    by: string
    when: string
    dogs: number
    people: number
    bookings: number
    takenBack: string | null
  }[]
}

export interface Look {
  households: number
  people: number
  dogs: number
  joined: number
  alike: (Alike & { name: string; dog: string; home: string })[]
  twice: { line: number; of: number }[]
}
