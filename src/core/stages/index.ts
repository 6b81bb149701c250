export { STAGES, STAGE_FACTS, StageId, TRIGGERS, Trigger, behaviourAt, familyOf, stageLabel } from './stages'
export type { Family, Resource } from './stages'
export { stageOfZone } from './hand'
export { stepsOf } from './steps'
