export { FamilyKey } from './FamilyKey'
export { Tape } from './Tape'
