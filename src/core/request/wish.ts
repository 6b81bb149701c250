import type { Join, Want } from '../patterns'
import { FOLLOWERS, SIDES, zonesCutBy, type FaceStyle, type Side, type ZoneId, type ZoneKey } from '../zones'
import type { PatternCard } from '../patterns'

/** What is wanted at one zone, or one side of it, and who says so. Only explicit wishes grow. */
export interface Wish {
  zone: ZoneId
  /** Null where both sides are wanted the same. */
  side: Side | null
  want: Want
  join: Join
  shape: string | null
  explicit: boolean
  why: string
}

/** The wishes of a dog: one for each zone, or left and right where they are wanted apart. */
export type Wishes = Map<ZoneId, readonly Wish[]>

/** The wish that stands for a zone; its left one where the sides are apart. */
export const wishAt = (wishes: Wishes, zone: ZoneId): Wish | undefined => wishes.get(zone)?.[0]

/** Changes the wish of one zone on both sides. What is wanted there is wanted on both alike from then on. */
export function put(wishes: Wishes, zone: ZoneId, change: Partial<Omit<Wish, 'zone' | 'side'>>): void {
  const all = wishes.get(zone) ?? []
  const [first] = all
  if (first && change.want) wishes.set(zone, [{ ...first, ...change, side: null }])
  else
    wishes.set(
      zone,
      all.map((wish) => ({ ...wish, ...change })),
    )
}

/** Changes the wish of one side; the other side stays as it was. */
export function putSide(wishes: Wishes, zone: ZoneId, side: Side, change: Partial<Omit<Wish, 'zone' | 'side'>>): void {
  const all = wishes.get(zone) ?? []
  const at = (each: Side) => all.find((wish) => wish.side === each) ?? all[0]
  const both = SIDES.flatMap((each) => {
    const wish = at(each)
    return wish ? [{ ...wish, ...(each === side ? change : {}), side: each }] : []
  })
  wishes.set(zone, both)
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
