import { plannedDay, type HouseDay, type PlannedDay } from '@/core/day'

/** What the worker tells: how far it is, and then the plan. */
export type Told = { share: number } | { planned: PlannedDay }

const tell = (told: Told) => postMessage(told)

addEventListener('message', ({ data }: MessageEvent<HouseDay>) =>
  tell({
    planned: plannedDay(data, (share) => {
      tell({ share })
      return false
    }),
  }),
)
