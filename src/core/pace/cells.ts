/** What was seen of one effect: a weighted count, the sum of what it left unexplained, and the day of the last look. */
export interface Cell {
  n: number
  sum: number
  /** Days since 1970. */
  day: number
}

/** All that the model knows, by the name of the effect. Only what a dog's groom touches need be there. */
export type Cells = Map<string, Cell>

const NOTHING: Cell = { n: 0, sum: 0, day: 0 }
/** What is this old counts half, days. Source: from memory. */
const HALF_LIFE_DAYS = 540

/** A cell as it counts on a day: newer visits weigh more. */
export function cellOn(cells: Cells, key: string, day: number): Cell {
  const cell = cells.get(key) ?? NOTHING
  const age = Math.max(0, day - cell.day)
  const keeps = cell.n === 0 || age === 0 ? 1 : 2 ** (-age / HALF_LIFE_DAYS)
  return { n: cell.n * keeps, sum: cell.sum * keeps, day }
}

/** Adds one look at an effect. */
export function look(cells: Cells, key: string, day: number, value: number, weight = 1): void {
  const { n, sum } = cellOn(cells, key, day)
  cells.set(key, { n: n + weight, sum: sum + weight * value, day })
}

/**
 * The normal-normal shrinkage of a mean toward 0: sum / (n + k) with k = (variance of one look) / (variance between).
 * Published: any text on Bayesian statistics, e.g. Gelman et al., Bayesian Data Analysis, 2.5.
 */
export function shrunk({ n, sum }: Cell, lookVar: number, betweenVar: number): { mean: number; variance: number } {
  const k = lookVar / betweenVar
  return { mean: sum / (n + k), variance: lookVar / (n + k) }
}
