import { ZONES, isPaired, zonesOf, type Side, type ZoneId, type ZoneKey } from '../../zones'
import type { Trigger } from '../../stages'
import type { Clause } from './clauses'
import type { Said } from './spoken'
import type { Remark } from './understood'

/** What a dog minds, by the words for it. Source: common practice. */
const TRIGGERS: readonly [words: RegExp, trigger: Trigger][] = [
  [/\b(dryer|blower|hairdryer|dried|drying|blow)/i, 'dryer'],
  [/\b(nail|claw|toenail|dew)/i, 'nails'],
  [/\b(bath|wash|water|shampoo|shower|wet)/i, 'bath'],
  [/\b(clipper|clippering|clipped|shav|buzz)/i, 'clipper'],
  [/\b(brush|comb|knot|mat)/i, 'brush'],
  [/\b(table)/i, 'table'],
  [/\b(stranger|men|people|visitor|anyone|kids|children)/i, 'people'],
  [/\b(dogs|other dog|puppies)/i, 'dogs'],
  [/\b(ear)/i, 'ears'],
]

const BY_ZONE: Partial<Record<ZoneKey, Trigger>> = {
  face: 'face',
  head: 'face',
  muzzle: 'face',
  chin: 'face',
  visor: 'face',
  'eye-corner': 'face',
  lips: 'face',
  'ear-out': 'ears',
  'ear-in': 'ears',
  'ear-edge': 'ears',
  'ear-canal': 'ears',
  forefoot: 'feet',
  hindfoot: 'feet',
  pads: 'feet',
  feet: 'feet',
  legs: 'feet',
  sanitary: 'rear',
  tail: 'rear',
  'tail-base': 'rear',
  rump: 'rear',
}

const grades = (said: readonly Said[]): number[] =>
  said.flatMap((token) => (token.is === 'temper' ? [token.grade] : []))

/** What a remark is about; null where it does not say of what, so that it has to be asked. */
export function aboutOf({ said, zones, side }: Clause): Remark['about'] | null {
  const ill = said.find((token): token is Said & { is: 'ill' } => token.is === 'ill')
  const [key] = zones
  const named = key === undefined ? null : ((isZone(key) ? key : zonesOf(key)[0]) ?? null)
  // "her left ear smells" says of which zone by itself.
  const place = named ?? (ill?.health.startsWith('ear-') ? 'ear-canal' : null)
  if (ill) return { kind: 'health', health: ill.health, zone: place, side: sideAt(place, side) }
  if (grades(said).length > 0) {
    const trigger = triggerOf(said, zones)
    return trigger === null ? null : { kind: 'temper', trigger, grade: Math.max(...grades(said)) }
  }
  const zone = zones[0] ?? null
  return said.some(({ is }) => is === 'matted') ? { kind: 'mats', zone } : { kind: 'care', zone }
}

const isZone = (key: ZoneKey): key is ZoneId => (ZONES as readonly ZoneKey[]).includes(key)

const sideAt = (zone: ZoneId | null, side: Side | null): Side | null => (zone !== null && isPaired(zone) ? side : null)

function triggerOf(said: readonly Said[], zones: readonly ZoneKey[]): Trigger | null {
  const words = said.map(({ words: each }) => each).join(' ')
  const named = TRIGGERS.find(([pattern]) => pattern.test(words))?.[1]
  return named ?? zones.map((zone) => BY_ZONE[zone]).find((trigger) => trigger !== undefined) ?? null
}
