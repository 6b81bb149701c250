export { DayDog, DayPerson, HouseDay, Stations } from './day'
export { DAY_RULES, DayPlan, DayRule } from './dayPlan'
export type { DayWork } from './dayPlan'
export { planDay } from './planDay'
