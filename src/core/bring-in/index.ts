export { FIELDS, FIELD_IDS, JOINED, guessColumns, type Field } from './columns'
export { dateOrder, type DateOrder } from './cells'
export { BroughtRow, readRow, type Fault, type ReadRow, type Reading } from './rows'
export { BringRules, planBringIn, type Alike, type BringPlan, type BroughtHome, type KnownHome } from './plan'
