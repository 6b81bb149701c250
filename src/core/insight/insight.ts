import { FAMILIES, type Family, type StageId } from '../stages'
import { addSums, emptySums, type GroomSums } from './sums'

/** Grooms of one coat, groomer or pattern: how many, and their minutes together. */
export interface Group {
  name: string
  count: number
  doneMin: number
}

/** What some grooms come to. */
export interface Summed {
  /** By calendar month, `2026-11`, or by year. */
  months: readonly { month: string; sums: GroomSums }[]
  coats: readonly Group[]
  groomers: readonly Group[]
}

/** Minutes of a groom on average, from its first stage to its end. */
export interface Average {
  name: string
  minutes: number
  count: number
}

export interface Kept {
  kept: number
  count: number
}

export interface Insight {
  grooms: number
  byFamily: { family: Family; plannedMin: number; doneMin: number }[]
  byCoat: Average[]
  byGroomer: Average[]
  /** Of all promises of nine in ten, how many held. */
  ninety: Kept
  /** Promises by tenth of the chance that was said. */
  tenths: { said: number; kept: number; count: number }[]
  /** How much longer than planned a stage takes, % of plan; the furthest first. */
  bias: { stage: StageId; percent: number; count: number }[]
  months: { month: string; slotsKept: number; repeat: number | null; worstGrade: number | null; count: number }[]
}

/** Fewer looks than this are chance, and left out. */
const FEWEST = 3

/** What many grooms tell together. */
export function insightOf({ months, coats, groomers }: Summed): Insight {
  const all = emptySums()
  for (const { sums } of months) addSums(all, sums)
  return {
    grooms: all.count,
    byFamily: FAMILIES.map((family) => {
      const [planned, done] = all.families[family] ?? [0, 0]
      const grooms = Math.max(1, all.count)
      return { family, plannedMin: planned / grooms, doneMin: done / grooms }
    }),
    byCoat: averagesOf(coats),
    byGroomer: averagesOf(groomers),
    ninety: { kept: all.ninetyKept, count: all.count },
    tenths: Object.entries(all.tenths)
      .sort(([a], [b]) => Number(a) - Number(b))
      .filter(([, [, , count]]) => count >= FEWEST)
      .map(([, [said, kept, count]]) => ({ said: said / count, kept: kept / count, count })),
    bias: biasOf(all.stages),
    months: [...months]
      .sort((a, b) => a.month.localeCompare(b.month))
      .map(({ month, sums: { count, slotsKept, repeat, worstGrade } }) => ({
        month,
        count,
        slotsKept: slotsKept / count,
        repeat: meanOf(repeat),
        worstGrade: meanOf(worstGrade),
      })),
  }
}

/** Minutes of a groom by name, the longest first. */
export const averagesOf = (groups: readonly Group[]): Average[] =>
  groups
    .filter(({ count }) => count > 0)
    .map(({ name, doneMin, count }) => ({ name, minutes: Math.round(doneMin / count), count }))
    .sort((a, b) => b.minutes - a.minutes)

const meanOf = ([sum, count]: readonly [number, number]): number | null => (count === 0 ? null : sum / count)

/** Geometric means, so that twice and half as long even out. */
const biasOf = (stages: GroomSums['stages']): Insight['bias'] =>
  (Object.entries(stages) as [StageId, readonly [number, number]][])
    .filter(([, [, count]]) => count >= FEWEST)
    .map(([stage, [logs, count]]) => ({ stage, percent: Math.round((Math.exp(logs / count) - 1) * 100), count }))
    .sort((a, b) => Math.abs(b.percent) - Math.abs(a.percent))
