import { HouseDay, planDay } from '@/core/day'
import { minutesOf } from '@/core/people'
import { DAY_SIGMA } from '@/core/pace'
import { STAGE_SIGMA } from '@/core/time'
import { madeDay } from '../tests/day/make'
import { heldShares } from '../tests/day/playApart'

const DAYS = 8
const PLAYED_DAYS = 2000
const percent = (share: number): string => (share * 100).toFixed(1)
const SIZES = [
  { dogs: 4, groomers: 1, bathers: 1 },
  { dogs: 8, groomers: 2, bathers: 1 },
  { dogs: 16, groomers: 3, bathers: 2 },
] as const

/** Plans made-up days: how long it takes, how far above the bound the day ends, what is promised, and what holds when the day is played apart. */
export function madeDays(print: (line: string) => void): void {
  for (const size of SIZES)
    for (let seed = 1; seed <= DAYS; seed++) {
      const day = HouseDay.parse(madeDay(seed, size))
      const from = performance.now()
      const plan = planDay(day)
      const { end, bound, proved, dogs, breaks } = plan
      const ms = performance.now() - from
      const firstMin = Math.min(...day.dogs.map(({ bring }) => minutesOf(bring)))
      const gap = (minutesOf(end.at) - minutesOf(bound.at)) / (minutesOf(bound.at) - firstMin)
      const held = heldShares(day, plan, { stage: STAGE_SIGMA, day: DAY_SIGMA }, PLAYED_DAYS)
      const mean = (shares: readonly number[]) => shares.reduce((sum, share) => sum + share, 0) / shares.length
      const promised = mean(dogs.map(({ chance }) => chance))
      print(
        `${String(size.dogs).padStart(2)} dogs, seed ${seed}: ends ${end.at}, bound ${bound.at}, gap ${(gap * 100).toFixed(1).padStart(4)} %, ` +
          `${proved ? 'proved, ' : ''}promises ${percent(promised)} %, hold ${percent(mean([...held.values()]))} %, ${breaks.map(({ rule }) => rule).join(' ') || 'all rules kept'}, ${ms.toFixed(0)} ms`,
      )
    }
}
