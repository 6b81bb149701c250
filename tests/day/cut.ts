import type { DayPlan, HouseDay } from '@/core/day'
import type { z } from 'zod'

type Input = z.input<typeof HouseDay>

/** A day as it stands at a minute of its own plan: what the plan had by then has happened, or is under way. */
export function cutAt(day: Input, plan: DayPlan, now: string): Input {
  const rows = plan.work.filter(({ from, kind, stage }) => {
    const inHands = kind === 'hands' || (kind === 'wait' && (stage === null || stage === 'dry'))
    return from < now && inHands
  })
  return {
    ...day,
    now,
    happened: rows
      .filter(({ kind, stage, station }) => kind === 'hands' || stage === null || station?.startsWith('cabinet'))
      .map(({ dog, stage, person, station, from, to }) => ({
        dog,
        stage,
        person,
        station,
        from,
        to: to <= now ? to : null,
      })),
  }
}
