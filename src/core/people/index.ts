export {
  Hours,
  SKILLS,
  STATION_KINDS,
  Skill,
  StationKind,
  WEEKDAYS,
  Weekday,
  Work,
  outsideHours,
  weekdayOf,
} from './people'
export { Closed, Opening, USUAL_HOURS, clockOf, closedWhy, workingMinutes } from './opening'
export { proposals } from './proposals'
export type { Proposal, ProposalsAsked, Taken } from './proposals'
export { overlapping } from './overlap'
export type { Slot } from './overlap'
