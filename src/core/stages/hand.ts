import type { ZoneId } from '../zones'
import type { StageId } from './stages'

/** The stage at which the hand is on a zone. Source: common practice. */
const HAND: Record<ZoneId, StageId> = {
  'eye-corner': 'head',
  lashes: 'head',
  brow: 'head',
  visor: 'head',
  skull: 'head',
  bridge: 'head',
  muzzle: 'head',
  lips: 'head',
  chin: 'head',
  'ear-edge': 'head',
  cheek: 'flat-work',
  throat: 'flat-work',
  neck: 'flat-work',
  'ear-out': 'flat-work',
  'ear-in': 'flat-work',
  'ear-canal': 'ears',
  back: 'body',
  side: 'body',
  shoulder: 'body',
  rump: 'body',
  armpit: 'body',
  chest: 'underline',
  skirt: 'underline',
  tuck: 'underline',
  belly: 'underline',
  sanitary: 'sanitary',
  foreleg: 'legs',
  thigh: 'legs',
  stifle: 'legs',
  hock: 'legs',
  'leg-inside': 'legs',
  forefoot: 'feet',
  hindfoot: 'feet',
  pads: 'pads',
  'tail-base': 'tail',
  tail: 'tail',
  'tail-tip': 'tail',
}

const SHAVED_FACE: readonly ZoneId[] = ['bridge', 'muzzle', 'lips', 'chin', 'cheek', 'throat']
const FEET: readonly ZoneId[] = ['forefoot', 'hindfoot']

/**
 * Where a zone is worked.
 * @param shaved the zone is clipped bare to flat-work length
 * @param faceFeetFirst the house shaves face and feet before the bath
 */
export function stageOfZone(zone: ZoneId, shaved: boolean, faceFeetFirst: boolean): StageId {
  if (!shaved) return HAND[zone]
  if (zone === 'belly') return 'sanitary'
  if (SHAVED_FACE.includes(zone)) return faceFeetFirst ? 'pre-clip' : 'flat-work'
  if (FEET.includes(zone)) return faceFeetFirst ? 'pre-clip' : 'feet'
  return HAND[zone]
}
