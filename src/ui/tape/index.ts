export { TAPE_DOWN_EDGE, TapeDown } from './TapeDown'
export { FamilyKey } from './FamilyKey'
export { Tape } from './Tape'
