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
export { overlapping } from './overlap'
export type { Slot } from './overlap'
