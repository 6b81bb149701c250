import type { HouseFacts, SetUpStep, Van } from '@/core/house'
import type { Opening, Work } from '@/core/people'
import type { House } from '@/core/order'
import type { Result } from '@/core/result'
import type { StageId } from '@/core/stages'
import type { StationHere } from './Stations'

export type Act<Value = unknown> = (input: unknown) => Promise<Result<Value>>

/** What can be changed of a house. */
export interface HouseActs {
  saveRule: Act
  saveHouse: Act<{ version: number }>
  addCaution: Act
  retireCaution: Act
  addPerson: Act
  changePerson: Act<{ version: number }>
  leaveHouse: Act
  newStation: Act
  takeOutStation: Act
  makeCode: Act<{ code: string; minutes: number }>
  unlockPin: Act
}

export interface PersonHere {
  id: number
  name: string
  role: string
  work: Work
  owner: boolean
  hasPassphrase: boolean
  hasPin: boolean
  leftOn: string | null
  version: number
}

/** What the house decided, its people and its places. */
export interface HouseView {
  facts: HouseFacts
  opening: Opening
  van: Van
  version: number
  rules: House
  cautions: readonly { id: number; stage: StageId; words: string; madeBy: string }[]
  staff: readonly PersonHere[]
  stations: readonly StationHere[]
  dryer: readonly { name: string; minutes: number }[]
  /** Whose PIN was tried wrong so often that it is locked. */
  locked: readonly number[]
  /** How old the last backup is. */
  backup: { words: string; isOld: boolean }
  /** Steps of the set-up that nobody has gone through yet. */
  left: readonly SetUpStep[]
}
