import type { DogHealth, HealthFact } from '../health'
import type { StageId } from '../stages'
import type { ZoneId } from '../zones'

export type Level = 'must' | 'should' | 'info'

export interface Caution {
  id: string
  level: Level
  stage: StageId
  zone: ZoneId | null
  why: string
}

/** What is done at a zone, as far as a caution asks. */
export interface CutThere {
  method: string
  blade: string | null
  lengthMm: number
}

/** What the cautions look at. Weight in kg; behaviour 0 to 4. */
export interface CareFacts {
  stages: readonly { id: StageId; zones: readonly ZoneId[] }[]
  /** What is cut at a zone: once, or left and right. Empty where it is left. */
  cutsAt: (zone: ZoneId) => readonly CutThere[]
  behaviourAt: (stage: StageId) => number
  behaviour: { dryer: number; feet: number }
  dog: DogHealth
  weightKg: number
  /** The house's limit, °C. */
  waterMaxC: number
  /** Hands lift the dog on to the table: no ramp, no table that goes down. */
  liftedByHand: boolean
  sex: 'male' | 'female' | null
  /** Null when nobody said. */
  neutered: boolean | null
  health: readonly HealthFact[]
  cabinetAllowed: boolean
}

/** What a caution sees of one stage. */
export interface Here {
  stage: StageId
  zones: readonly ZoneId[]
  facts: CareFacts
}

/** A kind of caution: where it belongs, on whom, and its sentence. */
export interface CautionRule {
  id: string
  level: Level
  /** The zone it is about, null when it is about the stage, undefined when it does not belong here. */
  fires: (here: Here) => ZoneId | null | undefined
  why: string | ((facts: CareFacts) => string)
}
