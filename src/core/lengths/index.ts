export {
  BLADES,
  BladeId,
  SHARPEN_HOURS,
  COMB_BLADES,
  CombBladeId,
  Lay,
  SKIP_BLADES,
  clippedLengthMm,
  isSkipTooth,
  takesUpSkin,
} from './blades'
export { COMBS, CombId, combedLengthMm } from './combs'
export { cutLeaving } from './cutLeaving'
export { FULL_KIT, Kit, NEAR_ENOUGH, clipperFor, isNearEnough, nearestWay, waysNear, waysOf } from './kit'
export type { ClipperWay, NearWay } from './kit'
export { LengthMm, MAX_LENGTH_MM, Tool, byHand, cutOf, cutWith, isSameMm, toolWords } from './cut'
export type { Cut } from './cut'
