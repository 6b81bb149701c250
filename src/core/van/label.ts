import type { Stop, VanDay } from './day'

/**
 * How far a van has come, by the cheapest ways known: what was broken, late and driven, the clock and the tank. One of a
 * chain back to the start.
 */
export interface Label {
  /** Index of the stop it stands at; -1 is the start. */
  stop: number
  from: Label | null
  broken: number
  lateMin: number
  driveMin: number
  km: number
  clockMin: number
  tankLitres: number
  refillBefore: string | null
  arriveMin: number
  beginMin: number
}

const START = -1

export const startOf = ({ departMin, tankLitres, litres = tankLitres }: VanDay): Label => ({
  stop: START,
  from: null,
  broken: 0,
  lateMin: 0,
  driveMin: 0,
  km: 0,
  clockMin: departMin,
  tankLitres: litres,
  refillBefore: null,
  arriveMin: departMin,
  beginMin: departMin,
})

export const placeOf = (day: VanDay, stop: number): string =>
  stop === START ? (day.at ?? day.base) : (day.stops[stop] as Stop).id

/** Drives on to a stop, straight or over each place that fills the tank; never to a bath that the tank cannot rinse. */
export function extended(day: VanDay, label: Label, stop: number): Label[] {
  const { litres } = day.stops[stop] as Stop
  const straight = label.tankLitres >= litres ? [arrived(day, label, stop, null)] : []
  if (day.tankLitres < litres || label.tankLitres === day.tankLitres) return straight
  return [...straight, ...[day.base, ...day.refills].map((refill) => arrived(day, label, stop, refill))]
}

function arrived(day: VanDay, label: Label, stop: number, refill: string | null): Label {
  const { id, stayMin, fromMin, untilMin, litres } = day.stops[stop] as Stop
  const here = placeOf(day, label.stop)
  const legs = refill === null ? [day.ways(here, id)] : [day.ways(here, refill), day.ways(refill, id)]
  const driveMin = legs.reduce((sum, way) => sum + way.driveMin, 0)
  const onTheRoadMin = legs.reduce((sum, way) => sum + Math.ceil(way.driveMin), refill === null ? 0 : day.refillMin)
  const restMin = day.rest?.after === here ? day.rest.min : 0
  const arriveMin = label.clockMin + restMin + onTheRoadMin
  const beginMin = Math.max(arriveMin + day.setUpMin, fromMin)
  const doneMin = beginMin + stayMin
  const lateMin = Math.max(0, doneMin - untilMin)
  return {
    stop,
    from: label,
    broken: label.broken + (lateMin > 0 ? 1 : 0),
    lateMin: label.lateMin + lateMin,
    driveMin: label.driveMin + driveMin,
    km: label.km + legs.reduce((sum, way) => sum + way.km, 0),
    clockMin: doneMin + day.packMin,
    tankLitres: (refill === null ? label.tankLitres : day.tankLitres) - litres,
    refillBefore: refill,
    arriveMin,
    beginMin,
  }
}

/** Drives home from where it is. */
export function home(day: VanDay, label: Label): Label {
  const way = day.ways(placeOf(day, label.stop), day.base)
  const clockMin = label.clockMin + Math.ceil(way.driveMin)
  return { ...label, driveMin: label.driveMin + way.driveMin, km: label.km + way.km, clockMin }
}

/** Minutes of driving are sums of tenths. */
const SAME_MIN = 1e-6

/** Fewest promises broken, then least late, then least driving, then earliest home: below 0 when a is better. */
export function compared(a: Label, b: Label): number {
  const driving = a.driveMin - b.driveMin
  return (
    a.broken - b.broken ||
    a.lateMin - b.lateMin ||
    (Math.abs(driving) < SAME_MIN ? 0 : driving) ||
    a.clockMin - b.clockMin
  )
}

/** Whether nothing that follows can make the second better than the first. */
export const dominates = (a: Label, b: Label): boolean =>
  a.broken <= b.broken &&
  a.lateMin <= b.lateMin &&
  a.driveMin <= b.driveMin + SAME_MIN &&
  a.clockMin <= b.clockMin &&
  a.tankLitres >= b.tankLitres

/** Puts a label among others of one place, unless one of them is as good; those that it beats go. */
export function keptAmong(labels: Label[], label: Label): Label[] {
  if (labels.some((other) => dominates(other, label))) return labels
  return [...labels.filter((other) => !dominates(label, other)), label]
}
