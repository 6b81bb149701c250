import { keptDay, plannedDay, type DayPlan, type HouseDay, type PlannedDay } from '@/core/day'

/** What is to be planned; beside it the plan that was taken, and a place in shared memory where a stop is said. */
export interface DayAsked {
  day: HouseDay
  taken: DayPlan | null
  stop: Int32Array | null
}

/** What the worker tells: the plan that was taken as it runs, how far it is, and then the plan found anew. */
export type Told = { kept: PlannedDay } | { share: number } | { planned: PlannedDay }

const tell = (told: Told) => postMessage(told)

addEventListener('message', ({ data: { day, taken, stop } }: MessageEvent<DayAsked>) => {
  if (taken !== null) tell({ kept: keptDay(day, taken) })
  tell({
    planned: plannedDay(
      day,
      (share) => {
        tell({ share })
        return stop !== null && Atomics.load(stop, 0) !== 0
      },
      taken ?? undefined,
    ),
  })
})
