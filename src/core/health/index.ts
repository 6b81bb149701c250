export {
  FINDING_STATES,
  Finding,
  FindingState,
  HealthFact,
  endsGroom,
  factsAfter,
  findingKey,
  isSameThing,
  openFindings,
  placeWords,
  planKind,
  referWords,
  refers,
  stopWords,
} from './facts'
export { FINDING_KINDS, FindingKind, HEALTH_KINDS, HealthKind, findingWords } from './kinds'
export { isAt, isOldOrIll, isPuppyOrNew, isRed, isStiff, isTender, isVeryOld, isVeryYoung, mayUseCabinet } from './who'
export type { DogHealth } from './who'
