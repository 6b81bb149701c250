export { ASKED_HEALTH, ASKED_TRIGGERS, Call, EMPTY_CALL, SAID_MATS } from './call'
export { calledDog, grownMm, proposedFrom } from './fileOfCall'
export { mindFirst } from './mindFirst'
export type { Called } from './fileOfCall'
