export {
  CONDITIONER_PARTS,
  FACIAL_MIN,
  SHAMPOO_PARTS,
  SPOON_ML,
  WATER_MAX_C,
  bathFor,
  bodySurfaceM2,
  mix,
  spoons,
} from './bath'
export type { Mix } from './bath'
export { bathAims } from './aim'
export type { BathAim } from './aim'
