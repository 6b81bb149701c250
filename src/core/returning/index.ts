export { returnWords, returning, visorOn } from './returning'
export type { Return, ReturnOf, ReturnReason } from './returning'
