export { honestCut } from './cuts'
export { EVENT_FORMAT, VISIT_FORMAT, readStoredCase, readStoredEvent, readStoredPlan } from './stored'
