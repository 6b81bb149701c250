import { COAT_FACTS } from '../coat'
import { DEFAULT_HOUSE } from '../order'
import { behaviourAt, type StageId, type StepFacts } from '../stages'
import type { Case } from './case'

/** Under this age a dog is young at the look-over, months. Source: common practice. */
const YOUNG_MONTHS = 12
/** From this share on a coat stands rather than falls. By eye. */
const STANDS = 0.5

/** What of a case changes the steps inside a stage. */
export function stepFacts({ dog, house = DEFAULT_HOUSE, behaviour = {} }: Case, stage: StageId): StepFacts {
  const { footLift, backbrush, difficultDog } = house
  return {
    footLift,
    backbrush,
    difficultDog,
    stands: COAT_FACTS[dog.coat].stands >= STANDS,
    minds: behaviourAt(stage, behaviour),
    young: (dog.ageMonths ?? Infinity) < YOUNG_MONTHS,
  }
}
