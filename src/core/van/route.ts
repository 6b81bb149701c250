import type { PlacedStop, Route, Stop, VanDay } from './day'
import { compared, extended, home, keptAmong, startOf, type Label } from './label'

/** The best way to drive stops in a given order, its refills where they cost least; null when the tank is too small for a bath. */
export function inOrder(day: VanDay, order: readonly number[]): Label | null {
  let labels = [startOf(day)]
  for (const stop of order) {
    labels = labels.flatMap((label) => extended(day, label, stop)).reduce<Label[]>(keptAmong, [])
    if (labels.length === 0) return null
  }
  return bestHome(day, labels)
}

/** The best of several ways to have come to the end, driven home. */
export const bestHome = (day: VanDay, labels: readonly Label[]): Label | null =>
  labels
    .map((label) => home(day, label))
    .reduce<Label | null>((best, each) => (best === null || compared(each, best) < 0 ? each : best), null)

/** The stops of a way, from the first to the last. */
export function orderOf(label: Label): number[] {
  const order: number[] = []
  for (let at: Label | null = label; at !== null && at.stop >= 0; at = at.from) order.unshift(at.stop)
  return order
}

/** A way as a day with its times. */
export function routeOf(day: VanDay, end: Label): Route {
  const stops: PlacedStop[] = []
  for (let at: Label | null = end; at !== null && at.stop >= 0; at = at.from)
    stops.unshift(placed(day, at, at.from as Label))
  const { broken, lateMin, clockMin } = end
  return { stops, broken, lateMin, driveMin: oneDecimal(end.driveMin), km: oneDecimal(end.km), homeMin: clockMin }
}

function placed(day: VanDay, at: Label, before: Label): PlacedStop {
  const { id, stayMin, untilMin } = day.stops[at.stop] as Stop
  const doneMin = at.beginMin + stayMin
  // The last one carries the way home besides: what is its own is taken from the way there.
  const [driveMin, km] = legsTo(day, at, before)
  return {
    id,
    arriveMin: at.arriveMin,
    beginMin: at.beginMin,
    doneMin,
    leaveMin: doneMin + day.packMin,
    lateMin: Math.max(0, doneMin - untilMin),
    driveMin: oneDecimal(driveMin),
    km: oneDecimal(km),
    refillBefore: at.refillBefore,
    tankAfterLitres: at.tankLitres,
  }
}

function legsTo(day: VanDay, at: Label, before: Label): [driveMin: number, km: number] {
  const again = extended(day, before, at.stop).find(({ refillBefore }) => refillBefore === at.refillBefore)
  return again ? [again.driveMin - before.driveMin, again.km - before.km] : [0, 0]
}

const oneDecimal = (value: number): number => Math.round(value * 10) / 10
