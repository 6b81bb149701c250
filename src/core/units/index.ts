export { MM_PER_INCH, figureMm, inchFraction, inchFromMm, mmFromInch, mmFromInchFraction, showLength } from './lengths'
export type { LengthUnit } from './lengths'
export { Day, addDays, daysBetween, showDay, weeksBetween } from './days'
