import { minutesOf } from '../people'
import type { HouseDay } from './day'
import type { DayPlan } from './dayPlan'

/** A dog in a place, until it is seen in another. */
export interface Stay {
  dog: string
  station: string
  fromMin: number
  toMin: number
}

/** Where every dog stands through a day, what happened and what is planned: a dog holds its place until it is in another. */
export function staysOf(day: HouseDay, plan: DayPlan): Stay[] {
  return day.dogs.flatMap(({ id }) => {
    const over = day.happened.filter((row) => row.dog === id && row.to !== null)
    const rows = [
      ...over.map(({ station, from, to }) => ({ station, fromMin: minutesOf(from), toMin: minutesOf(to as string) })),
      ...plan.work
        .filter(({ dog, kind }) => dog === id && kind !== 'holds')
        .map(({ station, from, to }) => ({ station, fromMin: minutesOf(from), toMin: minutesOf(to) })),
    ].sort((a, b) => a.fromMin - b.fromMin || a.toMin - b.toMin)
    const stays: Stay[] = []
    for (const { station, fromMin, toMin } of rows) {
      const last = stays.at(-1)
      const here = station === null || station === last?.station
      if (last) last.toMin = here ? Math.max(last.toMin, toMin) : Math.min(Math.max(last.toMin, fromMin), fromMin)
      if (!here && station !== null) stays.push({ dog: id, station, fromMin, toMin })
    }
    return stays.filter((stay) => stay.toMin > stay.fromMin)
  })
}
