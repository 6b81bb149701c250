import type { LastEntry } from '../request'
import { groupOf, type GroupId, type ZoneId } from '../zones'

/** How far a cut may lie from another and still be the same to the eye: share of its length, and at least so much, mm. Source: from memory. */
const SHARE = 0.1
const LEAST_MM: Record<GroupId, number> = { head: 1, body: 2, legs: 2, feet: 1, tail: 3 }
/** So many tolerances away nothing of it is repeated. Source: from memory. */
const NOTHING_AT = 4

const toleranceMm = (zone: ZoneId, lengthMm: number): number => Math.max(LEAST_MM[groupOf(zone)], lengthMm * SHARE)

/**
 * How close one trim came to another, 0 to 100: each zone by how many of its tolerances it lies away, the zones that
 * bear least counting most. Null when they share no zone that was cut.
 */
export function repeatScore(wanted: readonly LastEntry[], cut: readonly LastEntry[]): number | null {
  let [sum, weights] = [0, 0]
  for (const { zone, side, lengthMm, method } of wanted) {
    const there = cut.filter((each) => each.zone === zone && (!side || !each.side || each.side === side))
    if (method === 'leave' || there.length === 0) continue
    const tolerance = toleranceMm(zone, lengthMm)
    const furthest = Math.max(...there.map((each) => Math.abs(each.lengthMm - lengthMm)))
    const beyond = Math.max(0, furthest - tolerance) / (tolerance * NOTHING_AT)
    sum += Math.max(0, 1 - beyond) / tolerance
    weights += 1 / tolerance
  }
  return weights === 0 ? null : Math.round((100 * sum) / weights)
}
