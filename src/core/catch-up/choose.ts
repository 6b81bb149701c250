import { CATCH_UP_FACTS, type CatchUp } from './options'

/** Minutes are counted in tenths. */
const TENTHS = 10

/**
 * Which of them to take: those that win the minutes at the least cost in finish; all of them where even that is not
 * enough. A 0-1 knapsack by dynamic programming over tenths of a minute (Bellman, 1957).
 */
export function chooseCatchUps(options: readonly CatchUp[], needMin: number): CatchUp[] {
  const need = Math.ceil(needMin * TENTHS)
  if (need <= 0) return []
  const winsOf = ({ savesMin }: CatchUp) => Math.round(savesMin * TENTHS)
  if (options.reduce((sum, option) => sum + winsOf(option), 0) < need) return [...options]
  /** The cheapest way to win at least so many tenths; null where there is none yet. */
  let best: ({ cost: number; taken: CatchUp[] } | null)[] = [
    { cost: 0, taken: [] },
    ...Array.from({ length: need }, () => null),
  ]
  for (const option of options) {
    best = best.map((known, tenths) => {
      const before = best[Math.max(0, tenths - winsOf(option))]
      if (tenths === 0 || !before) return known
      const cost = before.cost + CATCH_UP_FACTS[option.id].cost
      return known && known.cost <= cost ? known : { cost, taken: [...before.taken, option] }
    })
  }
  return best[need]?.taken ?? []
}
