import type { ZoneId, Side } from '../zones'
import type { HealthFact } from './facts'
import { kindFacts } from './kinds'

/** What of a dog decides how gently it is handled. Ages in months. */
export interface DogHealth {
  ageMonths?: number | undefined
  faceShape?: 'normal' | 'flat' | undefined
  lightSkin?: boolean | undefined
  /** Past visits to this house. */
  visits?: number | undefined
}

/** Ages in months. Source of all: common practice. */
const VERY_YOUNG_MONTHS = 4
const PUPPY_MONTHS = 12
const OLD_MONTHS = 120
const VERY_OLD_MONTHS = 144
/** Until then a dog is new here. Source: common practice. */
const KNOWN_VISITS = 3

export const isVeryYoung = ({ ageMonths }: DogHealth): boolean => (ageMonths ?? Infinity) < VERY_YOUNG_MONTHS
export const isVeryOld = ({ ageMonths }: DogHealth): boolean => (ageMonths ?? 0) >= VERY_OLD_MONTHS

/** Under a year, or still new here: it is met as a puppy is. */
export const isPuppyOrNew = ({ ageMonths, visits }: DogHealth): boolean =>
  (ageMonths ?? Infinity) < PUPPY_MONTHS || isNewHere({ visits })

/** A dog nobody has counted the visits of is taken as known. */
export const isNewHere = ({ visits }: DogHealth): boolean => (visits ?? Infinity) < KNOWN_VISITS

/** Old, unsteady, blind or arthritic: it stands badly and is braced, in short bouts. */
export const isStiff = ({ ageMonths }: DogHealth, facts: readonly HealthFact[]): boolean =>
  (ageMonths ?? 0) >= OLD_MONTHS || facts.some(({ kind }) => kindFacts(kind).stiff)

/** Ill at heart or breath, or with seizures. */
export const isIll = (facts: readonly HealthFact[]): boolean => facts.some(({ kind }) => kindFacts(kind).ill)

/** Whether a groom is a strain that the owner agrees to first. */
export const isOldOrIll = (dog: DogHealth, facts: readonly HealthFact[]): boolean => isVeryOld(dog) || isIll(facts)

/** Behaviour at the dryer from which a dog panics in a closed box. Source: common practice. */
const PANICS = 4

/** Whether a dog may wait in the warm-air cabinet: not flat-faced, ill, very old, very young or panicking at the dryer. */
export const mayUseCabinet = (dog: DogHealth, facts: readonly HealthFact[], dryer: number): boolean =>
  !isIll(facts) && dog.faceShape !== 'flat' && !isVeryOld(dog) && !isVeryYoung(dog) && dryer < PANICS

/** Whether a fact concerns a zone there; one without a place concerns all of the dog. */
export const isAt = (fact: HealthFact, zone: ZoneId, side: Side | null): boolean =>
  (fact.zone === undefined || fact.zone === zone) && (!fact.side || side === null || fact.side === side)

export const isRed = (facts: readonly HealthFact[], zone: ZoneId, side: Side | null): boolean =>
  facts.some((fact) => fact.kind === 'skin-red' && isAt(fact, zone, side))

/** Light or red skin, or a dog still new here: it gets the gentler blade. Source: common practice. */
export const isTender = (dog: DogHealth, facts: readonly HealthFact[], zone: ZoneId, side: Side | null): boolean =>
  dog.lightSkin === true || isNewHere(dog) || isRed(facts, zone, side)
