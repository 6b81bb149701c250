import type { Ways } from './ways'

/** Setting up after parking and packing before leaving, and filling the tank; what a tank holds. From memory. */
export const SET_UP_MIN = 6
export const PACK_MIN = 5
export const REFILL_MIN = 12
export const TANK_LITRES = 200

/** A door on a van's day: the dogs of one household, groomed one after the other. Minutes are minutes of the day. */
export interface Stop {
  id: string
  /** Minutes from the first hand to the last handover. */
  stayMin: number
  /** Hands begin no earlier; the last handover is promised until then. */
  fromMin: number
  untilMin: number
  litres: number
}

/** What a van has before it. */
export interface VanDay {
  /** Where it starts, ends and can fill its tank. */
  base: string
  departMin: number
  /** Its first place, where the day is planned again from now; the base when left out. */
  at?: string
  /** What is in the tank at the start; full when left out. */
  litres?: number
  stops: readonly Stop[]
  /** Whoever drives rests so long before driving on from a stop. */
  rest?: { after: string; min: number }
  /** Other places where it can fill its tank. */
  refills: readonly string[]
  tankLitres: number
  setUpMin: number
  packMin: number
  refillMin: number
  ways: Ways
}

/** A stop with its times. */
export interface PlacedStop {
  id: string
  /** When the van is parked, when hands begin, when the last dog is handed over, when it drives on. */
  arriveMin: number
  beginMin: number
  doneMin: number
  leaveMin: number
  lateMin: number
  /** The way there, with the way to a refill before it. */
  driveMin: number
  km: number
  refillBefore: string | null
  tankAfterLitres: number
}

/** A van's day in an order. */
export interface Route {
  stops: PlacedStop[]
  /** Promises broken, and by how many minutes in sum. */
  broken: number
  lateMin: number
  driveMin: number
  km: number
  homeMin: number
}
