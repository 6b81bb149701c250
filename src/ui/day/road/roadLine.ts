import type { DayPlan } from '@/core/day'
import { minutesOf } from '@/core/people'

/** A stop as it is drawn. Minutes of the day. */
export interface DrawnStop {
  dogs: string[]
  arriveMin: number
  leaveMin: number
  driveMin: number
  km: number
  litres: number
  /** Where the tank is filled on the way, and when. */
  refill: { id: string; fromMin: number; toMin: number } | null
}

export function drawnStops(plan: DayPlan, departMin: number, refillMin: number): DrawnStop[] {
  let leftMin = departMin
  return plan.stops.map(({ dogs, arrive, leave, driveMin, km, tankAfterLitres, refillBefore }) => {
    const [arriveMin, leaveMin] = [minutesOf(arrive), minutesOf(leave)]
    // Where on the way the place lies is told by the sketch; on the line it stands in the middle.
    const middle = (Math.max(leftMin, arriveMin - driveMin - refillMin) + arriveMin - refillMin) / 2
    const refill = refillBefore === null ? null : { id: refillBefore, fromMin: middle, toMin: middle + refillMin }
    leftMin = leaveMin
    return { dogs, arriveMin, leaveMin, driveMin, km, litres: tankAfterLitres, refill }
  })
}

/** So high is a minute, px, and so high is a way at the least: its words need the room. */
const PX_PER_MIN = 1.25
const LEAST_WAY_PX = 28
/** Under the word of the base there is room for the first way. */
const FIRST_WAY_PX = 48
const LEAST_FILL_PX = 40
const TOP_PX = 24

/** Where a minute of the day stands on the line, px: to scale, but for ways that are shorter than their words. */
export function heightOf(stops: readonly DrawnStop[], departMin: number, homeMin: number): (min: number) => number {
  const marks = [{ min: departMin, px: TOP_PX }]
  const go = (min: number, leastPx: number) => {
    const last = marks.at(-1) as { min: number; px: number }
    marks.push({ min, px: last.px + Math.max(leastPx, (min - last.min) * PX_PER_MIN) })
  }
  for (const [at, { arriveMin, leaveMin, refill }] of stops.entries()) {
    if (refill) {
      go(refill.fromMin, 4)
      go(refill.toMin, LEAST_FILL_PX)
    }
    go(arriveMin, at === 0 ? FIRST_WAY_PX : LEAST_WAY_PX)
    go(leaveMin, 0)
  }
  go(homeMin, LEAST_WAY_PX)
  return (min) => {
    const at = marks.findIndex((mark, number) => number > 0 && mark.min >= min)
    const [a, b] = at < 0 ? marks.slice(-2) : [marks[at - 1], marks[at]]
    if (!a || !b) return TOP_PX
    return a.px + ((min - a.min) / Math.max(1e-6, b.min - a.min)) * (b.px - a.px)
  }
}

/** What is in the tank through the day: it falls while a dog is bathed and rises where it is filled. */
export function tankEdge(
  stops: readonly DrawnStop[],
  { departMin, homeMin, tankLitres }: { departMin: number; homeMin: number; tankLitres: number },
): { min: number; litres: number }[] {
  const edge = [{ min: departMin, litres: tankLitres }]
  for (const { refill, arriveMin, leaveMin, litres } of stops) {
    const before = edge.at(-1)?.litres ?? tankLitres
    if (refill) edge.push({ min: refill.fromMin, litres: before }, { min: refill.toMin, litres: tankLitres })
    edge.push({ min: arriveMin, litres: refill ? tankLitres : before }, { min: leaveMin, litres })
  }
  return [...edge, { min: homeMin, litres: edge.at(-1)?.litres ?? tankLitres }]
}
