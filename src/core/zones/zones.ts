import { z } from 'zod'

export const GROUPS = ['head', 'body', 'legs', 'feet', 'tail'] as const
export type GroupId = (typeof GROUPS)[number]

interface ZoneFact {
  group: GroupId
  /** Left and right exist. */
  paired: boolean
  label: string
}

const one = (group: GroupId, label: string): ZoneFact => ({ group, paired: false, label })
const pair = (group: GroupId, label: string): ZoneFact => ({ group, paired: true, label })

/** Every zone of a dog, nose to tail. Source: common practice; the ids are kept for good. */
const ZONE_FACTS = {
  skull: one('head', 'Skull'),
  visor: one('head', 'Visor'),
  brow: pair('head', 'Brow'),
  'eye-corner': pair('head', 'Eye corner'),
  lashes: pair('head', 'Lashes'),
  bridge: one('head', 'Bridge'),
  muzzle: pair('head', 'Muzzle'),
  lips: pair('head', 'Lips'),
  chin: one('head', 'Chin and beard'),
  cheek: pair('head', 'Cheek'),
  'ear-out': pair('head', 'Ear, outside'),
  'ear-in': pair('head', 'Ear, inside'),
  'ear-edge': pair('head', 'Ear fringe'),
  'ear-canal': pair('head', 'Ear canal'),
  throat: one('head', 'Throat'),
  neck: one('body', 'Neck'),
  shoulder: pair('body', 'Shoulder'),
  chest: one('body', 'Chest'),
  back: one('body', 'Back'),
  side: pair('body', 'Side'),
  belly: one('body', 'Belly'),
  skirt: one('body', 'Skirt'),
  tuck: pair('body', 'Tuck'),
  rump: one('body', 'Rump'),
  sanitary: one('body', 'Sanitary'),
  armpit: pair('legs', 'Armpit'),
  foreleg: pair('legs', 'Foreleg'),
  thigh: pair('legs', 'Thigh'),
  stifle: pair('legs', 'Stifle'),
  hock: pair('legs', 'Hock'),
  'leg-inside': pair('legs', 'Leg, inside'),
  forefoot: pair('feet', 'Forefoot'),
  hindfoot: pair('feet', 'Hind foot'),
  pads: pair('feet', 'Pads'),
  'tail-base': one('tail', 'Tail base'),
  tail: one('tail', 'Tail'),
  'tail-tip': one('tail', 'Tail tip'),
} as const satisfies Record<string, ZoneFact>

export type ZoneId = keyof typeof ZONE_FACTS
export const ZONES = Object.keys(ZONE_FACTS) as ZoneId[]
export const ZoneId = z.enum(ZONES as [ZoneId, ...ZoneId[]])

/** Skin that the teeth of a blade can take up. Source: common practice. */
export const THIN_SKIN: readonly ZoneId[] = [
  'armpit',
  'tuck',
  'sanitary',
  'belly',
  'leg-inside',
  'ear-out',
  'ear-in',
  'ear-edge',
  'ear-canal',
]

export const groupOf = (zone: ZoneId): GroupId => ZONE_FACTS[zone].group
export const isPaired = (zone: ZoneId): boolean => ZONE_FACTS[zone].paired
export const zoneLabel = (zone: ZoneId): string => ZONE_FACTS[zone].label

export const SIDES = ['left', 'right'] as const
export const Side = z.enum(SIDES)
export type Side = z.infer<typeof Side>
