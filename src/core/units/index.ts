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
export { hundredths } from './hundredths'
export { Day, addDays, dayNumber, daysBetween, monthsBetween, showDay, weeksBetween } from './days'
