export { honestCut } from './cuts'
export {
  EVENT_FORMAT,
  FOLD_FORMAT,
  VISIT_FORMAT,
  readStoredCase,
  readStoredEvent,
  readStoredPlan,
  tryStoredEvent,
} from './stored'
