export { BUILDS, BuildId } from './builds'
export {
  EAR_SETS,
  EarSet,
  FORELEGS,
  Forelegs,
  FaceShape,
  FineMeasures,
  MEASURE_FACTS,
  MEASURE_KEYS,
  Measured,
  measuredOf,
  measuresOf,
  measuresProblem,
  visorToEyeMm,
} from './measures'
export type { MeasureKey, Measures, Stature } from './measures'
