export { DIFFICULT_GRADE, isBathers, isTrim } from './does'
export {
  Clock,
  Hours,
  ROLES,
  Role,
  SKILLS,
  STATION_KINDS,
  Skill,
  StationKind,
  WEEKDAYS,
  Weekday,
  Work,
  minutesOf,
  outsideHours,
  weekdayOf,
} from './people'
export { Closed, Opening, USUAL_HOURS, clockOf, closedWhy, workingMinutes } from './opening'
