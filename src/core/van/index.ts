import type { Route, VanDay } from './day'
import { leastDriveMin } from './bound'
import { bestOrder } from './heldKarp'
import { goodOrder, withOthers } from './insertion'
import { inOrder, routeOf } from './route'

export { PACK_MIN, REFILL_MIN, SET_UP_MIN, TANK_LITRES } from './day'
export type { PlacedStop, Route, Stop, VanDay } from './day'
export { madeUpSpot, NOWHERE, spotOf, SpotText } from './spot'
export { ROAD_FACTOR, SPEED_KMH, straightKm, waysBySpot, waysByTable } from './ways'
export type { Spot, Way, Ways } from './ways'

/** Up to so many stops every order is weighed. */
export const EXACT_UP_TO = 9

export interface PlannedRoute extends Route {
  /** No order breaks fewer promises, is less late, or drives less. */
  proved: boolean
  /** No order drives less than this, minutes. */
  boundDriveMin: number
}

/**
 * The order of a van's stops with their times and refills: fewest promises broken, then least late, then least driving, then
 * earliest home. Exact up to nine stops.
 * @returns null when one bath needs more than the tank holds
 */
export function planRoute(day: VanDay, exactUpTo = EXACT_UP_TO): PlannedRoute | null {
  const proved = day.stops.length <= exactUpTo
  const end = proved ? bestOrder(day) : goodOrder(day)
  if (end === null) return null
  const route = routeOf(day, end)
  return { ...route, proved, boundDriveMin: proved && route.broken === 0 ? route.driveMin : leastDriveMin(day) }
}

/**
 * Stops in an order that somebody wants; those that it does not name come where they cost least.
 * @param wanted ids of stops; those that are not there are passed over
 * @returns null when one bath needs more than the tank holds
 */
export function routeBy(day: VanDay, wanted: readonly string[]): PlannedRoute | null {
  const order = wanted.map((id) => day.stops.findIndex((stop) => stop.id === id)).filter((stop) => stop >= 0)
  const end = withOthers(day, order)
  return end && { ...routeOf(day, end), proved: false, boundDriveMin: leastDriveMin(day) }
}

/** The same stops in the same order with a rest after one of them; null when that cannot be driven. */
export function routeWithRest(day: VanDay, route: Route, after: string, min: number): Route | null {
  const rested = { ...day, rest: { after, min } }
  const order = route.stops.map(({ id }) => day.stops.findIndex((stop) => stop.id === id))
  const end = inOrder(rested, order)
  return end === null ? null : routeOf(rested, end)
}
