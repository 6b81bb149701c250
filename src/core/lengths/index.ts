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
export { ladder, rungFrom } from './ladder'
export { FULL_KIT, Kit, NEAR_ENOUGH, clipperFor, isNearEnough, kitOrAll, nearestWay, waysNear, waysOf } from './kit'
export type { ClipperWay, NearWay } from './kit'
export {
  BY_HAND,
  CLIPPED,
  COMBED,
  Cut,
  HANDWORK,
  LengthMm,
  MAX_LENGTH_MM,
  Tool,
  byHand,
  cutIn,
  cutOf,
  cutWith,
  isSameCut,
  isSameMm,
  toolWords,
} from './cut'
export type { ByHand } from './cut'
