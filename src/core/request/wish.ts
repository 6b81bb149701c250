import type { Join, Want } from '../patterns'
import { zonesCutBy, FOLLOWERS, type FaceStyle, type ZoneId, type ZoneKey } from '../zones'
import type { PatternCard } from '../patterns'

/** What is wanted at one zone and who says so. Only explicit wishes grow. */
export interface Wish {
  zone: ZoneId
  want: Want
  join: Join
  shape: string | null
  explicit: boolean
  why: string
}

export type Wishes = Map<ZoneId, Wish>

/** Changes the wish of one zone. */
export function put(wishes: Wishes, zone: ZoneId, change: Partial<Wish>): void {
  const wish = wishes.get(zone)
  if (wish) wishes.set(zone, { ...wish, ...change })
}

/** A length keeps the hand's way where the pattern scissors or thins; elsewhere the clipper does it. */
export function lengthWant(pattern: Want, lengthMm: number): Want {
  return pattern.by === 'scissor' || pattern.by === 'thin' ? { by: pattern.by, lengthMm } : { by: 'clipper', lengthMm }
}

/** The zones a wish for a key reaches: armpit and belly follow a group only where the pattern names nothing closer. */
export function reached(key: ZoneKey, card: PatternCard, face: FaceStyle = card.face): ZoneId[] {
  return zonesCutBy(key, face).filter(
    (zone) => zone === key || !FOLLOWERS.includes(zone) || !card.lines.get(zone)?.named,
  )
}
