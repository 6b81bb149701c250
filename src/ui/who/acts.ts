import type { Result } from '@/core/result'
import type { Standing } from '@/core/rights'

type Act<Value = unknown> = (input: unknown) => Promise<Result<Value>>

/** What can be done by who is not signed in yet, and signing out. */
export interface TableActs {
  signIn: Act
  takeTable: Act
  chooseByCode: Act
  letIn: Act
  claimHouse: Act
  signOut: Act
}

/** Who can take the table here, and how. */
export interface TableView {
  house: string
  demo: boolean
  who: { id: number; name: string } | null
  /** The name of this device, where it was let in. */
  device: string | null
  /** Another screen that was not let in: only a code helps. */
  needsCode: boolean
  /** The house is nobody's yet. */
  unclaimed: boolean
  people: readonly { id: number; name: string; standing: Standing; by: 'press' | 'pin' | 'code' }[]
}

/** What the owner of the house does about devices. */
export interface DevicesActs {
  makeCode: Act<{ code: string; minutes: number }>
  letThisIn: Act
  turnOff: Act
  saveHouse: Act<{ version: number }>
}
