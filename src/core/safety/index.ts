export { isSafe, safeCut } from './gate'
export type { AskedCut, GateFacts, Passed } from './gate'
