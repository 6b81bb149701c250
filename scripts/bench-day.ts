import { HouseDay, keptDay, plannedDay, planDay, type DayPlan } from '@/core/day'
import { dayAim, RANK } from '@/core/day/judge'
import { searchDay } from '@/core/day/search'
import { minutesOf } from '@/core/people'
import { DAY_SIGMA } from '@/core/pace'
import { STAGE_SIGMA } from '@/core/time'
import { cutAt } from '../tests/day/cut'
import { madeDay } from '../tests/day/make'
import { heldShares } from '../tests/day/playApart'
import { FT06, FT06_EFFORT, FT10, FT10_EFFORT, LA01, LA01_EFFORT, solved } from '../tests/reference/shops'

const DAYS = 8
const PLAYED_DAYS = 2000
const percent = (share: number): string => (share * 100).toFixed(1).padStart(4)
const SIZES = [
  { dogs: 4, groomers: 1, bathers: 1 },
  { dogs: 8, groomers: 2, bathers: 1 },
  { dogs: 16, groomers: 3, bathers: 2 },
] as const
const SEEDS = Array.from({ length: DAYS }, (_, at) => at + 1)
/** When the made-up days are planned again. */
const AGAIN_AT = '11:00'

type Print = (line: string) => void

/** Machine shops, made-up days, and the same days planned again at a later hour. */
export function daysOnTheBench(print: Print): void {
  machineShops(print)
  for (const size of SIZES) madeDays(size, print)
  for (const dogs of [5, 16]) daysAgain({ ...SIZES[2], dogs }, print)
}

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length

/** Milliseconds of the processor: what else the machine does meanwhile is not counted. */
function timed<T>(work: () => T): [done: T, ms: number] {
  const from = process.cpuUsage()
  const done = work()
  const { user, system } = process.cpuUsage(from)
  return [done, (user + system) / 1000]
}

/** Instances of the literature through the search that plans dogs: the known best, ours, whether it is proved. */
function machineShops(print: Print): void {
  const shops = [
    // The largest first: as in a worker that has planned nothing else yet.
    { name: 'FT10', known: 930, jobs: FT10, effort: FT10_EFFORT, seeds: SEEDS },
    { name: 'FT06', known: 55, jobs: FT06, effort: FT06_EFFORT, seeds: [1] },
    { name: 'LA01', known: 666, jobs: LA01, effort: LA01_EFFORT, seeds: [1] },
  ]
  for (const { name, known, jobs, effort, seeds } of shops)
    for (const seed of seeds) {
      const [{ score, proved }, ms] = timed(() => solved(jobs, effort, seed))
      print(`${name} seed ${seed}: known ${known}, ours ${score[0]}${proved ? ', proved' : ''}, ${ms.toFixed(0)} ms`)
    }
}

/** How long a plan takes, how far above the bound the day ends, what is promised, and what holds when it is played apart. */
function madeDays(size: (typeof SIZES)[number], print: Print): void {
  const gaps = { plan: [] as number[], end: [] as number[] }
  for (const seed of SEEDS) {
    const day = HouseDay.parse(madeDay(seed, size))
    const [plan, ms] = timed(() => planDay(day))
    const firstMin = Math.min(...day.dogs.map(({ bring }) => minutesOf(bring)))
    const boundMin = minutesOf(plan.bound.at)
    const gap = (minutesOf(plan.end.at) - boundMin) / (boundMin - firstMin)
    // The other rules are kept at the end's cost, and the bound knows none of them: without them it tells the search itself.
    const alone = searchDay(day, undefined, undefined, undefined, (shop) => dayAim(shop, []))
    const gapAlone = ((alone.score[RANK.end] as number) - alone.boundMin) / (alone.boundMin - firstMin)
    gaps.plan.push(gap)
    gaps.end.push(gapAlone)
    const held = heldShares(day, plan, { stage: STAGE_SIGMA, day: DAY_SIGMA }, PLAYED_DAYS)
    print(
      `${String(size.dogs).padStart(2)} dogs, seed ${seed}: ends ${plan.end.at}, bound ${plan.bound.at}, gap ${percent(gap)} %, for the end alone ${percent(gapAlone)} %, ` +
        `${plan.proved ? 'proved, ' : ''}promises ${percent(mean(plan.dogs.map(({ chance }) => chance)))} %, hold ${percent(mean([...held.values()]))} %, ${rulesBroken(plan)}, ${ms.toFixed(0)} ms`,
    )
  }
  print(
    `${size.dogs} dogs: gap ${percent(mean(gaps.plan))} % on average, for the end alone ${percent(mean(gaps.end))} %`,
  )
}

const rulesBroken = ({ breaks }: DayPlan): string => breaks.map(({ rule }) => rule).join(' ') || 'all rules kept'

/** The plan that runs, moved on by what happened, and the day planned again from now. */
function daysAgain(size: { dogs: number; groomers: number; bathers: number }, print: Print): void {
  for (const seed of SEEDS) {
    const made = madeDay(seed, size)
    const plan = planDay(HouseDay.parse(made))
    const day = HouseDay.parse(cutAt(made, plan, AGAIN_AT))
    const [kept, keptMs] = timed(() => keptDay(day, plan))
    const [again, ms] = timed(() => plannedDay(day, undefined, plan))
    print(
      `${String(size.dogs).padStart(2)} dogs, seed ${seed}, from ${AGAIN_AT}: as it runs ${kept.plan.end.at} in ${keptMs.toFixed(0)} ms, again ${again.plan.end.at} in ${ms.toFixed(0)} ms`,
    )
  }
}
