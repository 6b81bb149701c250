export { returnWords, returning } from './returning'
export type { Return, ReturnOf, ReturnReason } from './returning'
