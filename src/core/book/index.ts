export { hindrances, restOf } from './hindrances'
export type { BusyTime, DayFacts, Hand, Hindrance, Needs, Taken, Wanted } from './hindrances'
export { freeStretches, without } from './stretches'
export type { Stretch } from './stretches'
export { MOST_PROPOSED, proposals } from './proposals'
export type { Proposal, ProposalsAsked } from './proposals'
export {
  BOOKING_STANDINGS,
  BookingStanding,
  SAID_STANDINGS,
  howLate,
  isInBook,
  lifeOf,
  lifeWords,
  offBooked,
} from './life'
export type { Life } from './life'
export type { BookLine, NextLine } from './line'
export { nearestOpen } from './nearestOpen'
export { chanceAt, fitCurve, needsOf, promisedPercent } from './bookedFit'
export { BookedFit } from './bookedFit'
