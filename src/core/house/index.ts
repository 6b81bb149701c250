export { HouseFacts, SET_UP_STEPS, SetUpStep, VAN_USUAL, Van, WORKS, Works } from './facts'
export { COMMON_KITS } from './kits'
export type { CommonKit } from './kits'
