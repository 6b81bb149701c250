export { lately } from './lately'
export { houseClock } from './houseClock'
export type { HouseClock } from './houseClock'
export { showAge, showMinutes, showSpan } from './words'
