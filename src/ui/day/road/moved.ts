import type { DayPlan, HouseDay } from '@/core/day'

/** A plan whose stop comes one earlier or later: its order is what is wanted, its times are to be planned. */
export function moved(plan: DayPlan, at: number, by: -1 | 1): DayPlan {
  const stop = plan.stops[at]
  return stop ? { ...plan, stops: plan.stops.toSpliced(at, 1).toSpliced(at + by, 0, stop) } : plan
}

/** Where the van stands, or has been, nothing is moved any more. */
export const mayMove = ({ stops }: DayPlan, { happened }: HouseDay, at: number, by: -1 | 1): boolean =>
  [at, at + by].every((place) => {
    const stop = stops[place]
    return stop !== undefined && !happened.some(({ dog }) => stop.dogs.includes(dog))
  })
