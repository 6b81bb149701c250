import { HouseDay, planDay } from '@/core/day'
import { minutesOf } from '@/core/people'
import { madeDay } from '../tests/day/make'

const DAYS = 8
const SIZES = [
  { dogs: 4, groomers: 1, bathers: 1 },
  { dogs: 8, groomers: 2, bathers: 1 },
  { dogs: 16, groomers: 3, bathers: 2 },
] as const

/** Plans made-up days: how long it takes, how far above the bound the day ends, and what is promised. */
export function madeDays(print: (line: string) => void): void {
  for (const size of SIZES)
    for (let seed = 1; seed <= DAYS; seed++) {
      const day = HouseDay.parse(madeDay(seed, size))
      const from = performance.now()
      const { end, bound, proved, dogs, breaks } = planDay(day)
      const ms = performance.now() - from
      const firstMin = Math.min(...day.dogs.map(({ bring }) => minutesOf(bring)))
      const gap = (minutesOf(end.at) - minutesOf(bound.at)) / (minutesOf(bound.at) - firstMin)
      const least = Math.min(...dogs.map(({ chance }) => chance))
      print(
        `${String(size.dogs).padStart(2)} dogs, seed ${seed}: ends ${end.at}, bound ${bound.at}, gap ${(gap * 100).toFixed(1).padStart(4)} %, ` +
          `${proved ? 'proved, ' : ''}least chance ${(least * 100).toFixed(0)} %, ${breaks.map(({ rule }) => rule).join(' ') || 'all rules kept'}, ${ms.toFixed(0)} ms`,
      )
    }
}
