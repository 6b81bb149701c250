import type { LastEntry } from '../request'
import { SIDES, isPaired, sidesOf, type ZoneId } from '../zones'

/** What an eye at two metres lets pass: a share of the length, within bounds, mm. Source: common practice. */
const EYE_SHARE = 0.1
const EYE_LEAST_MM = 1
const EYE_MOST_MM = 3

/** How much a zone shows: those that carry the likeness fully, hidden ones hardly. Source: common practice; figures from memory. */
const SHOWS_MOST = 1
const SHOWS = 0.5
const HIDDEN = 0.15
const MOST: readonly ZoneId[] = [
  'visor',
  'brow',
  'skull',
  'muzzle',
  'chin',
  'cheek',
  'ear-out',
  'ear-edge',
  'neck',
  'back',
  'rump',
  'foreleg',
  'thigh',
  'stifle',
  'hock',
]
const LEAST: readonly ZoneId[] = ['armpit', 'belly', 'sanitary', 'leg-inside', 'pads', 'ear-in', 'ear-canal']

const showOf = (zone: ZoneId): number => (MOST.includes(zone) ? SHOWS_MOST : LEAST.includes(zone) ? HIDDEN : SHOWS)

/** What the eye lets pass at a length, mm. */
const toleranceMm = (lengthMm: number): number => Math.min(EYE_MOST_MM, Math.max(EYE_LEAST_MM, lengthMm * EYE_SHARE))

/** Points that a zone which shows fully loses for each tolerance beyond the first: a careful owner sees it. Source: from memory. */
const POINTS = 10

/**
 * How close one trim came to another, 0 to 100, as a person two metres away would see it: 100 nobody could tell, 90 a
 * careful owner could, under 75 anyone would. The worst zone decides most: one ear off is seen, however many zones are
 * right. Null when they share no zone that was cut.
 * @example one ear 6 mm off on 40 mm, all else the same: 90
 */
export function repeatScore(wanted: readonly LastEntry[], cut: readonly LastEntry[]): number | null {
  const [asked, done] = [sidesOf(wanted), sidesOf(cut)]
  let [compared, squares] = [0, 0]
  for (const [zone, want] of asked) {
    const is = done.get(zone)
    if (!is) continue
    for (const side of isPaired(zone) ? SIDES : (['left'] as const)) {
      if (want[side].method === 'leave') continue
      const offMm = Math.abs(is[side].lengthMm - want[side].lengthMm)
      const beyond = Math.max(0, offMm / toleranceMm(want[side].lengthMm) - 1)
      squares += (POINTS * showOf(zone) * beyond) ** 2
      compared += 1
    }
  }
  return compared === 0 ? null : Math.round(Math.max(0, 100 - Math.sqrt(squares)))
}
