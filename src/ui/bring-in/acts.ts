import type { Act } from '../house/acts'
import type { Alike } from '@/core/bring-in'

export interface BringInActs {
  bringIn: Act<{ dogs: number }>
  takeBackList: Act<{ stays: number }>
  takeOver: Act<{ dogId: number }>
  whoCalls: Act<Known[]>
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
  lists: readonly {
    id: string
    file: string
    by: string
    when: string
    dogs: number
    people: number
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
