export { ASKED_HEALTH, ASKED_TRIGGERS, Call, EMPTY_CALL, SAID_MATS } from './call'
export { calledDog, grownMm, proposedFrom } from './fileOfCall'
export type { Called } from './fileOfCall'
