export { cautionsFor } from './cautions'
export type { CareFacts, Caution, CutThere, Level } from './facts'
export { FLOOR_TO_TABLE, needsTwoToLift, recommendedWeightKg } from './lift'
export type { Lift } from './lift'
export { BLOWER_DBA, allowedMin, noiseDose } from './noise'
export { CABINET_CHECK_MIN, mayUseCabinet, referWhy, refers } from './refer'
export { CONSENTS, ConsentId, consentTitle, consentWords, isOldOrIll } from './consents'
export {
  FINDING_KINDS,
  FINDING_STATES,
  Finding,
  FindingKind,
  FindingState,
  endsGroom,
  findingKey,
  findingWords,
  openFindings,
  placeWords,
  stopWords,
} from './findings'
