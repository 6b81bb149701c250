export {
  MM_PER_INCH,
  figureMm,
  inchFraction,
  inchFromMm,
  mmFromInch,
  mmFromInchFraction,
  ruleStepMm,
  showLength,
} from './lengths'
export type { LengthUnit } from './lengths'
export { Day, addDays, daysBetween, monthsBetween, showDay, weeksBetween } from './days'
