export { GROOMS, GroomKind, Programme, fallsOf, programmeWords, ruleOf } from './programme'
export type { Fall } from './programme'
